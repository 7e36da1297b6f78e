import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readProgramme, type ProgrammeFile } from '@aggrega/core/programme';
import { monthPaper } from '@aggrega/core/sheet';
import { paperText } from './text';

const demo = JSON.parse(
  readFileSync(new URL('../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8'),
) as ProgrammeFile;

/** August's sheet, four geese to each of its blocks: two lie, two stand. `upright`: fabrics whose print keeps its way up. */
function sheetOf(colourway: string, upright: readonly string[]): string {
  const fabrics = demo.fabrics!.map((f) => ({ ...f, directional: upright.includes(f.id) }));
  const reading = readProgramme({ ...demo, fabrics });
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  const { months, colourways } = reading.programme;
  const month = months.find((m) => m.id === 'm8')!;
  return paperText(
    monthPaper(
      reading.programme,
      month,
      colourways.find((c) => c.id === colourway)!,
    ),
  ).replace(/\s+/g, ' ');
}
const times = (text: string, part: RegExp) => [...text.matchAll(new RegExp(part, 'g'))].length;

describe('prints that keep their way up', () => {
  it('in a pool of units: those that lie and those that stand are sewn by the same steps, told once', () => {
    const said = sheetOf('dusk', ['sloe']);
    expect(times(said, /make 4 flying geese/)).toBe(2);
    expect(times(said, /Draw a diagonal line on the back/)).toBe(1);
    expect(said).toContain(
      'Sew them as P7, step by step. In the block these stand and those of P7 lie, so turn Sloe by a quarter: then the print is upright in both.',
    );
    const two = sheetOf('dusk', ['sloe', 'mallow']);
    expect(two).toContain('so turn Sloe and Mallow by a quarter: then the prints are upright in both.');
  });

  it('are one pool, and nothing is to be turned, where no print keeps its way up', () => {
    const said = sheetOf('dusk', []);
    expect(times(said, /make 8 flying geese/)).toBe(1);
    expect(said).not.toMatch(/by a quarter|another way/);
  });

  it('in a part of the block that comes again upside down: another one to sew, and no mirror image', () => {
    for (const [colourway, name] of [
      ['frost', 'Kale'],
      ['dusk', 'Sloe'],
    ] as const) {
      const said = sheetOf(colourway, [name.toLowerCase()]);
      expect(said).toContain(`they are U4 with ${name} lying another way`);
      expect(said).not.toContain('in a mirror');
    }
    expect(sheetOf('frost', [])).toContain('make 4 rows, all alike');
  });
});
