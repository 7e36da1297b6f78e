/** What is measured of a block, by hand; and that the sheet is told once. */
import demo from '$demo/allotment-year.aggrega.json';
import { expect, it } from 'vitest';
import { foresee } from '@aggrega/core/foresee';
import { constructSewn, readProgramme } from '@aggrega/core/programme';
import { checkpointsOf, expectedRows, filledIn, unsaidOf } from './sample';

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

it('every checkpoint has its forecast, and what was measured of it, in the log and just now', () => {
  for (const { blocks } of programme.months)
    for (const entry of blocks) {
      const colourway = programme.colourways[0]!;
      const points = checkpointsOf(programme, entry, colourway);
      const sizes = points.map(({ what, expected }) => size(what, expected, expected));
      const rows = expectedRows(foresee(constructSewn(programme, entry, colourway)), points, sizes, 'in');
      expect(rows.at(-1)!.name).toBe(entry.block.name);
      for (const row of rows) {
        const point = points.find(({ what }) => what === row.name);
        // Parts of the block have no line in the form.
        if (row.unit === undefined && row !== rows.at(-1)) expect(point).toBeUndefined();
        else expect(row.measured.map(({ off }) => off)).toEqual([0]);
      }
    }
});

it('what is written wrongly, or measured of something else, is nobody’s', () => {
  const [entry] = programme.months[0]!.blocks;
  const colourway = programme.colourways[0]!;
  const points = checkpointsOf(programme, entry!, colourway);
  const found = foresee(constructSewn(programme, entry!, colourway));
  const sizes = [
    size('Cold Frame', '12 1/2', 'wide'),
    size('a row', '12 1/2', '12 3/8'),
    size('Cold Frame', '12 1/2', '12 3/8'),
  ];
  const measured = expectedRows(found, points, sizes, 'in').flatMap((row) => row.measured);
  expect(measured).toEqual([{ written: '12 3/8', off: -1 / 8 }]);
});
