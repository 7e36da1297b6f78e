// A year of work by fifty organisers, each of whom saves once a day: what its revisions take, loose and packed, and how long the newest and an old one are
// read, with and without all that in the same tables.
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import pg from 'pg';
import { demoServer } from '../bin/lib/test-server.mjs';

const ORGANISATION = '00000000-0000-4000-8000-000000000001';
const PROGRAMMES = 50;
const SAVES = 365;

const here = (name) => fileURLToPath(new URL(name, import.meta.url));
const folder = mkdtempSync(join(tmpdir(), 'aggrega-bench-'));
await build({
  ...{ entryPoints: [here('../web/src/lib/server/db/revision-packs.ts')], outfile: join(folder, 'packs.mjs') },
  ...{ bundle: true, platform: 'node', format: 'esm', logLevel: 'error' },
});
const { packed, putPack, toPack, unpacked } = await import(pathToFileURL(join(folder, 'packs.mjs')).href);

const server = await demoServer();
const [db, owner] = [server.database, server.owner].map((connectionString) => new pg.Client({ connectionString }));
await Promise.all([db.connect(), owner.connect()]);
await db.query(`select set_config('app.organisation', $1, false)`, [ORGANISATION]);

// The same sequence in every run.
let state = 7;
const random = (below) => (state = (state * 48271) % 2147483647) % below;
const words =
  'press seam kale towards light dark square corner block lay out bring starch pin cut strip row trim measure'.split(' ');
const sentence = () => Array.from({ length: 6 + random(14) }, () => words[random(words.length)]).join(' ');

/** What an evening changes: a number, a note, a fabric's price, a patch of a drawing. */
function evening(file) {
  const pick = (all) => all[random(all.length)];
  const month = pick(file.months);
  [
    () => (file.participants.frost = 10 + random(60)),
    () => (month.homework = sentence()),
    () => (month.notes = { ...month.notes, start: [{ text: sentence() }] }),
    () => (pick(file.fabrics).pricePerYard = 10 + random(80) / 10),
    () => (pick(pick(file.blocks).patches).role = pick(['A', 'B', 'C', 'D'])),
  ][random(5)]();
}

const REVISION = `insert into programme_revision (organisation_id, programme_id, revision, document, saved_at)
  values ($1, $2, $3, $4, now() - interval '1 day' * (${SAVES} - $3::int))`;
const demo = readFileSync(here('../demo/allotment-year.aggrega.json'), 'utf8');
const ids = [];
for (let p = 0; p < PROGRAMMES; p += 1) {
  await db.query('begin');
  const { rows } = await db.query(
    `insert into programme (organisation_id, slug, title, revision) values ($1, $2, 'A year', ${SAVES}) returning id`,
    [ORGANISATION, `year-${p}`],
  );
  ids.push(rows[0].id);
  const file = JSON.parse(demo);
  for (let revision = 1; revision <= SAVES; revision += 1) {
    evening(file);
    await db.query(REVISION, [ORGANISATION, rows[0].id, revision, JSON.stringify(file)]);
  }
  await db.query('commit');
}

const size = async () => {
  await owner.query('vacuum full programme_revision');
  const { rows } = await owner.query(
    `select pg_total_relation_size('programme_revision') + pg_total_relation_size('revision_pack') as bytes`,
  );
  return Number(rows[0].bytes) / 1e6;
};
const NEWEST = 'select document from programme_revision where programme_id = $1 and revision = $2';
const at = (all, q) => [...all].sort((a, b) => a - b)[Math.floor(q * (all.length - 1))];
async function timed(read) {
  const all = [];
  for (let i = 0; i < 200; i += 1) {
    const start = performance.now();
    await read(ids[random(PROGRAMMES)]);
    all.push(performance.now() - start);
  }
  return at(all, 0.5);
}
const newest = (id) => db.query(NEWEST, [id, SAVES]);
const old = async (id) => {
  const revision = 1 + random(200);
  const [{ document }] = (await db.query(NEWEST, [id, revision])).rows;
  return document ?? JSON.parse((await unpacked(db, [{ id, revision }])).get(`${id} ${revision}`));
};

try {
  const text = (demo.length * PROGRAMMES * SAVES) / 1e6;
  const loose = await size();
  const before = [await timed(newest), await timed(old)];
  console.log(`${PROGRAMMES * SAVES} revisions, ${text.toFixed(0)} MB of text: ${loose.toFixed(0)} MB loose`);
  const took = [];
  for (const id of ids)
    for (;;) {
      const start = performance.now();
      const all = await toPack(db, id);
      if (all.length === 0) break;
      const body = await packed(all);
      await db.query('begin');
      await putPack(
        db,
        id,
        all.map(([revision]) => revision),
        body,
      );
      await db.query('commit');
      took.push(performance.now() - start);
    }
  const small = await size();
  console.log(
    `packed: ${small.toFixed(0)} MB, ${(small / loose).toFixed(2)} of that; a pack is made in ${at(took, 0.5).toFixed(0)} ms (95 % within ${at(took, 0.95).toFixed(0)})`,
  );
  const after = [await timed(newest), await timed(old)];
  for (const [i, name] of ['the newest', 'one of the first 200'].entries())
    console.log(
      `${name} is read in ${before[i].toFixed(1)} ms loose, ${after[i].toFixed(1)} ms packed: ${(after[i] / before[i]).toFixed(2)} ×`,
    );
} finally {
  await Promise.all([db.end(), owner.end()]);
  await server.remove();
  rmSync(folder, { recursive: true });
}
