/** Six years to begin with: what is asked of each. They are composed like any other, always the same. */
import type { ReadyCast } from '../fabric';
import type { LengthUnit } from '../measure';
import { spoken } from '../words';
import type { QuiltSize, Wish } from './wish';

const titles = spoken('core/compose/ready-years', {
  'first-furrows': 'First Furrows',
  'low-water': 'Low Water',
  'kiln-and-chimney': 'Kiln and Chimney',
  'button-tin': 'The Button Tin',
  'frost-at-the-window': 'Frost at the Window',
  'long-hedge': 'The Long Hedge',
});

const notes = spoken('core/compose/ready-year-notes', {
  'first-furrows': 'For beginners: squares, half-square triangles and stitch-and-flip corners, in nine months.',
  'low-water': 'Twelve months from the first seam to flying geese.',
  'kiln-and-chimney': 'A bundle of fat quarters, given out at the start.',
  'button-tin': 'A weekly sew-along of 6 in blocks, for a wall quilt.',
  'frost-at-the-window': 'A mystery for experienced quilters, for a single bed.',
  'long-hedge': 'Ten months from participants’ own fabric.',
});

export interface ReadyYear {
  id: keyof typeof titles;
  instalments: number;
  kind: 'weekly' | 'fortnightly' | 'monthly';
  letters: number;
  cast: ReadyCast['id'];
  size: QuiltSize['id'];
  block: Readonly<Record<LengthUnit, string>>;
  wish: Omit<Wish, 'block' | 'quilt' | 'pricePerYard'>;
}

const USUAL = { teach: [], finishing: true, giving: 'yardage', fatQuarters: 12, mystery: false } as const;

export const readyYears: readonly ReadyYear[] = [
  {
    ...{ id: 'first-furrows', instalments: 9, kind: 'monthly', letters: 3, cast: 'kitchen-garden', size: 'lap' },
    block: { in: '12', cm: '30' },
    wish: { ...USUAL, skill: { from: 1, to: 2 }, hours: 3, seed: 1 },
  },
  {
    ...{ id: 'low-water', instalments: 12, kind: 'monthly', letters: 4, cast: 'estuary', size: 'lap' },
    block: { in: '12', cm: '30' },
    wish: { ...USUAL, skill: { from: 1, to: 3 }, hours: 4, seed: 1 },
  },
  {
    ...{ id: 'kiln-and-chimney', instalments: 10, kind: 'monthly', letters: 6, cast: 'brickworks', size: 'lap' },
    block: { in: '12', cm: '30' },
    wish: { ...USUAL, skill: { from: 2, to: 3 }, giving: 'bundle', fatQuarters: 12, hours: 4, seed: 1 },
  },
  {
    ...{ id: 'button-tin', instalments: 13, kind: 'weekly', letters: 5, cast: 'haberdashery', size: 'wall' },
    block: { in: '6', cm: '15' },
    wish: { ...USUAL, skill: { from: 1, to: 2 }, hours: 3, seed: 1 },
  },
  {
    ...{ id: 'frost-at-the-window', instalments: 12, kind: 'monthly', letters: 5, cast: 'first-frost', size: 'single' },
    block: { in: '12', cm: '30' },
    wish: { ...USUAL, skill: { from: 2, to: 4 }, hours: 6, mystery: true, seed: 1 },
  },
  {
    ...{ id: 'long-hedge', instalments: 10, kind: 'monthly', letters: 4, cast: 'hedgerow', size: 'lap' },
    block: { in: '9', cm: '24' },
    wish: { ...USUAL, skill: { from: 1, to: 3 }, giving: 'list', hours: 4, seed: 1 },
  },
];

/** 'Low Water'. */
export const readyTitle = ({ id }: Pick<ReadyYear, 'id'>): string => titles[id];

/** 'Twelve months from the first seam to flying geese.' */
export const readyNote = ({ id }: Pick<ReadyYear, 'id'>): string => notes[id];
