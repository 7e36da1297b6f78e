/** The desk by mail: in the morning, to whoever wants it, when something should not wait, or on Mondays. */
import { dayAfter, mondayOf, releaseInstant } from '@aggrega/core/running';
import { now, todayIn } from '../clock';
import { claimDeskLetters, deskLetterOf, wantDeskLetter, type DeskLetterKind, type DueDeskLetter } from '../db/desk-letters';
import { organisationLanguage } from '../db/organisations';
import { asOrganisation } from '../db/pool';
import { listProgrammes } from '../db/programmes';
import { sendLetter } from '../mail/post';
import { spokenIn } from '../web/languages';
import { log, said } from '../web/log';
import { deskDays, type DayTask } from './desk';
import { words } from './words';

/** The hour at which letters go out, where the shop is. */
const HOUR = '07:00';
/** Minutes after which a letter that did not go out is tried again. */
const AGAIN = 30;

/** What somebody wants; 'never' for none. */
export const deskLetterWish = (organisation: string, account: string): Promise<DeskLetterKind | 'never'> =>
  asOrganisation(organisation, async (db) => (await deskLetterOf(db, account)) ?? 'never');

/** Notes what somebody wants from now on. */
export async function wishDeskLetter(organisation: string, account: string, kind: DeskLetterKind | 'never'): Promise<void> {
  const zone = await zoneOf(organisation);
  await asOrganisation(organisation, (db) =>
    wantDeskLetter(db, account, kind === 'never' ? undefined : kind, kind === 'never' ? now() : nextLetter(kind, zone)),
  );
}

/** Sends the letters that are due of an organisation. */
export async function sendDeskLetters(organisation: string): Promise<void> {
  const at = now();
  const due = await asOrganisation(organisation, (db) => claimDeskLetters(db, at, new Date(at.getTime() + AGAIN * 60_000)));
  if (due.length === 0) return;
  const zone = await zoneOf(organisation);
  for (const letter of due) {
    try {
      await sendOne(organisation, letter);
      await asOrganisation(organisation, (db) =>
        wantDeskLetter(db, letter.account, letter.kind, nextLetter(letter.kind, zone)),
      );
    } catch (error) {
      log('warn', 'desk by mail', said(error));
    }
  }
}

/** The morning after now, or the Monday after. */
export function nextLetter(kind: DeskLetterKind, timeZone: string, at = now()): Date {
  const today = todayIn(timeZone, at);
  const morning = (day: string) => new Date(releaseInstant(day, { timeZone, time: HOUR }));
  const first = kind === 'weekly' ? mondayOf(today) : today;
  return morning(first) > at ? morning(first) : morning(dayAfter(first, kind === 'weekly' ? 7 : 1));
}

/** Where the shop is: as its first programme has it. */
const zoneOf = (organisation: string): Promise<string> =>
  asOrganisation(organisation, async (db) => {
    const kept = (await listProgrammes(db)).filter((p) => !p.removed);
    return kept.find((p) => p.document.calendar?.timeZone)?.document.calendar?.timeZone ?? 'UTC';
  });

async function sendOne(organisation: string, { kind, email, role }: DueDeskLetter): Promise<void> {
  const language = await asOrganisation(organisation, organisationLanguage);
  await spokenIn(language, async () => {
    const { house, tasks } = await deskDays(organisation, role);
    const letter = deskLetter(tasks, kind, { house, address: process.env.ORIGIN ?? 'http://127.0.0.1' });
    if (letter) await sendLetter({ to: email, ...letter });
  });
}

/** The letter's words; undefined where nothing is late or due today and only that is wanted. */
export function deskLetter(
  tasks: readonly Pick<DayTask, 'title' | 'programme' | 'days' | 'why'>[],
  kind: DeskLetterKind,
  { house, address }: { house: string; address: string },
): { subject: string; text: string } | undefined {
  const group = (from: number, to: number) => tasks.filter((t) => t.days >= from && t.days <= to);
  const [late, today, week] = [group(-Infinity, -1), group(0, 0), group(1, 7)];
  if (kind === 'pressing' && late.length + today.length === 0) return undefined;
  const line = ({ programme, title, days, why }: (typeof tasks)[number]) =>
    `- ${days < 0 ? words.lateLine(title, programme, -days) : words.line(title, programme)}${why ? ` ${why}` : ''}`;
  const part = (heading: string, own: typeof tasks) => (own.length > 0 ? [`${heading}\n${own.map(line).join('\n')}`] : []);
  const parts = [...part(words.late, late), ...part(words.today, today), ...part(words.week, week)];
  return {
    subject: words.subject(house, late.length, today.length),
    text: [...(parts.length > 0 ? parts : [words.nothing]), words.open(address)].join('\n\n') + '\n',
  };
}
