/** How a house sews: seam, rounding, sizing and the method for each unit kind. */
import { ratio, type Rational, type LengthUnit } from '../measure';
import type { SeenSlip } from './slips';

export type Sizing = 'exact' | 'trim-down';

/** A cutting die as its owner describes it: what one pass through the machine gives. */
export interface Die {
  kind: string;
  /** Finished size of the unit that it cuts. */
  finished: Rational;
  /** The strip that is fed, across and along. */
  width: Rational;
  length: Rational;
  /** Units that one pass of one layer of each fabric makes. */
  units: number;
}

export interface SewingStyle {
  unit: LengthUnit;
  /** Seam allowance s, in the document's unit. */
  seam: Rational;
  /** The ruler step that cut sizes are rounded up to. */
  rounding: Rational;
  sizing: Sizing;
  /** What trim-down sizing adds to the finished size, per unit kind. */
  oversize: Record<string, Rational>;
  /** The chosen method per unit kind, or for one unit by its key ('hst:A+B@1x1'), which goes first. */
  methods: Record<string, string>;
  /** Which form of a picture is sewn, by the key of the unit that it could be; see readings. */
  readings?: Record<string, BlockReading>;
  /** Which seams of the block are sewn last, by the name of the split: 'h' level, 'v2' upright into halves; the best one when left out. */
  joining?: string;
  /** A slip that was seen at the tables: the sheet asks for it first. */
  slip?: SeenSlip;
  /** Usable width of fabric: no strip is longer. */
  wof: Rational;
  dies?: readonly Die[];
  /** How triangle squares that are cut large are trimmed: opened and pressed first, or folded, with a triangle ruler on the stitching. */
  trimming?: 'opened' | 'folded';
  /** Whether a stitch-and-flip corner is cut off before it is pressed out, or after. */
  corners?: 'trimmed-first' | 'pressed-first';
  /** 'nest' weighs all wishes; 'dark' presses to the darker fabric, 'open' presses every seam open. Default: nest. */
  pressing?: 'nest' | 'dark' | 'open';
}

/** 'whole': as the one unit that it is; 'parts': from the smaller units that make the same picture. */
export type BlockReading = 'whole' | 'parts';

/** The inch house: quarter-inch seam, eighths, exact sizes. */
export const inchStyle: SewingStyle = {
  unit: 'in',
  seam: ratio(1, 4),
  rounding: ratio(1, 8),
  sizing: 'exact',
  oversize: { hst: ratio(1, 8), qst: ratio(1, 4), geese: ratio(1, 8) },
  methods: { hst: 'two-at-a-time' },
  wof: ratio(42),
};
