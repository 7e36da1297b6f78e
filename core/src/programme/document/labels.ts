/**
 * Names that are made of parts, each with its one writer and its one reader: blocks of a month, ways in which a block is laid, pieces of a plan. They are
 * data, kept with the ticks of a cutting place, and the same in every language.
 */
import { partName } from '../../setting';

/** A month's block, as a setting names it: 'm1:cold-frame'; 'm2:' for one that is not drawn yet. */
export const setBlockKey = (month: string, entry = ''): string => `${month}:${entry}`;

/** The month of such a block. */
export const monthOfSetBlock = (key: string): string => key.slice(0, key.indexOf(':'));

/** A block that is laid in several ways, or for a larger size: 'cold-frame#2', 'cold-frame#double-bed.2'. */
export const laidKey = (key: string, number: number, size?: string): string => `${key}#${size ? `${size}.` : ''}${number}`;

/** What such a key is of, and which way it is; `way` is undefined for a block that is laid in one. */
export function readLaidKey(key: string): { block: string; way?: string } {
  const [block, way] = key.split('#') as [string, string?];
  return { block, ...(way !== undefined && { way }) };
}

/** What stands for a block in the labels of what is cut for pools of units: 'm1:#pool:Ca1'. No block is called so. */
export const poolKey = (size?: string): string => (size ? `#pool.${size}` : '#pool');
export const isPoolKey = (key: string): boolean => key.startsWith(poolKey());

/** What stands for a block in the labels of the quilt's parts. */
export const QUILT = 'quilt';

export interface PieceLabel {
  /** Its month's id; undefined for a part of the quilt that is cut whatever the months. */
  month?: string;
  /** The block's key, QUILT, or a pool's key. */
  of: string;
  /** The cut: 'A1'; of the quilt, the part: 'side border'. */
  cut: string;
  /** Where one part has several sizes, this one's: '2 1/2x60'. */
  size?: string;
}

/** 'm1:cold-frame:A1', 'm12:quilt:side border@2 1/2x60', 'quilt:binding'. */
export const pieceLabel = ({ month, of, cut, size }: PieceLabel): string =>
  `${month === undefined ? '' : `${month}:`}${of}:${cut}${size ? `@${size}` : ''}`;

/** The parts of a piece's label. */
export function readPieceLabel(label: string): PieceLabel {
  const parts = label.split(':');
  const [cut, size] = parts.at(-1)!.split('@') as [string, string?];
  return { ...(parts.length > 2 && { month: parts[0]! }), of: parts.at(-2)!, cut, ...(size !== undefined && { size }) };
}

/** What a piece is called by itself, for whoever cuts it: 'A1', 'side border 2 1/2 × 60'. */
export function pieceTitle(label: string): string {
  const { of, cut, size } = readPieceLabel(label);
  const name = of === QUILT ? partName(cut) : cut;
  return size ? `${name} ${size.replace('x', ' × ')}` : name;
}
