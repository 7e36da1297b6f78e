import { planCutting, readProgramme, type CutPiece } from '@aggrega/core/programme';
import { describe, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import { demandName, handsOf, lengthList, minutesOf, roomPlan, whoFor } from './room-plan';

const reading = readProgramme(demo);
if (!reading.ok) throw new Error('the demonstration programme is unsound');
const { programme } = reading;
const ask = (people: number, month = 0) => ({
  month: programme.months[month]!,
  colourway: programme.colourways[0]!,
  people,
  reading: 'thriftiest' as const,
});
const room = (people: number, cut: CutPiece[] = [], before?: number) => {
  const plan = roomPlan(programme, ask(people), cut, before);
  if (!plan.ok) throw new Error(JSON.stringify(plan.problems));
  return plan;
};

describe('the cutting room’s list', () => {
  it('is the final plan, step by step, each step with a name of its own', () => {
    const { steps, view } = room(24);
    const { colourway, month } = ask(24);
    const plan = planCutting(programme, { colourway, months: [month], basis: 'batch', participants: 24 });
    const strips = plan.fabrics.flatMap((f) => ('sheets' in f.plan ? f.plan.sheets : f.plan.strips));
    expect(steps.map((s) => s.strip.repeat)).toEqual(strips.map((s) => s.repeat));
    expect(new Set(steps.map((s) => s.id)).size).toBe(steps.length);
    expect(minutesOf(programme, steps)).toBeLessThanOrEqual(view.minutes * 1.5);
    expect(room(24).steps.map((s) => s.id)).toEqual(steps.map((s) => s.id));
  });

  it('has another name when the head count or the drawing changes, and the same when nothing does', () => {
    expect(demandName(programme, ask(24))).toBe(demandName(programme, ask(24)));
    expect(demandName(programme, ask(24))).not.toBe(demandName(programme, ask(25)));
    const larger = structuredClone(demo) as { months: { blocks: { finished: unknown }[] }[] };
    larger.months[0]!.blocks[0]!.finished = '15';
    const changed = readProgramme(larger);
    if (!changed.ok) throw new Error('unsound');
    const other = { ...ask(24), month: changed.programme.months[0]!, colourway: changed.programme.colourways[0]! };
    expect(demandName(changed.programme, other)).not.toBe(demandName(programme, ask(24)));
  });

  it('goes on around what is cut, and nothing is left once everything is', () => {
    const first = room(24);
    const done = first.steps.flatMap((s) => s.gives);
    const again = room(24, done, 27);
    expect(again.steps).toEqual([]);
    expect(again.words.join(' ')).toContain('There is nothing more to cut.');
    const more = room(30, done, 27);
    const area = (plan: typeof first) =>
      plan.steps.reduce((n, s) => n + s.strip.repeat * s.strip.rects.reduce((a, r) => a + r.w * r.h, 0), 0);
    expect(area(more)).toBeCloseTo(area(room(30)) - area(first), 6);
  });

  it('gives every kit, and the step-outs, what they hold; together that is all that is cut', () => {
    const { shares, steps } = room(24);
    expect(shares.map((s) => s.name)).toEqual(['each plain kit', 'each Double bed kit', 'the step-outs']);
    const cut = new Map<string, number>();
    for (const { fabric, strip } of steps)
      for (const r of strip.rects) cut.set(`${fabric.id} ${r.name}`, (cut.get(`${fabric.id} ${r.name}`) ?? 0) + strip.repeat);
    for (const [name, n] of cut)
      expect([name, shares.reduce((sum, s) => sum + s.kits * (s.holds.get(name) ?? 0), 0)]).toEqual([name, n]);
    expect(whoFor(shares, 'frosted-pane', ['A1', 'A2'])).toMatch(
      /^each plain kit 1 × A1, 4 × A2; each Double bed kit 2 × A1, 8 × A2; /,
    );
  });

  it('shares the steps among hands so that nobody has much more to do', () => {
    const { steps } = room(24);
    const hands = handsOf(steps, 2);
    expect(hands.size).toBe(steps.length);
    const minutes = [0, 1].map((hand) => steps.filter((s) => hands.get(s.id) === hand).reduce((n, s) => n + s.minutes, 0));
    expect(Math.abs(minutes[0]! - minutes[1]!)).toBeLessThanOrEqual(Math.max(...steps.map((s) => s.minutes)));
  });
});

describe('the list of lengths', () => {
  const list = (people: number, month: number, cut: CutPiece[] = []) => {
    const found = lengthList(programme, ask(people, month), cut);
    if (!found.ok) throw new Error(JSON.stringify(found.problems));
    return found;
  };

  it('is that of the packet, for every size', () => {
    const [february, march] = [list(24, 1), list(24, 2)];
    expect(february.packet.map((m) => m.id)).toEqual(['m2', 'm3']);
    expect([february.first, march.first]).toEqual([true, false]);
    expect(march.rows.map((r) => [r.id, r.each])).toEqual(february.rows.map((r) => [r.id, r.each]));
    expect(new Set(february.rows.map((r) => r.who))).toEqual(new Set(['plain', 'Double bed']));
  });

  it('counts lengths that were cut before, for whoever needs one as long', () => {
    const before = list(12, 1);
    const cut = before.rows.flatMap((r) => r.gives);
    const after = list(24, 1, cut);
    const lengths = (rows: typeof before.rows, of: (r: (typeof before.rows)[number]) => number) =>
      rows.reduce((n, r) => n + of(r), 0);
    expect(lengths(after.rows, (r) => r.cut)).toBe(lengths(before.rows, (r) => r.qty));
    expect(lengths(after.rows, (r) => r.qty + r.cut)).toBe(lengths(list(24, 1).rows, (r) => r.qty));
    expect(list(12, 1, cut).rows.every((r) => r.qty === 0)).toBe(true);
  });
});
