/**
 * The planner against the proven bound, the hand method (each piece size on strips of its own) and a general rectangle packer (pieces by
 * falling height into shelves, the fullest that still takes one) on the same demand: made-up programmes of twelve months, and
 * cloth that is known to be cut without waste. Also what a plan costs in time. Ratios from one run.
 */
import { planFabric, type Piece, type PlanAim } from '../core/src/cutting';
import { ratio } from '../core/src/measure';
import { planCutting, readProgramme, type Colourway, type Programme } from '../core/src/programme';
import { chance, madeUpProgramme } from './programmes';

const PROGRAMMES = 6;
const programmes = Array.from({ length: PROGRAMMES }, (_, i) => {
  const reading = readProgramme(madeUpProgramme(i + 1));
  if (!reading.ok) throw new Error(`made-up programme ${i + 1} is unsound: ${reading.errors[0]!.message}`);
  return reading.programme;
});

const mean = (numbers: number[]) => numbers.reduce((a, b) => a + b, 0) / numbers.length;
const three = (x: number) => x.toFixed(4);

interface Totals {
  length: number;
  bound: number;
  hand: number;
  shelves: number;
  settings: number;
  kinds: number;
  ms: number;
}

/** All fabrics of one colourway together. */
function totals(programme: Programme, colourway: Colourway, participants: number, reading: PlanAim, first: boolean): Totals {
  const basis = participants === 1 ? 'kit' : 'batch';
  const start = performance.now();
  const plan = planCutting(programme, { colourway, months: programme.months, basis, participants, reading, first });
  const sum: Totals = { length: 0, bound: 0, hand: 0, shelves: 0, settings: 0, kinds: 0, ms: performance.now() - start };
  for (const { plan: cloth } of plan.fabrics) {
    if ('sheets' in cloth) continue;
    sum.length += cloth.lengthNeeded.valueOf();
    sum.bound += cloth.lowerBound;
    sum.hand += byHand(cloth.demand, cloth.usableWidth.valueOf());
    sum.shelves += onShelves(cloth.demand, cloth.usableWidth.valueOf());
    sum.settings += cloth.settings;
    sum.kinds += cloth.kinds;
  }
  return sum;
}

/** Length when each size is cut from strips of its own, the better way up. */
function byHand(demand: readonly Piece[], width: number): number {
  return demand.reduce((sum, p) => {
    const strips = (across: number, along: number) => Math.ceil(p.qty / Math.floor(width / across)) * along;
    const [w, h] = [p.w.valueOf(), p.h.valueOf()];
    return sum + (p.turnable ? Math.min(strips(w, h), strips(h, w)) : strips(w, h));
  }, 0);
}

/** Length when a general packer lays the pieces on shelves, best fit by falling height. */
function onShelves(demand: readonly Piece[], width: number): number {
  const pieces = demand
    .flatMap((p) => {
      const [w, h] = [p.w.valueOf(), p.h.valueOf()];
      const lying = p.turnable && Math.max(w, h) <= width ? { w: Math.max(w, h), h: Math.min(w, h) } : { w, h };
      return new Array<typeof lying>(p.qty).fill(lying);
    })
    .sort((a, b) => b.h - a.h || b.w - a.w);
  const free = new Map<number, number>();
  let length = 0;
  for (const { w, h } of pieces) {
    // Shelves with the same room are alike; the one with the least room that is enough takes the piece.
    const room = [...free.keys()].filter((r) => r >= w).sort((a, b) => a - b)[0];
    if (room === undefined) length += h;
    else if (free.get(room) === 1) free.delete(room);
    else free.set(room, free.get(room)! - 1);
    const left = Math.round(((room ?? width) - w) * 1e6) / 1e6;
    if (left > 0) free.set(left, (free.get(left) ?? 0) + 1);
  }
  return length;
}

const run = (people: number, reading: PlanAim, first = false) =>
  programmes.map((p) => totals(p, p.colourways[0]!, people, reading, first));

console.log(`length over the proven bound, mean of ${PROGRAMMES} made-up programmes of twelve months`);
console.log('             first   final  | shelves    hand');
for (const people of [1, 12, 40, 200]) {
  const [first, final] = [run(people, 'thriftiest', true), run(people, 'thriftiest')];
  const over = (rows: Totals[], what: 'length' | 'hand' | 'shelves') => three(mean(rows.map((r) => r[what] / r.bound)));
  console.log(
    `  ${people === 1 ? 'one kit ' : `${String(people).padStart(3)} kits`}  ${over(first, 'length')}  ${over(final, 'length')} | ${over(final, 'shelves')}  ${over(final, 'hand')}`,
  );
}

console.log('\nreadings at 40: length over the bound, settings and kinds of strips against the thriftiest');
const thrifty = run(40, 'thriftiest');
for (const reading of ['balanced', 'simplest'] as const) {
  const rows = run(40, reading);
  const against = (what: 'settings' | 'kinds') =>
    (rows.reduce((n, r) => n + r[what], 0) / thrifty.reduce((n, r) => n + r[what], 0)).toFixed(2);
  console.log(
    `  ${reading}: ${three(mean(rows.map((r) => r.length / r.bound)))}, settings × ${against('settings')}, kinds × ${against('kinds')}`,
  );
}

/** Cloth of 42 by about 30 in that is cut into strips, and those across and down, without any waste. */
function wasteless(seed: number): { pieces: Piece[]; length: number } {
  const next = chance(seed);
  const length = 20 + next(20);
  const pieces: Piece[] = [];
  const eighths = (least: number, spread: number, room: number) => {
    const cut = (least * 8 + next(spread * 8)) / 8;
    return room - cut < least ? room : cut;
  };
  const add = (w: number, h: number) =>
    pieces.push({ label: `A${pieces.length + 1}`, w: ratio(w), h: ratio(h), qty: 1, turnable: true });
  for (let y = 0; y < length;) {
    const h = eighths(2.5, 6, length - y);
    for (let x = 0; x < 42;) {
      const w = eighths(2.5, 7, 42 - x);
      const upper = h >= 5 && next(2) === 0 ? eighths(2.5, h - 5 || 1, h) : h;
      add(w, upper);
      if (upper < h) add(w, h - upper);
      x += w;
    }
    y += h;
  }
  return { pieces, length };
}

console.log('\nsheets that can be cut without waste: length over that of the sheets');
const buying = { allowance: ratio(0), shrinkage: ratio(0), sellingStep: ratio('4.5') };
const sheets = Array.from({ length: 12 }, (_, i) => wasteless(i + 1));
for (const times of [1, 12]) {
  const over = sheets.map(({ pieces, length }) => {
    const plan = planFabric(
      pieces.map((p) => ({ ...p, qty: times })),
      ratio(42),
      buying,
    );
    return plan.lengthNeeded.valueOf() / (length * times);
  });
  console.log(`  ${times === 1 ? 'one' : 'twelve'}: ${three(mean(over))}`);
}

console.log('\ntime: twelve months, three colourways of 40, both bases, all fabrics; nothing remembered from before');
const document = madeUpProgramme(100);
const ids = ['x', 'y', 'z'];
document.colourways = ids.map((id) => ({ ...document.colourways![0]!, id }));
document.participants = Object.fromEntries(ids.map((id) => [id, 40]));
const fresh = readProgramme(document);
if (!fresh.ok) throw new Error('unsound');
const all = (people: number, first: boolean) => {
  const start = performance.now();
  for (const colourway of fresh.programme.colourways)
    for (const basis of ['kit', 'batch'] as const)
      planCutting(fresh.programme, { colourway, months: fresh.programme.months, basis, participants: people, first });
  return performance.now() - start;
};
for (const month of fresh.programme.months)
  planCutting(fresh.programme, {
    colourway: fresh.programme.colourways[0]!,
    months: [month],
    basis: 'kit',
    participants: 1,
    first: true,
  });
const [first, final] = [all(40, true), all(40, false)];
console.log(
  `  first answer ${first.toFixed(0)} ms, final ${(final / 1000).toFixed(1)} s after it, ${(final / first).toFixed(0)} × as long`,
);
const [forty, many] = [all(41, false), all(2000, false)];
console.log(`  2000 people take ${(many / forty).toFixed(2)} × as long as 41`);
