// Random programmes through the independent checker: demand covered, no overlap, edge to edge, direction kept; packets found in stages.
// MANY=5000 npm run bench -- checked-plans
import fc from 'fast-check';
import { planCutting, planPacket, readProgramme } from '@aggrega/core/programme';
import { faultsOf } from '../core/tests/plan-checker';
import { randomProgramme } from '../core/tests/random-programme';

const many = Number(process.env.MANY ?? 5000);
/** ONLY=10 tries every tenth. */
const only = Number(process.env.ONLY ?? 0);
let [programmes, plans, faults] = [0, 0, 0];
const began = performance.now();
for (const document of fc.sample(randomProgramme(), { numRuns: many, seed: 20261124 })) {
  const reading = readProgramme(document);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  const { programme } = reading;
  const [colourway] = programme.colourways;
  programmes += 1;
  if (only && programmes % only !== 0) continue;
  // Every tenth is searched to the end.
  const first = programmes % 10 !== 0;
  for (const basis of ['kit', 'batch'] as const) {
    const request = { colourway: colourway!, months: programme.months, basis, participants: document.participants.one, first };
    for (const { plan } of planCutting(programme, request).fabrics) {
      plans += 1;
      const found = faultsOf(plan);
      faults += found.length;
      if (found.length > 0) console.error(programmes, basis, found.slice(0, 3), JSON.stringify(document).slice(0, 400));
    }
  }
  if (programmes % 10 === 0)
    for (const { plan } of planPacket(programme, { colourway: colourway!, months: programme.months }).fabrics) {
      plans += 1;
      const found = faultsOf(plan);
      faults += found.length;
      if (found.length > 0) console.error(programmes, 'packet', found.slice(0, 3), plan.lowerBound);
    }
  if (programmes % 250 === 0) console.log(`${programmes} programmes, ${plans} plans, ${faults} faults`);
}
console.log(
  `${programmes} programmes, ${plans} plans, ${faults} faults, ${((performance.now() - began) / 60_000).toFixed(1)} min`,
);
process.exitCode = faults > 0 ? 1 : 0;
