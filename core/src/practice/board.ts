/**
 * A layout to be laid out on screen: places, pieces in a tray, and what lies where. A board never changes: each deed makes a new one. Whatever looks the same is the same:
 * like units may change places, and a unit that looks the same turned may lie so.
 */
import type { ExpectedUnit, Layout, Lie } from '../eye';
import type { SlipKind } from '../construction';
import { faceOf, faceText, mirroredFace, swappedFace, turnedFace, turnless, type Face, type FabricOf } from './face';

/** A slip that was made: the unit's name (a row and a plain patch have none) and its kind. */
export interface MadeSlip {
  unit: string;
  kind: SlipKind;
}

export interface Piece {
  /** The place, by number, that it was made for. */
  unit: number;
  /** Its mirror image, or with two fabrics in each other's place. */
  mirrored?: boolean;
  swapped?: readonly [string, string];
}

/** A piece, by number, and by how many quarters clockwise it is turned from how its own place shows it. */
export interface Lain {
  piece: number;
  quarters: number;
}

export interface Board {
  layout: Layout;
  fabricOf: FabricOf;
  /** The places that are to be laid; all others lie as they should. */
  open: readonly number[];
  pieces: readonly Piece[];
  /** How each piece lies in the tray. */
  dealt: readonly number[];
  /** Pieces that look alike, however they are turned, in the order in which they are taken. */
  stacks: readonly (readonly number[])[];
  /** By place. */
  lain: ReadonlyMap<number, Lain>;
}

/** What lies in a place, as the eye tells it; or its two fabrics have changed places, or what lies there belongs nowhere. */
export type PlaceLie =
  Exclude<Lie, { kind: 'fabric' }> | { kind: 'fabrics'; roles: readonly [string, string] } | { kind: 'stray' };

/** The right side of a piece that is turned so. */
export function faceOfPiece({ layout, pieces }: Board, { piece, quarters }: Lain): Face {
  const { unit, mirrored, swapped } = pieces[piece]!;
  const own = faceOf(layout.units[unit]!);
  const made = swapped ? swappedFace(own, swapped) : own;
  return turnedFace(mirrored ? mirroredFace(made) : made, quarters);
}

/** Pieces of a stack that are still in the tray, the uppermost first. */
export function inTray({ stacks, lain }: Board, stack: number): number[] {
  const out = new Set([...lain.values()].map(({ piece }) => piece));
  return stacks[stack]!.filter((piece) => !out.has(piece));
}

/** Whether nothing that is to be laid is empty. */
export const isFull = ({ open, lain }: Board): boolean => open.every((place) => lain.has(place));

/** A piece as it lies when it is put into a place: turned on by a quarter where it would stick out. Undefined where it does not fit at all. */
export function fitted(board: Board, place: number, { piece, quarters }: Lain): Lain | undefined {
  const { w, h } = board.layout.units[place]!;
  const fits = (face: Face) => Math.abs(face.w - w) < NEAR && Math.abs(face.h - h) < NEAR;
  return [quarters, (quarters + 1) % 4].map((q) => ({ piece, quarters: q })).find((lain) => fits(faceOfPiece(board, lain)));
}

const NEAR = 1e-6;

/** The board with a piece in a place. What lay there goes to where the piece comes from: another place, or the tray. The board itself where the piece does not fit. */
export function laid(board: Board, place: number, piece: number): Board {
  const from = [...board.lain].find(([, lain]) => lain.piece === piece)?.[0];
  const put = fitted(board, place, {
    piece,
    quarters: from === undefined ? board.dealt[piece]! : board.lain.get(from)!.quarters,
  });
  if (!put || !board.open.includes(place) || from === place) return board;
  const lain = new Map(board.lain);
  const before = lain.get(place);
  if (from !== undefined) lain.delete(from);
  const back = before && from !== undefined ? fitted(board, from, before) : undefined;
  if (back) lain.set(from!, back);
  lain.set(place, put);
  return { ...board, lain };
}

/** The board with what lies in a place turned clockwise: by a quarter, or half way round where only that fits. */
export function turned(board: Board, place: number): Board {
  const lies = board.lain.get(place);
  if (!lies) return board;
  const { w, h } = board.layout.units[place]!;
  const quarters = (lies.quarters + (Math.abs(w - h) < NEAR ? 1 : 2)) % 4;
  return { ...board, lain: new Map(board.lain).set(place, { ...lies, quarters }) };
}

/** The board with a place emptied: what lay there is in the tray again. */
export function takenUp(board: Board, place: number): Board {
  if (!board.lain.has(place)) return board;
  const lain = new Map(board.lain);
  lain.delete(place);
  return { ...board, lain };
}

/** What lies in each open place. Two that lie right but for having changed places are told as that. */
export function lies(board: Board): Map<number, PlaceLie> {
  const { layout, open, lain, fabricOf } = board;
  const text = (face: Face) => faceText(face, fabricOf);
  const right = new Map(open.map((place) => [place, text(faceOf(layout.units[place]!))]));
  const shown = new Map([...lain].map(([place, lies]) => [place, text(faceOfPiece(board, lies))]));
  const told = new Map(open.map((place): [number, PlaceLie] => [place, lieIn(board, place)]));
  for (const [place, lie] of told) {
    if (lie.kind !== 'other') continue;
    const other = open.find(
      (o) =>
        o > place && told.get(o)!.kind === 'other' && shown.get(o) === right.get(place) && shown.get(place) === right.get(o),
    );
    if (other === undefined) continue;
    told.set(place, { kind: 'exchanged', with: other });
    told.set(other, { kind: 'exchanged', with: place });
  }
  return told;
}

/** Whether everything lies as it should. */
export const isRight = (board: Board): boolean => [...lies(board).values()].every(({ kind }) => kind === 'right');

/** Of all that would look as what lies there does, the plainest: turned before mirrored, before its fabrics exchanged, before another unit. */
function lieIn(board: Board, place: number): PlaceLie {
  const { layout, lain, pieces, fabricOf } = board;
  const there = lain.get(place);
  if (!there) return { kind: 'missing' };
  const text = (face: Face) => faceText(face, fabricOf);
  const [shown, own] = [text(faceOfPiece(board, there)), faceOf(layout.units[place]!)];
  const turnOf = (face: Face) => [0, 1, 2, 3].find((quarters) => text(turnedFace(face, quarters)) === shown);
  const quarters = turnOf(own);
  if (quarters !== undefined) return quarters === 0 ? { kind: 'right' } : { kind: 'turned', quarters };
  const mirrored = turnOf(mirroredFace(own));
  if (mirrored !== undefined) return { kind: 'mirrored', quarters: mirrored };
  const { unit, swapped, mirrored: decoy } = pieces[there.piece]!;
  if (swapped && turnOf(swappedFace(own, swapped)) !== undefined) return { kind: 'fabrics', roles: swapped };
  return decoy ? { kind: 'stray' } : { kind: 'other', unit, quarters: there.quarters };
}

/** The slips that lie there, each once; plain patches have no name to be told by. */
export function madeSlips(board: Board): MadeSlip[] {
  const found: MadeSlip[] = [];
  for (const [place, { kind }] of lies(board)) {
    const slip = KINDS[kind];
    const unit = board.layout.units[place]!.name;
    if (slip && unit && !found.some((f) => f.unit === unit && f.kind === slip)) found.push({ unit, kind: slip });
  }
  return found;
}

const KINDS: Readonly<Record<PlaceLie['kind'], SlipKind | undefined>> = {
  ...{ right: undefined, missing: undefined, stray: 'exchanged', other: 'exchanged', exchanged: 'exchanged' },
  ...{ turned: 'turned', mirrored: 'mirrored', fabrics: 'fabrics' },
};

/** The mirror image of a unit, where it looks like nothing that the layout has, however it is turned. */
export function hasMirrorOfItsOwn(unit: ExpectedUnit, { units }: Layout, fabricOf: FabricOf): boolean {
  const mirror = turnless(mirroredFace(faceOf(unit)), fabricOf);
  return units.every((other) => turnless(faceOf(other), fabricOf) !== mirror);
}
