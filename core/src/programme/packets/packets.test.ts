import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { planBundle, planFabric, stagesOfPlan, type BundlePlan, type FabricPlan, type Piece, type Stage } from '../../cutting';
import { ratio, type Rational } from '../../measure';
import { faultsOf } from '../../../tests/plan-checker';
import { demandOf, kitsBySize, ownCloth, planBundles, planPacket, readProgramme, type Programme } from '../index';
import demo from '../../../../demo/allotment-year.aggrega.json';

function read(document: object): Programme {
  const reading = readProgramme(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
}

const buying = { allowance: ratio(0), shrinkage: ratio(0), sellingStep: ratio('9/2') };

/** Pieces of a few months, in eighths, that fit a sheet of 20 1/2 by 17 1/2. */
const months = (most: number) =>
  fc.array(
    fc.array(
      fc.record({
        w: fc.integer({ min: 12, max: 90 }),
        h: fc.integer({ min: 12, max: 90 }),
        qty: fc.integer({ min: 1, max: 5 }),
        turnable: fc.boolean(),
      }),
      { maxLength: 3 },
    ),
    { minLength: 1, maxLength: most },
  );
const asPieces = (months: { w: number; h: number; qty: number; turnable: boolean }[][]): Piece[][] =>
  months.map((pieces, m) =>
    pieces.map(({ w, h, ...p }, i) => ({ ...p, label: `${m}:${i}`, w: ratio(w).div(8), h: ratio(h).div(8) })),
  );
const monthOf = (label: string) => Number(label.split(':')[0]);

/** What is wrong with stages, knowing only strips and pieces: each month must find its pieces cut or put by. */
function stageFaults(plan: FabricPlan, stages: Stage[]): string[] {
  const faults: string[] = [];
  let whole = plan.lengthNeeded;
  const inHand = new Map<string, number>();
  stages.forEach(({ strips, save, saved, whole: left }, now) => {
    for (const { length, repeat } of strips) whole = whole.sub(length.mul(repeat));
    if (!whole.equals(left)) faults.push(`stage ${now}: not as much stays whole as is said`);
    for (const { label, qty } of saved)
      if ((inHand.get(label) ?? 0) < qty) faults.push(`stage ${now}: ${label} was not put by`);
    for (const { repeat, rects } of strips) for (const { label } of rects) inHand.set(label, (inHand.get(label) ?? 0) + repeat);
    for (const { label, qty } of plan.demand)
      if (monthOf(label) <= now && (inHand.get(label) ?? 0) < qty) faults.push(`stage ${now}: lacks ${label}`);
    for (const { label, qty, stage } of save)
      if (stage <= now || monthOf(label) !== stage || (inHand.get(label) ?? 0) < qty)
        faults.push(`stage ${now}: ${label} is put by for the wrong month`);
  });
  if (!whole.equals(0)) faults.push('cloth is left that no stage cuts');
  return faults;
}

interface Box {
  x: Rational;
  y: Rational;
  w: Rational;
  h: Rational;
}
const right = (r: Box) => r.x.add(r.w);
const below = (r: Box) => r.y.add(r.h);
const inside = (a: Box, b: Box) =>
  a.x.compare(b.x) >= 0 && a.y.compare(b.y) >= 0 && right(a).compare(right(b)) <= 0 && below(a).compare(below(b)) <= 0;
const overlap = (a: Box, b: Box) =>
  a.x.compare(right(b)) < 0 && b.x.compare(right(a)) < 0 && a.y.compare(below(b)) < 0 && b.y.compare(below(a)) < 0;

/** What is wrong with a bundle: every piece must come from what the month before left in one piece. */
function bundleFaults(plan: BundlePlan, demand: Piece[][]): string[] {
  const faults: string[] = [];
  const sheet = { x: ratio(0), y: ratio(0), w: plan.usableWidth, h: plan.usableLength };
  let free = Array.from({ length: plan.sheets }, (_, i) => ({ sheet: i, ...sheet }));
  const cut = new Map<string, number>();
  plan.months.forEach(({ cuts, remainders }, month) => {
    for (const c of cuts) {
      if (!free.some((f) => f.sheet === c.sheet && inside(c, f))) faults.push(`month ${month}: ${c.label} lies on cut cloth`);
      cut.set(c.label, (cut.get(c.label) ?? 0) + 1);
      for (const r of remainders) if (r.sheet === c.sheet && overlap(c, r)) faults.push(`month ${month}: a remainder is cut`);
    }
    cuts.forEach((a, i) =>
      cuts.slice(i + 1).forEach((b) => a.sheet === b.sheet && overlap(a, b) && faults.push(`month ${month}: overlap`)),
    );
    for (const { label, qty } of demand[month]!) {
      const lacks = plan.lacks.find((l) => l.label === label)?.qty ?? 0;
      if ((cut.get(label) ?? 0) < qty - lacks) faults.push(`month ${month}: lacks ${label}`);
    }
    free = remainders;
  });
  return faults;
}

describe('a packet of several months', () => {
  it('is cut in stages that each find their pieces, and the rest whole', () => {
    fc.assert(
      fc.property(months(4), (drawn) => {
        const demand = asPieces(drawn);
        const plan = planFabric(demand.flat(), ratio(42), buying);
        expect(stageFaults(plan, stagesOfPlan(plan, monthOf, demand.length))).toEqual([]);
      }),
      { numRuns: 30 },
    );
  });

  it('saves nothing where cutting month by month asks for no more cloth', () => {
    const programme = read(demo);
    const months = programme.months.filter((m) => m.blocks.length > 0).slice(0, 3);
    for (const colourway of programme.colourways) {
      const packet = planPacket(programme, { colourway, months });
      for (const { plan, stages, fabric } of packet.fabrics) {
        expect(faultsOf(plan)).toEqual([]);
        if (!stages || 'sheets' in plan) continue;
        const alone = months.map((m) =>
          planPacket(programme, { colourway, months: [m] }).fabrics.find((f) => f.fabric === fabric),
        );
        const length = alone.reduce((sum, a) => (a ? sum.add((a.plan as FabricPlan).lengthNeeded) : sum), ratio(0));
        const saves = stages.some((s) => s.save.length > 0);
        expect(saves).toBe(length.compare(plan.lengthNeeded) > 0 && saves);
        expect(plan.lengthNeeded.compare(length)).toBeLessThanOrEqual(0);
      }
    }
  });
});

describe('a bundle for the whole programme', () => {
  it('gives every month its pieces from what earlier ones left in one piece', () => {
    fc.assert(
      fc.property(months(5), (drawn) => {
        const demand = asPieces(drawn);
        const plan = planBundle(demand, ratio('20.5'), ratio('17.5'));
        expect(plan.lacks).toEqual([]);
        expect(plan.sheets).toBe(plan.needed);
        expect(bundleFaults(plan, demand)).toEqual([]);
      }),
      { numRuns: 40 },
    );
  });

  it('that is too small says what is lacking, and what it has room for fits', () => {
    fc.assert(
      fc.property(months(4), fc.integer({ min: 0, max: 1 }), (drawn, given) => {
        const demand = asPieces(drawn);
        const plan = planBundle(demand, ratio('20.5'), ratio('17.5'), given);
        expect(plan.lacks.length > 0).toBe(plan.needed > given);
        expect(bundleFaults(plan, demand)).toEqual([]);
        // A month that has room for everything comes before any that lacks: earlier months are served first.
        if (given === 0)
          expect(plan.lacks.map((l) => l.label).sort()).toEqual(
            demand
              .flat()
              .map((p) => p.label)
              .sort(),
          );
      }),
      { numRuns: 12 },
    );
  });

  it('names the month, the fabric and the pieces, with remedies', () => {
    const sizes = [{ id: 'four', name: 'Four beds', make: 4 }];
    const programme = read({ ...demo, sizes, kits: { ...demo.kits, kind: 'bundle', bundle: { elderberry: 1 } } });
    const colourway = programme.colourways.find((c) => c.id === 'dusk')!;
    const [elderberry] = planBundles(programme, { colourway, size: programme.sizes[0] });
    expect(elderberry!.plan.needed).toBeGreaterThan(1);
    expect(elderberry!.lacking[0]).toMatch(
      /^Month \d+ \(.+\), fabric D \(Elderberry\), lacks \d+ (square|rectangle)s? of [\d /]+/,
    );
    expect(elderberry!.remedies[0]).toBe(
      `Put ${elderberry!.plan.needed} fat quarters into each bundle: they hold every month.`,
    );
    // What comes in the bundle is in no packet.
    const packet = planPacket(programme, { colourway, months: [programme.months[0]!] });
    expect(packet.fabrics.map((f) => f.fabric.id)).not.toContain('elderberry');
  });
});

describe('a kit that is only a list', () => {
  const programme = read(demo);
  const [colourway] = programme.colourways;
  const area = (p: { w: Rational; h: Rational; qty: number }) => p.qty * p.w.mul(p.h).valueOf();

  it('asks for enough of every fabric, in each of its forms', () => {
    for (const months of [programme.months.slice(0, 1), programme.months.slice(1, 4)])
      for (const { yardage, fatQuarters, scraps } of ownCloth(programme, { colourway: colourway!, months })) {
        const wanted = scraps.reduce((n, p) => n + area(p), 0);
        expect(yardage!.valueOf() * 42).toBeGreaterThanOrEqual(wanted);
        expect(fatQuarters! * 20.5 * 17.5).toBeGreaterThanOrEqual(wanted);
        expect(scraps.map((p) => p.w.mul(p.h).valueOf())).toEqual(
          scraps.map((p) => p.w.mul(p.h).valueOf()).sort((a, b) => b - a),
        );
      }
  });

  it('names no fat quarters where a piece is larger than one, and no yardage where it is wider than the bolt', () => {
    const narrow = { ...programme, house: { ...programme.house, wof: ratio(3) } };
    const own = ownCloth(narrow, { colourway: colourway!, months: [programme.months[0]!] });
    expect(own.some((f) => f.yardage === undefined)).toBe(true);
    const large = structuredClone(demo) as { months: { blocks: { finished: unknown }[] }[] };
    large.months[0]!.blocks[0]!.finished = '60';
    const blanket = read(large);
    const found = ownCloth(blanket, { colourway: blanket.colourways[0]!, months: [blanket.months[0]!] });
    expect(found.some((f) => f.fatQuarters === undefined && f.yardage !== undefined)).toBe(true);
  });
});

describe('demand by size and step-outs', () => {
  const sized = (people: number) =>
    read({
      ...demo,
      participants: { frost: 24, harvest: 18, dusk: 12 },
      sizes: [{ id: 'double', name: 'Double bed', make: 2, participants: { frost: people } }],
      kits: { spares: 0.1, demoSets: 1, stepOuts: [{ month: 'm1', stages: 3 }] },
    });
  const total = (programme: Programme, participants: number, basis: 'kit' | 'batch', size = false) =>
    demandOf(programme, {
      ...{ colourway: programme.colourways[0]!, months: [programme.months[1]!], basis, participants },
      ...(size && { size: programme.sizes[0] }),
    }).flatMap((d) => d.pieces.map((p) => p.qty * p.w.mul(p.h).valueOf()));

  it('shares people and spares among the sizes and loses nobody', () => {
    const programmes = [0, 1, 7, 24].map(sized);
    fc.assert(
      fc.property(fc.constantFrom(...programmes), fc.integer({ min: 0, max: 300 }), (programme, people) => {
        const shares = kitsBySize(programme, programme.colourways[0]!, people);
        const sum = (of: (s: (typeof shares)[number]) => number) => shares.reduce((n, s) => n + of(s), 0);
        expect(sum((s) => s.people)).toBe(people);
        expect(sum((s) => s.kits)).toBe(people === 0 ? 0 : people + Math.ceil(people / 10) + 1);
        for (const s of shares) expect(s.kits).toBeGreaterThanOrEqual(people === 0 ? 0 : s.people);
      }),
    );
  });

  it('is what the kits of each size hold, and a month with step-outs holds more', () => {
    const programme = sized(6);
    const [plain, double] = kitsBySize(programme, programme.colourways[0]!, 24);
    const area = (list: number[]) => list.reduce((a, b) => a + b, 0);
    const kit = area(total(programme, 24, 'kit'));
    const large = area(total(programme, 24, 'kit', true));
    expect(area(total(programme, 24, 'batch'))).toBeCloseTo(plain!.kits * kit + double!.kits * large);
    const [first] = programme.months;
    const asked = { colourway: programme.colourways[0]!, months: [first!], basis: 'batch' as const, participants: 24 };
    const without = { ...programme, kits: { ...programme.kits, stepOuts: [] } };
    const pieces = (p: Programme) => demandOf(p, asked).flatMap((d) => d.pieces.map((piece) => piece.qty));
    expect(area(pieces(programme))).toBeGreaterThan(area(pieces(without)));
  });
});
