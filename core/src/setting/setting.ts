/** How blocks are set into a quilt (docs/craft.md, Setting a quilt), with every length exact. */
import type { Exact, Rational } from '../measure';
import { settingKindEntries, type SettingKindEntry } from './kinds';
import type { Turning } from './turning';

export type SettingKind = (typeof settingKindEntries)[number]['id'];
export const settingKinds: readonly SettingKind[] = settingKindEntries.map(({ id }) => id);

/** All that is known of a kind. */
export const settingKind = (kind: SettingKind): SettingKindEntry => settingKindEntries.find(({ id }) => id === kind)!;

/** What a setting is handed out in: each group comes with one month, frames and coping with the blocks that they go round. */
export const partGroups = ['sashing', 'triangles', 'alternate', 'rounds', 'borders', 'binding', 'backing', 'wadding'] as const;
export type PartGroup = (typeof partGroups)[number];

export interface Border {
  finished: Rational;
  role: string;
  corners: 'butted' | 'mitred';
  /** Whether its pieces are cut whole, along the fabric where they are long, or joined from strips across it. */
  strips: 'whole' | 'joined';
}

/** A round of a medallion: of blocks of that size, or plain where it has a role. */
export interface Round {
  finished: Rational;
  role?: string;
}

/** What stands in one place, where it is not what the order of the months puts there. */
export interface PlaceChoice {
  /** 'm1:cold-frame'; undefined keeps the block. */
  block?: string;
  /** Quarter turns clockwise; undefined keeps the setting's turning. */
  turn?: number;
  mirrored?: boolean;
}

export interface Setting {
  kind: SettingKind;
  across: number;
  down: number;
  turning: Turning;
  sashing?: { finished: Rational; role: string; outer: boolean };
  cornerstone?: { role: string };
  frame?: { finished: Rational; role: string };
  /** Strips round blocks that are smaller than the largest, and inside a round that the rows before it do not fill. */
  coping?: { role: string };
  alternate?: { role: string };
  triangles?: { role: string; float: Rational };
  rounds: readonly Round[];
  borders: readonly Border[];
  binding?: { cut: Rational; role: string; over: Rational };
  backing?: {
    overage: Rational;
    role: string;
    seams: 'least' | 'upright' | 'level';
    /** Usable width where it is not the fabric's own: 108 in wide backing. */
    width?: Rational;
    seam: Rational;
  };
  /** Id of the fabric that the shop cuts the wadding from; undefined where everybody finds their own. */
  wadding?: { fabric: string };
  /** Blocks of one kit that are not set: for the back, or a cushion. */
  leftOver: number;
  /** By place: '1,1' is the first column's first; '1.5,1.5' lies between four blocks on point. */
  places: ReadonlyMap<string, PlaceChoice>;
  /** Months that hand out the groups, by id. */
  months: ReadonlyMap<PartGroup, string>;
}

/** A block that can be set: its name ('m1:cold-frame') and finished size. */
export interface SetBlock {
  key: string;
  w: Exact;
  h: Exact;
}

/** The setting cannot be sewn as it is described; `path` lies within the setting. */
export class SettingError extends Error {
  constructor(
    readonly path: string,
    message: string,
  ) {
    super(message);
  }
}
