// Fifty organisers at once, each with a programme of her own house's, who look, think and save; and what a page costs against an empty one of the same
// server in the same run.
import { demoServer } from '../bin/lib/test-server.mjs';

const PEOPLE = 50;
const SECONDS = Number(process.env.BENCH_SECONDS) || 60;
const P = '/programmes/the-allotment-year';
const LOOKS = [
  '',
  '/roster',
  '/kits',
  '/calendar',
  '/post',
  '/money',
  '/months/m6/cut',
  '/months/m6/draft',
  '/months/m6/sheet',
  '/months/m6/kits',
  '/record',
];

const server = await demoServer();
const at = (times, share) => times[Math.min(times.length - 1, Math.floor(times.length * share))] ?? 0;
const sorted = (times) => times.sort((a, b) => a - b);

/** What somebody does next, and after how many milliseconds: everybody in her own time; or, with BENCH_IN_STEP, all of them looking and then all saving. */
function turns(i) {
  const chance = chances(i + 1);
  return process.env.BENCH_IN_STEP
    ? (n) => ({ wait: 2500 + ((i * 370 + n * 930) % 5000), saves: n % 4 === 3, look: LOOKS[(i + n) % LOOKS.length] })
    : () => ({ wait: 2500 + chance() * 5000, saves: chance() < 0.25, look: LOOKS[Math.floor(chance() * LOOKS.length)] });
}

/** Numbers from 0 to 1 as if thrown, the same in every run (a linear congruential generator). */
function chances(seed) {
  let state = seed * 2654435761;
  return () => (state = (Math.imul(state, 1664525) + 1013904223) >>> 0) / 2 ** 32;
}

/** Answers in a second, ten asking without a pause. */
async function throughput(path, seconds = 5) {
  let answers = 0;
  const end = performance.now() + seconds * 1000;
  await Promise.all(
    Array.from({ length: 10 }, async () => {
      while (performance.now() < end) {
        await (await fetch(server.address + path)).arrayBuffer();
        answers += 1;
      }
    }),
  );
  return answers / seconds;
}

try {
  // The page that says nothing to anybody: layout, styles and script of the application, and no data.
  const EMPTY = '/sign-in/forgotten';
  for (const path of [EMPTY, P, `${P}/money`]) await throughput(path, 1);
  const empty = await throughput(EMPTY);
  console.log(`an empty page: ${empty.toFixed(0)} answers a second`);
  for (const look of LOOKS) {
    const own = await throughput(P + look);
    console.log(
      `${(look || '/ (the year)').padEnd(20)} ${own.toFixed(0).padStart(4)} a second, ${((own / empty) * 100).toFixed(0)} % of an empty page`,
    );
  }

  const programmes = await Promise.all(
    Array.from({ length: PEOPLE }, async (_, i) => {
      const document = await (await fetch(`${server.address}${P}/document`)).json();
      const made = await fetch(`${server.address}/api/import`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify({ ...document, title: `Load ${i}` }),
      });
      return (await made.json()).slug;
    }),
  );
  const [looks, saves] = [[], []];
  const byPage = new Map(LOOKS.map((look) => [look, []]));
  let failed = 0;
  const end = performance.now() + SECONDS * 1000;
  await Promise.all(
    programmes.map(async (slug, i) => {
      const next = turns(i);
      let was = 0;
      const document = await (await fetch(`${server.address}/programmes/${slug}/document`)).json();
      was = document.kits?.demoSets;
      for (let n = 0; performance.now() < end; n += 1) {
        // As people work: a look or a save every five seconds or so.
        const { wait, saves: saving, look } = next(n);
        await new Promise((r) => setTimeout(r, wait));
        const began = performance.now();
        if (saving) {
          const to = (n % 5) + 1;
          const answer = await fetch(`${server.address}/api/programmes/${slug}/changes`, {
            method: 'POST',
            headers: { 'content-type': 'application/json' },
            body: JSON.stringify({ changes: [{ path: '/kits/demoSets', from: was, to }] }),
          });
          if (answer.ok) was = to;
          else failed += 1;
          await answer.arrayBuffer();
          saves.push(performance.now() - began);
        } else {
          const answer = await fetch(`${server.address}/programmes/${slug}${look}`);
          if (!answer.ok) failed += 1;
          await answer.arrayBuffer();
          looks.push(performance.now() - began);
          byPage.get(look).push(performance.now() - began);
        }
      }
    }),
  );
  for (const [name, times] of [
    ['looks', sorted(looks)],
    ['saves', sorted(saves)],
  ])
    console.log(
      `${PEOPLE} organisers, ${SECONDS} s, ${times.length} ${name}: median ${at(times, 0.5).toFixed(0)}, 95 % ${at(times, 0.95).toFixed(0)}, slowest ${at(times, 1).toFixed(0)} ms`,
    );
  for (const [look, times] of byPage)
    console.log(
      `  ${(look || '/ (the year)').padEnd(20)} median ${at(sorted(times), 0.5).toFixed(0).padStart(4)}, 95 % ${at(times, 0.95).toFixed(0).padStart(4)} ms`,
    );
  console.log(`${failed} were not answered as they should be`);
} finally {
  await server.remove();
}
