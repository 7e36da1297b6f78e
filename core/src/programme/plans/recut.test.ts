import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { faultsOf } from '../../../tests/plan-checker';
import demo from '../../../../demo/allotment-year.aggrega.json';
import {
  demandOf,
  differenceInWords,
  piecesOfStep,
  planCutting,
  planRest,
  readProgramme,
  together,
  type CutPiece,
  type CuttingPlan,
  type Programme,
} from '../index';

const reading = readProgramme(demo);
if (!reading.ok) throw new Error('the demonstration is not sound');
const { programme } = reading;

const ask = (participants: number, month = 0) => ({
  ...{ colourway: programme.colourways[0]!, months: [programme.months[month]!], basis: 'batch' as const, participants },
});
const steps = (plan: CuttingPlan): CutPiece[][] =>
  plan.fabrics.flatMap((f) =>
    ('sheets' in f.plan ? f.plan.sheets : f.plan.strips).map((s) => piecesOfStep(f.fabric, s, f.plan, programme)),
  );
const key = (p: CutPiece) => `${p.fabric} ${p.label} ${p.w} ${p.h}`;
const tally = (pieces: CutPiece[]) => new Map(together(pieces).map((p) => [key(p), p.qty]));

describe('planning on when some of it is cut', () => {
  it('never cuts what is cut, wants nothing twice, and names what comes over', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.integer({ min: 0, max: 40 }),
        fc.infiniteStream(fc.boolean()),
        (before, after, ticked) => {
          const done = steps(planCutting(programme, ask(before)))
            .filter(() => ticked.next().value)
            .flat();
          const rest = planRest(programme, ask(after), done);
          for (const { plan } of rest.fabrics) expect(faultsOf(plan)).toEqual([]);
          const wanted = demandOf(programme, ask(after)).flatMap(({ fabric, pieces }) =>
            pieces.map((p): [string, number] => [`${fabric.id} ${p.label}`, p.qty]),
          );
          const have = tally([...rest.used, ...steps(rest).flat()]);
          const surplus = new Map(
            rest.fabrics.flatMap((f) => f.plan.surplus.map((s): [string, number] => [`${f.fabric.id} ${s.label}`, s.qty])),
          );
          for (const [name, qty] of wanted) {
            const got = [...have].filter(([k]) => k.startsWith(`${name} `)).reduce((n, [, q]) => n + q, 0);
            expect([name, got]).toEqual([name, qty + (surplus.get(name) ?? 0)]);
          }
          // Every piece that was cut is used or comes over.
          expect(tally([...rest.used, ...rest.over])).toEqual(tally(done));
        },
      ),
      { numRuns: 25 },
    );
  });

  it('leaves out a piece that has another size now', () => {
    const done = steps(planCutting(programme, ask(10))).flat();
    const larger = structuredClone(demo) as { months: { blocks: { finished: unknown }[] }[] };
    larger.months[0]!.blocks[0]!.finished = '16';
    const changed = readProgramme(larger);
    if (!changed.ok) throw new Error('not sound');
    const other: Programme = changed.programme;
    const asked = { ...ask(10), colourway: other.colourways[0]!, months: [other.months[0]!] };
    const rest = planRest(other, asked, done);
    expect(rest.over.length).toBeGreaterThan(0);
    expect(rest.used.length).toBeLessThan(done.length);
  });

  it('says the difference in plain words', () => {
    const done = steps(planCutting(programme, ask(24))).flat();
    const more = differenceInWords(programme, planRest(programme, ask(27), done), 27);
    expect(more.join(' ')).toMatch(/[234] kits more/);
    expect(more.join(' ')).toMatch(/Still to cut: \d+ strips?, about [\d /]+ yd of fabric\./);
    const fewer = differenceInWords(programme, planRest(programme, ask(20), done), 27);
    expect(fewer.join(' ')).toMatch(/fewer than when cutting began/);
    expect(fewer.join(' ')).toMatch(/There is nothing more to cut\. Spare: \d+ \w/);
    const same = differenceInWords(programme, planRest(programme, ask(24), []), undefined);
    expect(same).toEqual([expect.stringMatching(/^Still to cut/)]);
  });
});
