import { expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import { readProgramme } from './read';
import { boundProblems, MOST_BLOCKS_IN_MONTHS, MOST_PATCHES_IN_MONTHS } from './bounds';

const block = (patches: number) => ({ id: 'b', patches: Array.from({ length: patches }, () => ({})) });
const month = (entries: number) => ({ id: 'm', blocks: Array.from({ length: entries }, () => ({ block: 'b' })) });
const told = (patches: number, ...entries: number[]) =>
  boundProblems({ blocks: [block(patches)], months: entries.map(month) } as never).map((p) => p.message);

it('as much as may be is taken, and one more is refused with how much there is', () => {
  const half = MOST_BLOCKS_IN_MONTHS / 2;
  expect(told(1, half, half)).toEqual([]);
  expect(told(1, half, half + 1)).toEqual([expect.stringContaining(String(MOST_BLOCKS_IN_MONTHS + 1))]);
  const each = MOST_PATCHES_IN_MONTHS / 40;
  expect(told(each, 40)).toEqual([]);
  expect(told(each, 41)).toEqual([expect.stringContaining(String(each * 41))]);
});

it('a document beyond it is refused whole, at its months, before anything of it is drawn', () => {
  const months = demo.months.slice(0, 1).map((m) => ({ ...m, blocks: Array(40).fill(m.blocks[0]) }));
  const many = Array.from({ length: 16 }, (_, i) => ({ ...months[0]!, id: `m${i}` }));
  expect(readProgramme({ ...demo, months: many })).toMatchObject({ ok: false, errors: [{ path: '/months' }] });
});
