/** The demonstration's year so far: months that went out and a correction, kits on their way, people ahead and behind, what they asked and showed. */
import { blockDrawing } from '@aggrega/core/block';
import { demandName, lengthList } from '$lib/plan/room-plan';
import { shortName } from '$lib/plan/short-name';
import { slipsOf } from '@aggrega/core/construction';
import { constructMonthBlock, kitsFor, readProgramme, type Programme, type ProgrammeFile } from '@aggrega/core/programme';
import { cardsOf, monthPaper } from '@aggrega/core/sheet';
import { dayAfter, progressSteps, releaseInstant } from '@aggrega/core/running';
import type pg from 'pg';
import sharp from 'sharp';
import { drawingSvg } from './demo-picture';
import { correctReleased } from '../release/corrections';
import { beginList, tickStep } from '../db/cut-steps';
import { noteHeld } from '../db/held';
import { noteLayout, setTells } from '../db/layout-checks';
import { addLoose, setKits } from '../db/kits';
import { insertMeasurement, insertPicture, insertQuestion, setPicturesFor } from '../db/participant-page';
import { asCounted } from '../participants/roster-counts';
import { allPeople, tallyPeople, type StoredPerson } from '../db/participants';
import { addRevision } from '../db/programmes';
import { setDue } from '../db/releases';
import { insertSample } from '../db/samples';
import { addMarks } from '../db/sewing';
import { freeze, release } from '../release/releases';
import { publishIn } from '../sheet/sheet-versions';

interface Demo {
  slug: string;
  /** As it stands now. The first document had a slip in its third month. */
  file: ProgrammeFile;
  today: string;
}

/** What the organiser says to whoever has cut by the sheet before the correction. */
const ALREADY = 'Nothing is lost. Sew as before and trim each unit to 3 1/2 in, as version 1 says.';
/** Months that the first document has otherwise: March was to be cut large and trimmed, and was put right a few days after it went out. */
export const SLIP = 'm3';

/** The document before the slip was found. */
export const withSlip = (file: ProgrammeFile): ProgrammeFile => ({
  ...file,
  months: file.months!.map((m) =>
    m.id === SLIP ? { ...m, blocks: m.blocks!.map((b) => ({ ...b, sizing: 'trim-down' as const })) } : m,
  ),
});

/** Lives the year up to today: everything through the functions that the application itself uses. */
export async function liveDemo(db: pg.ClientBase, { slug, file, today }: Demo): Promise<void> {
  const reading = readProgramme(file);
  if (!reading.ok) throw new Error('the demonstration programme is unsound');
  const { programme } = reading;
  const people = await allPeople(db, slug);
  const out = programme.months.filter((m) => m.release && m.release < today);
  const at = (day: string) => new Date(releaseInstant(day, programme.calendar));
  const checks = ['date', 'doubts', 'sample', 'read', 'words'];
  for (const month of out) {
    const day = month.release!;
    await freeze(db, slug, month.id, { checks, at: at(dayAfter(day, -6)) });
    await release(db, slug, month.id, at(day));
    await arrive(db, slug, { month: month.id, version: 1, at: at(day), people: people.filter((p) => tookPart(p, day)) });
    if (month.id !== SLIP) continue;
    await addRevision(db, slug, programme.title, asCounted(file, await tallyPeople(db, slug)));
    const found = at(dayAfter(day, 5));
    const { version } = (await publishIn(db, slug, month.id, found)) as { version: number };
    await correctReleased(db, slug, { month: month.id, version, at: found, already: ALREADY });
    // Three of them have not seen the correction: their mail came back.
    const told = people.filter((p) => tookPart(p, day));
    const away = told.filter((p) => p.state === 'in').slice(4, 7);
    await arrive(db, slug, { month: month.id, version, at: found, people: told.filter((p) => !away.includes(p)) });
    await db.query(
      `update mail set state = 'failed', tries = 6, trouble = 'the mailbox is full' where month = $1 and version = $2 and state = 'waiting'`,
      [month.id, version],
    );
  }
  const next = programme.months[out.length];
  if (next?.release) {
    await freeze(db, slug, next.id, { checks, at: at(dayAfter(today, -1)) });
    await setDue(db, slug, next.id, at(next.release));
  }
  const first = out[0]?.blocks[0];
  if (first)
    await insertSample(
      db,
      slug,
      {
        ...{
          month: out[0]!.id,
          block: first.key,
          colourway: 'frost',
          sewnBy: 'Cleo Ferris',
          sewnOn: dayAfter(out[0]!.release!, -16),
        },
        minutes: { cut: 4, units: 8, block: 15 },
        measured: [
          { what: 'a row of four', seams: 3, expected: '12 1/2', measured: '12 5/16', before: '' },
          { what: 'a pair', seams: 1, expected: '6 1/2', measured: '6 7/16', before: '' },
        ],
        remarks: 'Pressed open at the middle crossing; it lies flatter.',
      },
      at(dayAfter(out[0]!.release!, -16)),
    );
  await kits(db, slug, { programme, people, today, at });
  const counted = readProgramme(asCounted(file, await tallyPeople(db, slug)));
  if (counted.ok) await halfCut(db, slug, counted.programme, today);
  await lives(db, slug, { programme, people, out: out.map((m) => m.id), at: at(dayAfter(today, -1)) });
}

const tookPart = (p: StoredPerson, day: string) =>
  p.state !== 'waiting' && (p.joined || '0') <= day && (p.state === 'in' || p.left > day);

/** Letters of a month as they went out then: to those who took part by then; nobody is sent anything today. */
async function arrive(
  db: pg.ClientBase,
  slug: string,
  { month, version, at, people }: { month: string; version: number; at: Date; people: readonly StoredPerson[] },
): Promise<void> {
  const ids = people.map((p) => p.id);
  const ours = `programme_id = (select id from programme where slug = $1) and month = $2 and version = $3`;
  await db.query(`update mail set state = 'sent', sent_at = written_at, tries = 1 where ${ours} and participant_id = any($4)`, [
    slug,
    month,
    version,
    ids,
  ]);
  if (version === 1) await db.query(`delete from mail where ${ours} and state = 'waiting'`, [slug, month, version]);
  await noteHeld(db, slug, { people: ids, month, version, way: 'mail', at });
}

interface Scene {
  programme: Programme;
  people: readonly StoredPerson[];
  today: string;
  at: (day: string) => Date;
}

/** Packets that are out were fetched, but for the newest; the next is being cut; who joined late still waits for the first ones. */
async function kits(db: pg.ClientBase, slug: string, { programme, people, today, at }: Scene): Promise<void> {
  const takes = people.filter((p) => p.state === 'in' && p.kit !== 'list');
  const packets = programme.kits.packets.filter((p) => p[0]!.release);
  const out = packets.filter((p) => p[0]!.release! < today);
  for (const [i, packet] of packets.entries()) {
    const { id: month, release: day } = packet[0]!;
    const there = takes.filter((p) => (p.joined || '0') <= day!).map((p) => p.id);
    const set = (some: string[], state: 'cut' | 'packed' | 'handed', days: number) =>
      some.length > 0 ? setKits(db, slug, { month, people: some, state, at: at(dayAfter(day!, days)) }) : undefined;
    if (i < out.length - 1) {
      await set(there, 'packed', -2);
      // Now and then somebody does not come.
      await set(
        there.filter((_, k) => (k + i) % 19 > 0),
        'handed',
        1,
      );
      for (const [colourway, spare] of [
        ['frost', 2],
        ['harvest', 1],
        ['dusk', 1],
      ] as const)
        await addLoose(db, slug, { month, colourway, size: '', kits: spare, at: at(dayAfter(day!, -4)) });
    } else if (i === out.length - 1) {
      await set(there, 'packed', -2);
      await set(
        there.filter((_, k) => k % 3 === 0),
        'handed',
        1,
      );
    } else if (i === out.length) {
      await setKits(db, slug, {
        month,
        people: takes.filter((p) => p.colourway === 'frost').map((p) => p.id),
        state: 'cut',
        at: at(dayAfter(today, -1)),
      });
    }
  }
}

/** An evening that is not over: half the lengths of the next packet's second colourway are ticked. */
async function halfCut(db: pg.ClientBase, slug: string, programme: Programme, today: string): Promise<void> {
  const month = programme.kits.packets.find((p) => (p[0]!.release ?? '') >= today)?.[0];
  const colourway = programme.colourways[1];
  if (!month || !colourway) return;
  const people = programme.participants.get(colourway.id)!;
  const asked = { month, colourway, people };
  const lengths = lengthList(programme, asked, []);
  if (!lengths.ok) return;
  const place = `${month.id}~${colourway.id}~kit`;
  const list = `${place}~${demandName(programme, asked)}~${shortName('')}`;
  await beginList(db, slug, place, { list, kits: kitsFor(programme, colourway, people), base: [], estimated: 0 });
  for (const { id, gives } of lengths.rows.slice(0, Math.ceil(lengths.rows.length / 2)))
    await tickStep(db, slug, place, { list, step: id, gives });
}

/** How far everybody is, what some asked, and what some showed. */
async function lives(
  db: pg.ClientBase,
  slug: string,
  { programme, people, out, at }: { programme: Programme; people: readonly StoredPerson[]; out: string[]; at: Date },
): Promise<void> {
  const sewing = people.filter((p) => p.state === 'in');
  const ticks: { participant: string; month: string; step: string }[] = [];
  for (const [i, person] of sewing.entries()) {
    // Most are up to date but for the newest; every fifth is behind, by as many months as chance would have it.
    const behind = i % 5 === 4 ? 1 + (i % 4) : 0;
    for (const [m, month] of out.entries()) {
      const left = out.length - 1 - m - behind;
      const steps = left > 0 ? 3 : left === 0 ? i % 4 : 0;
      for (const step of progressSteps.slice(0, steps)) ticks.push({ participant: person.id, month, step });
    }
  }
  await db.query(
    `insert into progress (organisation_id, programme_id, participant_id, month, step, done_at)
     select organisation_id, id, r.participant, r.month, r.step, $3
     from programme, jsonb_to_recordset($2::jsonb) as r(participant uuid, month text, step text) where slug = $1`,
    [slug, JSON.stringify(ticks), at],
  );
  const [ada, bea, , dot] = sewing;
  const newest = out.at(-1) ?? '';
  await insertQuestion(
    db,
    ada!.id,
    newest,
    'My units come out a thread under the checkpoint, all of them the same. Is that still good?',
    at,
  );
  await insertQuestion(db, dot!.id, '', 'I am away on the next pickup evening. May my neighbour fetch my kit?', at);
  await insertQuestion(db, bea!.id, out[0] ?? '', 'Is the first fabric the lighter side up?', at);
  await db.query(
    `update question set answer = 'The side with the clearer print is up; both will do.', answered_at = $2 where participant_id = $1`,
    [bea!.id, at],
  );
  for (const [i, month] of out.slice(0, 3).entries())
    for (const person of sewing.slice(i * 2, i * 2 + 4)) {
      const entry = programme.months.find((m) => m.id === month)?.blocks[0];
      const colourway = programme.colourways.find((c) => c.id === person.colourway);
      if (!entry || !colourway) continue;
      const colours = new Map([...colourway.fabrics].map(([role, f]) => [role, f.colour]));
      const svg = drawingSvg(blockDrawing(entry.block, entry.finished), colours);
      await insertPicture(db, person.id, month, await sharp(Buffer.from(svg)).jpeg({ quality: 80 }).toBuffer(), at);
      // Most show theirs to the group, some to the organiser alone, one to nobody.
      await setPicturesFor(db, person.id, person === dot ? 'me' : person === bea ? 'organiser' : 'group');
    }
  for (const [who, month, seams, measured] of [
    [ada, newest, 3, '12 5/16'],
    [dot, out.at(-2) ?? '', 5, '12 1/2'],
    // Most measure because the sheet asks, not because something is wrong.
    ...sewing.slice(2, 10).map((person, i) => [person, newest, 3, i % 3 === 1 ? '12 7/16' : '12 1/2'] as const),
  ] as const)
    await insertMeasurement(db, who!.id, {
      ...{ month, at },
      sizes: [{ what: 'a row across the block', seams, expected: '12 1/2', measured, before: '' }],
    });
  await layoutsChecked(db, programme, { months: out.slice(-2), sewing, at });
  if (ada) await sewnHalf(db, programme, { month: newest, person: ada, at });
}

/** She is half way through the newest sheet, and measured the first thing that there was to measure. */
async function sewnHalf(
  db: pg.ClientBase,
  programme: Programme,
  { month, person, at }: { month: string; person: StoredPerson; at: Date },
): Promise<void> {
  const found = programme.months.find((m) => m.id === month);
  const colourway = programme.colourways.find((c) => c.id === person.colourway);
  if (!found || !colourway) return;
  const cards = cardsOf(monthPaper(programme, found, colourway));
  const set = (value: string | number) => ({ value, at: at.getTime() });
  const done = cards.slice(0, cards.length >> 1);
  const measured = done.find((card) => card.checkpoint);
  const marks = {
    ...Object.fromEntries(done.map((card) => [`done ${card.id}`, set(card.times)])),
    ...(measured && { [`size 0 0 ${measured.id}`]: set(measured.checkpoint!.sides[0]!.expected) }),
    at: set(cards[done.length]?.id ?? ''),
  };
  await addMarks(db, person.id, { month, version: month === SLIP ? 2 : 1, marks });
}

/** Some of them check what they lay out and tell it: most lay it right, the likeliest slip comes three times, another one once. */
async function layoutsChecked(
  db: pg.ClientBase,
  programme: Programme,
  { months, sewing, at }: { months: readonly string[]; sewing: readonly StoredPerson[]; at: Date },
): Promise<void> {
  for (const month of months) {
    const entry = programme.months.find((m) => m.id === month)?.blocks[0];
    if (!entry) continue;
    const slips = slipsOf(constructMonthBlock(programme, entry)).filter((slip) => slip.unit);
    const found = slips.map(({ unit, kind }) => ({ unit: unit!.name, label: unit!.label, kind }));
    for (const [i, person] of sewing.slice(0, 9).entries()) {
      await setTells(db, person.id, true);
      const hers = i < 3 ? found.slice(0, 1) : i === 3 ? found.slice(1, 2) : [];
      await noteLayout(db, person.id, { month, block: entry.key, found: hers, at });
    }
  }
}
