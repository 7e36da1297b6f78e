// 2,000 people, 12 months, 24,000 kits and letters: what lists and pages take with ten people working, against an empty answer of the same server in
// the same run; and how PostgreSQL goes about each query.
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import pg from 'pg';
import { demoServer } from '../bin/lib/test-server.mjs';

const ORGANISATION = '00000000-0000-4000-8000-000000000001';
const PEOPLE = 2000;
const WORKING = 10;
const EACH = 4;
const slug = 'the-allotment-year';

const server = await demoServer();
const db = new pg.Client({ connectionString: server.database });
await db.connect();
await db.query(`select set_config('app.organisation', $1, false)`, [ORGANISATION]);
const ours = `select id from programme where slug = '${slug}'`;

// The demonstration's own people go; made-up ones in their thousands come.
await db.query(`delete from kit where programme_id = (${ours})`);
await db.query(`delete from participant where programme_id = (${ours})`);
const blank = { phone: '', address: '', size: '', kit: '', handing: 'pickup', left: '', paidTo: 'm3', notes: '', sheet: '' };
const changes = Array.from({ length: PEOPLE }, (_, i) => ({
  id: crypto.randomUUID(),
  to: {
    ...blank,
    name: `Person ${i}`,
    email: `person.${i}@example.org`,
    colourway: ['frost', 'harvest', 'dusk'][i % 3],
    state: 'in',
    joined: '2027-01-02',
  },
}));
const enrolled = await fetch(`${server.address}/api/programmes/${slug}/roster`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify({ changes }),
});
if (!enrolled.ok) throw new Error(await enrolled.text());
await db.query(`
  insert into kit (organisation_id, programme_id, participant_id, month, colourway, size, state, cut_at, packed_at, handed_at)
  select t.organisation_id, programme_id, id, 'm' || m, colourway, size, case when m < 12 then 'handed' else 'packed' end, now() - interval '9 days',
    now() - interval '8 days', case when m < 12 then now() - interval '7 days' end
  from participant t cross join generate_series(1, 12) m where programme_id = (${ours})`);
await db.query(`
  insert into mail (organisation_id, programme_id, participant_id, once, month, recipient, subject, body, state, next_at, written_at, sent_at)
  select organisation_id, programme_id, id, 'bench ' || m || id, 'm' || m, email, 'Month ' || m, repeat('words ', 80), 'sent', now(), now(), now()
  from participant cross join generate_series(1, 12) m where programme_id = (${ours})`);
await db.query(`
  insert into sheet_held (organisation_id, programme_id, participant_id, month, version, held_at, way)
  select t.organisation_id, t.programme_id, t.id, v.month, v.version, now(), 'mail'
  from participant t join sheet_version v on v.programme_id = t.programme_id where t.programme_id = (${ours})`);
// As the database does by itself soon after much has changed.
const owner = new pg.Client({ connectionString: server.owner });
await owner.connect();
await owner.query('analyze');
await owner.end();
const count = async (table) => (await db.query(`select count(*)::int as n from ${table}`)).rows[0].n;
console.log(
  `${await count('participant')} people, ${await count('kit')} kits, ${await count('mail')} letters, ${await count('sheet_held')} sheets held`,
);

const { link } = await (await fetch(`${server.address}/api/programmes/${slug}/roster/${changes[0].id}/link`)).json();
const own = new URL(link).pathname;
const P = `/programmes/${slug}`;
const A = `/api${P}`;
const WALK = {
  roster: [`${P}/roster`],
  'roster, found by name': [`${A}/roster?find=person%201234`],
  'roster, by what is paid': [`${A}/roster?sort=paid&down=1&page=5`],
  'kits of the year': [`${P}/kits`],
  'kits of a month': [`${P}/months/m1/kits`],
  'pickup table': [`${A}/kits?ready`],
  'release, with who holds what': [`${P}/months/m1/release`],
  post: [`${P}/post`],
  calendar: [`${P}/calendar`],
  forecast: [`${P}/forecast`],
  'participant’s page': [own],
  'participant’s sheet': [`${own}/months/m1`],
  'participant’s calendar': [`${own}/calendar.ics`],
};

/** Milliseconds of every answer, ten asking at once. */
async function asked(path) {
  const times = [];
  await Promise.all(
    Array.from({ length: WORKING }, async () => {
      for (let i = 0; i < EACH; i += 1) {
        const start = performance.now();
        const answer = await fetch(server.address + path);
        await answer.arrayBuffer();
        if (!answer.ok) console.log(`${path}: ${answer.status}`);
        times.push(performance.now() - start);
      }
    }),
  );
  return times.sort((a, b) => a - b);
}
const at = (times, share) => times[Math.min(times.length - 1, Math.floor(times.length * share))];
await asked('/health');
const empty = at(await asked('/health'), 0.95);
console.log(`an empty answer, ten at once: 95 % within ${empty.toFixed(0)} ms`);
for (const [name, [path]] of Object.entries(WALK)) {
  const start = performance.now();
  await (await fetch(server.address + path)).arrayBuffer();
  const alone = performance.now() - start;
  const times = await asked(path);
  const p95 = at(times, 0.95);
  console.log(
    `${name.padEnd(30)} alone ${alone.toFixed(0).padStart(4)} ms; ten at once: median ${at(times, 0.5).toFixed(0).padStart(4)}, 95 % ${p95.toFixed(0).padStart(4)} ms (${(p95 / empty).toFixed(0)} × empty)`,
  );
}

// Ten people who work: each looks at something, then thinks for a while, as people do; now and then one packs somebody's kit, or unpacks it.
const places = Object.entries(WALK).map(([name, [path]]) => ({ name, path, times: [] }));
const [mixed, ticks] = [[], []];
await Promise.all(
  Array.from({ length: WORKING }, async (_, w) => {
    for (let i = 0; i < 40; i += 1) {
      await new Promise((r) => setTimeout(r, 800 + ((w * 370 + i * 530) % 2400)));
      const start = performance.now();
      if (i % 4 === 3) {
        const answer = await fetch(`${server.address}${A}/kits`, {
          method: 'POST',
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify({
            deed: 'set',
            month: 'm12',
            people: [changes[w * 40 + i].id],
            state: i % 8 === 3 ? 'cut' : 'packed',
          }),
        });
        if (!answer.ok) throw new Error(await answer.text());
        ticks.push(performance.now() - start);
      } else {
        const { path, times } = places[(w * 5 + i) % places.length];
        await (await fetch(server.address + path)).arrayBuffer();
        times.push(performance.now() - start);
        mixed.push(performance.now() - start);
      }
    }
  }),
);
for (const [name, times] of [
  ['looks', mixed],
  ['kits ticked', ticks],
]) {
  times.sort((a, b) => a - b);
  console.log(
    `ten people working, something every 0.8 to 3.2 s, ${times.length} ${name}: median ${at(times, 0.5).toFixed(0)} ms, 95 % within ${at(times, 0.95).toFixed(0)} ms`,
  );
}

for (const { name, times } of places) {
  times.sort((a, b) => a - b);
  console.log(`  ${name.padEnd(30)} 95 % within ${at(times, 0.95).toFixed(0).padStart(4)} ms of ${times.length}`);
}

const folder = mkdtempSync(join(tmpdir(), 'aggrega-bench-'));
const outfile = join(folder, 'queries.mjs');
await build({
  entryPoints: [fileURLToPath(new URL('people-queries.ts', import.meta.url))],
  ...{ outfile, bundle: true, platform: 'node', format: 'esm', logLevel: 'error', packages: 'external' },
});
const { queries } = await import(pathToFileURL(outfile).href);
console.log('\nHow PostgreSQL goes about it:');
for (const [name, ask] of Object.entries(queries)) {
  const explaining = {
    query: async (sql, values) => {
      const { rows } = await db.query(`explain (analyze, costs off, timing off) ${sql}`, values);
      const lines = rows.map((r) => r['QUERY PLAN']);
      console.log(`\n${name}: ${lines.at(-1).trim()}`);
      for (const line of lines.filter((l) => /Scan|Join|Nested|Hash|Sort|Aggregate|Limit/.test(l)).slice(0, 12))
        console.log(`  ${line}`);
      return { rows: [] };
    },
  };
  await ask(explaining, slug, changes[0].id);
}
rmSync(folder, { recursive: true });
await db.end();
await server.remove();
