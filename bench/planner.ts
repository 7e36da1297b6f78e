/**
 * The planner against the hand method (each piece size on strips of its own) and the proven bound, on the demonstration
 * programme; and what construction and planning cost. Ratios from one run.
 */
import { readFileSync } from 'node:fs';
import { construct } from '../core/src/construction';
import { planCutting, readProgramme, type PlannedFabric } from '../core/src/programme';

const document = JSON.parse(readFileSync(process.argv[2]!, 'utf8')) as unknown;
const reading = readProgramme(document);
if (!reading.ok) throw new Error('the demonstration programme is unsound');
const { programme } = reading;
const [colourway] = programme.colourways;

const median = (numbers: number[]) => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)]!;
function time(work: () => unknown, runs = 15): number {
  work();
  return median(
    Array.from({ length: runs }, () => {
      const start = performance.now();
      work();
      return performance.now() - start;
    }),
  );
}

/** Length when each size is cut from strips of its own, the better way up. */
function byHand({ plan }: PlannedFabric): number {
  return plan.demand.reduce((sum, p) => {
    const strips = (across: number, along: number) =>
      Math.ceil(p.qty / Math.floor(plan.usableWidth.valueOf() / across)) * along;
    const [w, h] = [p.w.valueOf(), p.h.valueOf()];
    return sum + (p.turnable ? Math.min(strips(w, h), strips(h, w)) : strips(w, h));
  }, 0);
}

console.log('fabric length over the proven bound, all drawn months together (planner | hand)');
for (const [basis, people] of [
  ['kit', 1],
  ['batch', 12],
  ['batch', 40],
  ['batch', 200],
] as const) {
  const plan = planCutting(programme, { colourway: colourway!, months: programme.months, basis, participants: people });
  const total = (of: (f: PlannedFabric) => number) => plan.fabrics.reduce((sum, f) => sum + of(f), 0);
  const bound = total((f) => f.plan.lowerBound);
  const planned = total((f) => f.plan.lengthNeeded.valueOf()) / bound;
  console.log(`  ${basis} ${people}: ${planned.toFixed(3)} | ${(total(byHand) / bound).toFixed(3)}`);
}

const blocks = programme.months.flatMap((m) => m.blocks);
const parse = time(() => JSON.parse(JSON.stringify(document)));
const read = time(() => readProgramme(document));
const sew = time(() => blocks.map((b) => construct(b.block, b))) / blocks.length;
const month = (people: number) =>
  time(() =>
    planCutting(programme, { colourway: colourway!, months: [programme.months[2]!], basis: 'batch', participants: people }),
  );
const [few, many] = [month(40), month(2000)];
console.log('time, warm medians');
console.log(`  read and check the document: ${read.toFixed(2)} ms, ${(read / parse).toFixed(1)} × parsing its JSON`);
console.log(`  construct a block: ${sew.toFixed(2)} ms`);
console.log(`  plan a month, all kits, 40 people: ${few.toFixed(2)} ms; 2000 people: ${(many / few).toFixed(2)} × that`);
