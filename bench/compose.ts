/**
 * Composing years: the first and the last of four for the wishes of the six ready years, and the proof of the first, against reading a whole programme in
 * the same run. Cold is the first of the process. And how many of a thousand chance wishes find a year.
 */
import { readFileSync } from 'node:fs';
import { composeYears, NoYear, proveYear, quiltSizes, readyYears, type ComposedYear, type Wish } from '../core/src/compose';
import { techniques, type Skill } from '../core/src/construction';
import { readyCasts } from '../core/src/fabric';
import { seeded } from '../core/src/measure';
import { readProgramme } from '../core/src/programme';
import { newProgramme } from '../core/src/running';

const timed = <T>(work: () => T): [T, number] => {
  const start = performance.now();
  const made = work();
  return [made, performance.now() - start];
};
const base = (months: number, letters: number, cast: number) =>
  newProgramme({
    ...{ title: 'A Year', unit: 'in', months, kind: 'monthly', start: '2027-01-09', timeZone: 'UTC', letters },
    ...{ colourways: ['Frost'], casts: [readyCasts[cast]!], nameOf: (day) => day },
  });
const ms = (n: number) => `${n.toFixed(0).padStart(6)} ms`;

function proved(year: ComposedYear, wish: Wish): number {
  const steps = proveYear(year, wish);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value.broken.length;
  }
}

const demo = JSON.parse(readFileSync(process.argv[2]!, 'utf8'));
readProgramme(structuredClone(demo));
const [, reading] = timed(() => readProgramme(structuredClone(demo)));
console.log(`reading the demonstration  ${ms(reading)}`);
readyYears.forEach((ready, i) => {
  const [width, height] = quiltSizes.find((s) => s.id === ready.size)!.in;
  const wish: Wish = { ...ready.wish, block: ready.block.in, quilt: { width, height } };
  const years = composeYears(
    base(
      ready.instalments,
      ready.letters,
      readyCasts.findIndex((c) => c.id === ready.cast),
    ),
    wish,
  );
  const [first, toFirst] = timed(() => years.next().value as ComposedYear);
  const [rest, toLast] = timed(() => [...years]);
  const [broken, proof] = timed(() => proved(first, wish));
  console.log(
    `${ready.id.padEnd(20)}${i === 0 ? 'cold' : 'warm'}  first ${ms(toFirst)} = ${(toFirst / reading).toFixed(1)} readings, all ${1 + rest.length} ${ms(toFirst + toLast)}, proof ${ms(proof)}, broken ${broken}`,
  );
});

const random = seeded(20_270_109);
const below = (n: number) => Math.floor(random() * n);
const times: number[] = [];
const reasons = new Map<string, number>();
let found = 0;
const WISHES = 300;
for (let n = 0; n < WISHES; n += 1) {
  const from = (1 + below(3)) as Skill;
  const [width, height] = quiltSizes[below(4)]!.in;
  const wish: Wish = {
    ...{
      block: ['6', '8', '9', '12'][below(4)]!,
      quilt: { width, height },
      skill: { from, to: (from + below(5 - from)) as Skill },
    },
    ...{ teach: below(2) ? [] : techniques.filter((t) => t.id !== 'squares' && below(5) === 0).map((t) => t.id) },
    ...{ finishing: below(2) === 0, giving: 'yardage', fatQuarters: 12, hours: 2 + below(6), mystery: false, seed: n },
  };
  const years = composeYears(base(4 + below(10), 2 + below(6), below(6)), wish);
  const [, time] = timed(() => {
    try {
      found += Number(!years.next().done);
    } catch (error) {
      if (!(error instanceof NoYear)) throw error;
      const reason = error.message.replace(/\d+/g, 'n').slice(0, 60);
      reasons.set(reason, (reasons.get(reason) ?? 0) + 1);
    }
  });
  times.push(time);
}
times.sort((a, b) => a - b);
console.log(
  `${WISHES} chance wishes: ${found} years; first answer median ${ms(times[WISHES / 2]!)}, 95 of 100 within ${ms(times[Math.floor(WISHES * 0.95)]!)}, slowest ${ms(times.at(-1)!)}`,
);
for (const [reason, n] of [...reasons].sort((a, b) => b[1] - a[1]).slice(0, 6))
  console.log(`  ${String(n).padStart(4)} × ${reason}`);
