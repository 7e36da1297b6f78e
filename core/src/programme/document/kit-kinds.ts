/** Kinds of kits: how each is handed out, and what it is called. A new one is an entry here, and its name in the schema. */
import { words } from './words';

export const kitKindEntries = [
  {
    id: 'yardage',
    way: 'lengths',
    get title() {
      return words.lengths;
    },
  },
  {
    id: 'pre-cut',
    way: 'pieces',
    get title() {
      return words.preCut;
    },
  },
  {
    id: 'die-cut',
    way: 'pieces',
    get title() {
      return words.dieCut;
    },
  },
  {
    id: 'bundle',
    way: 'lengths',
    get title() {
      return words.bundle;
    },
  },
  {
    id: 'list',
    way: 'list',
    get title() {
      return words.list;
    },
  },
] as const satisfies readonly KitKindEntry[];

export interface KitKindEntry {
  id: string;
  /** Lengths of fabric, pieces that the shop has cut, or a list of what to find. */
  way: 'lengths' | 'pieces' | 'list';
  readonly title: string;
}
