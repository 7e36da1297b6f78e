/** Corrections of what is out: told to exactly those who hold an older version that says something else, each with what is different for them. */
import { groupName } from '@aggrega/core/setting';
import { words } from './words';
import { blockNames, type Programme } from '@aggrega/core/programme';
import { listed } from '@aggrega/core/measure';
import { erratumLetter } from '@aggrega/core/running';
import type pg from 'pg';
import { listHolders, noteHeld } from '../db/held';
import { writeMails, type NewMail } from '../db/mails';
import { organisationLanguage, organisationName } from '../db/organisations';
import { languageFor, spokenIn } from '../web/languages';
import { allPeople } from '../db/participants';
import { findProgramme } from '../db/programmes';
import { setReleasedVersion } from '../db/releases';
import { findVersion } from '../db/sheet-versions';
import { changesBetween } from '../sheet/sheet-changes';
import { readingOf } from '$lib/ask/reading';

/**
 * Where the month is out, shows the new version from now on and writes to those who hold an older one; how many letters. A month that is not out
 * is left alone. `already`: what to say to whoever has cut already; '' for the usual.
 */
export async function correctReleased(
  db: pg.ClientBase,
  slug: string,
  { month, version, at, already }: { month: string; version: number; at: Date; already: string },
): Promise<number> {
  if (!(await setReleasedVersion(db, slug, month, version))) return 0;
  const stored = (await findProgramme(db, slug))!;
  const reading = readingOf(stored.document);
  if (!reading.ok) return 0;
  const { programme } = reading;
  const holders = (await listHolders(db, slug, month)).filter((h) => h.version > 0 && h.version < version);
  const [from, language] = [await organisationName(db), await organisationLanguage(db)];
  const people = new Map((await allPeople(db, slug)).map((p) => [p.id, p]));
  const differences = new Map<number, ReturnType<typeof changesBetween>>();
  for (const held of new Set(holders.map((h) => h.version))) {
    const old = await findVersion(db, slug, month, held);
    differences.set(held, old ? changesBetween(old, stored.document, month) : []);
  }
  const told = holders.map((h) => ({
    h,
    says: differences
      .get(h.version)!
      .filter((c) => c.id === '' || c.id === h.colourway)
      .flatMap((c) => c.says),
  }));
  // To whom nothing changes nothing is sent: what they have says the same as the new version.
  for (const way of ['mail', 'page', 'hand'] as const) {
    const same = told.filter(({ h, says }) => says.length === 0 && h.way === way).map(({ h }) => h.participant);
    if (same.length > 0) await noteHeld(db, slug, { people: same, month, version, way, at });
  }
  const mails = told.flatMap(({ h, says }): NewMail[] => {
    if (says.length === 0 || !h.email) return [];
    const person = people.get(h.participant)!;
    const letter = spokenIn(languageFor(person.sheet, language), () =>
      erratumLetter(person, { ...aboutMonth(programme, month, person, from), version, held: h.version, says, already }),
    );
    return [
      {
        ...letter,
        ...{ participant: person.id, once: `erratum ${month} ${version} ${person.id}`, month, version },
        ...{ recipient: person.email, withSheet: true },
      },
    ];
  });
  return writeMails(db, slug, mails, at);
}

/** What a letter says of a month to a person. */
export function aboutMonth(programme: Programme, monthId: string, person: { colourway: string; size: string }, from: string) {
  const month = programme.months.find((m) => m.id === monthId)!;
  const colourway = programme.colourways.find((c) => c.id === person.colourway)?.name ?? person.colourway;
  const size = programme.sizes.find((s) => s.id === person.size)?.name;
  const setting = programme.sizes.find((s) => s.id === person.size)?.setting ?? programme.setting;
  const parts = [...(setting?.months ?? [])].filter(([, id]) => id === monthId).map(([group]) => words.the(groupName(group)));
  return {
    ...{ programme: programme.title, from, parts: listed(parts) },
    contact: programme.contact,
    ...{ month: month.name, blocks: blockNames(month), several: new Set(month.blocks.map((b) => b.block.id)).size > 1 },
    made: size ? `${colourway} (${size})` : colourway,
  };
}
