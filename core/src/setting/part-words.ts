/** What the parts of a quilt are called where somebody reads it. Their names in a plan are data, the same in every language. */
import type { PartGroup } from './setting';
import { words } from './words';

const NAMES: Readonly<Record<string, () => string>> = {
  sashing: () => words.sashing,
  cornerstone: () => words.cornerstone,
  frame: () => words.frame,
  coping: () => words.coping,
  round: () => words.round,
  border: () => words.border,
  'side border': () => words.sideBorder,
  'top or bottom border': () => words.topOrBottomBorder,
  'border strip': () => words.borderStrip,
  'alternate block': () => words.alternateBlock,
  'side triangle': () => words.sideTriangle,
  'corner triangle': () => words.cornerTriangle,
  binding: () => words.binding,
};

/** 'side triangle', for a part's name in a plan; the name itself where it is none of a quilt's parts. */
export const partName = (name: string): string => NAMES[name]?.() ?? name;

const PACKAGED: Readonly<Record<string, () => string>> = {
  crib: () => words.crib,
  throw: () => words.throw,
  twin: () => words.twin,
  full: () => words.full,
  queen: () => words.queen,
  king: () => words.king,
};

/** 'queen', for the name of a packaged wadding. */
export const packagedName = (name: string): string => PACKAGED[name]?.() ?? name;

/** 'borders', for a group of parts. */
export const groupName = (group: PartGroup): string => words[group];
