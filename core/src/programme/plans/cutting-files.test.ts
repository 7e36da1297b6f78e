import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { cutListCsv, layoutOf, orderCsv } from './cutting-files';
import { planCutting, readProgramme, type ProgrammeFile } from '../index';

const demo = () =>
  JSON.parse(readFileSync(new URL('../../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8')) as ProgrammeFile;

function planned(change: (file: ProgrammeFile) => void = () => {}) {
  const file = demo();
  change(file);
  const reading = readProgramme(file);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  const { programme } = reading;
  const colourway = programme.colourways[0]!;
  const plan = planCutting(programme, { colourway, months: programme.months, basis: 'batch', participants: 9 });
  return { programme, plan };
}

/** Fields of a line without a quoted one. */
const lines = (csv: string) =>
  csv
    .trimEnd()
    .split('\r\n')
    .map((line) => line.split(','));

describe('a plan as files', () => {
  it('lists every piece once, as many as are cut', () => {
    const { programme, plan } = planned();
    const [head, ...rows] = lines(cutListCsv(plan, programme));
    const [label, pieces] = [head!.indexOf('label'), head!.indexOf('pieces')];
    const count = new Map<string, number>();
    for (const row of rows) count.set(row[label]!, (count.get(row[label]!) ?? 0) + Number(row[pieces]));
    const wanted = plan.fabrics.flatMap((f) => f.plan.demand.map((p): [string, number] => [p.label, p.qty]));
    expect([...count].sort()).toEqual(wanted.sort());
  });

  it('orders what the plan asks to buy, and counts cut forms', () => {
    const { programme, plan } = planned((f) => {
      f.fabrics![0]!.form = 'fat-quarter';
      f.fabrics![1]!.name = '=SUM(A1)';
      // A fat quarter is too small for the triangles of the quilt.
      f.setting!.months = { backing: 'm12' };
    });
    const rows = lines(orderCsv(plan, programme));
    expect(rows).toHaveLength(1 + plan.fabrics.length + plan.backings.length);
    expect(rows.at(-1)).toContain('A (backing)');
    expect(rows.find((r) => r[0] === 'Frosted Pane')).toEqual(expect.arrayContaining(['fat quarters', '11.5']));
    // A name that a spreadsheet would work out is kept from being a formula.
    expect(rows.map((r) => r[0])).toContain("'=SUM(A1)");
  });

  it('draws every kind of strip at true scale', () => {
    const { programme, plan } = planned();
    const { fabric, plan: cloth } = plan.fabrics[0]!;
    const svg = layoutOf(plan, fabric.id, programme)!;
    expect(svg).toMatch(/^<svg [^>]*width="42in"/);
    const pieces = 'strips' in cloth ? cloth.strips.reduce((n, s) => n + s.rects.length, 0) : 0;
    expect(svg.match(/<title>m/g)).toHaveLength(pieces);
    expect(layoutOf(plan, 'nothing', programme)).toBeUndefined();
  });
});
