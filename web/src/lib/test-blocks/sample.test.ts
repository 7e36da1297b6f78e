/** What is measured of a block, by hand; and that the sheet is told once. */
import demo from '$demo/allotment-year.aggrega.json';
import { readProgramme } from '@aggrega/core/programme';
import { expect, it } from 'vitest';
import { checkpointsOf, filledIn, unsaidOf } from './sample';

const reading = readProgramme(demo);
if (!reading.ok) throw new Error('the demonstration cannot be read');
const { programme } = reading;
const size = (what: string, expected: string, measured: string) => ({ what, expected, measured, seams: 2, before: '' });

it('a block is measured by its units and whole, each with the seams across it', () => {
  const [entry] = programme.months[0]!.blocks;
  const points = checkpointsOf(programme, entry!, programme.colourways[0]!);
  expect(points.at(-1)).toMatchObject({ what: 'Cold Frame', expected: '12 1/2' });
  expect(points.every((p) => p.seams >= 0 && /\d/.test(p.expected))).toBe(true);
  expect(new Set(points.map((p) => p.what)).size).toBe(points.length);
});

it('what missed its size is for the sheet, until it stands there', () => {
  const sizes = [size('u1', '3 1/2', '3 1/4'), size('u2', '3 1/2', '3 1/2')];
  const lines = unsaidOf([], sizes, programme);
  expect(lines).toHaveLength(1);
  expect(lines[0]).toMatch(/^U1 came out 1\/4 in small/);
  expect(unsaidOf([{ text: `Mind this.\n${lines[0]}` }], sizes, programme)).toEqual([]);
});

it('only what was filled in is kept', () => {
  expect(filledIn({ cut: 20, units: 0, block: NaN }, [size('u1', '3', '3'), size('u2', '3', ' ')])).toEqual({
    minutes: { cut: 20 },
    measured: [size('u1', '3', '3')],
  });
});
