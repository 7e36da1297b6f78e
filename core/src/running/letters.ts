/** Letters to participants, as plain text. Where her private page is named stands PAGE: the link is put in when a letter goes out. */
import type { Person } from './person';

/** Stands in a letter for the address of her own page. */
export const PAGE = '[her page]';

export interface Letter {
  subject: string;
  body: string;
}

interface About {
  programme: string;
  /** Where participants ask; '' for nowhere. */
  contact: string;
  month: string;
  /** Her colourway's name, and her size's where it is not the plain one. */
  made: string;
}

const first = (person: Pick<Person, 'name'>) => person.name.trim().split(/\s+/)[0]!;
const asking = (contact: string) =>
  contact ? [`If anything is not clear: ${contact}.`] : ['If anything is not clear, ask on your page.'];
const letter = (subject: string, parts: readonly string[]): Letter => ({ subject, body: `${parts.join('\n\n')}\n` });

/** A month is out: her sheet, and what to have done by when. */
export function releaseLetter(
  person: Pick<Person, 'name'>,
  { programme, contact, month, made, homework, next }: About & { homework: string; next: string },
): Letter {
  return letter(`${programme}: ${month}`, [
    `Dear ${first(person)},`,
    `${month} is out. Your sheet, for ${made}, comes with this letter; it is on your page too:\n${PAGE}`,
    ...(homework ? [`${next ? `Before ${next}: ` : 'Until the next month: '}${homework}`] : []),
    ...asking(contact),
    programme,
  ]);
}

/** A sheet was corrected: what is different, in words, for whoever holds an older version. */
export function erratumLetter(
  person: Pick<Person, 'name'>,
  { programme, contact, month, made, version, held, says }: About & { version: number; held: number; says: readonly string[] },
): Letter {
  const changed = says.length > 0;
  return letter(`${programme}: ${changed ? 'a correction to' : 'about'} ${month}`, [
    `Dear ${first(person)},`,
    changed
      ? `The sheet for ${month} has been corrected. You hold version ${held}; version ${version} takes its place. For ${made} this is different:`
      : `The sheet for ${month} has been corrected, but nothing changes for ${made}. What you hold, version ${held}, stays right.`,
    ...(changed ? [says.map((line) => `- ${line}`).join('\n'), 'If you have cut already, ask before you cut again.'] : []),
    `The corrected sheet comes with this letter; it is on your page too:\n${PAGE}`,
    ...asking(contact),
    programme,
  ]);
}

/** An answer to what she asked. */
export function answerLetter(
  person: Pick<Person, 'name'>,
  { programme, asks, answer }: { programme: string; asks: string; answer: string },
): Letter {
  return letter(`${programme}: your question`, [
    `Dear ${first(person)},`,
    `You asked:\n${asks
      .split('\n')
      .map((line) => `> ${line}`)
      .join('\n')}`,
    answer,
    `Your page: ${PAGE}`,
    programme,
  ]);
}
