/** A month's cutting plan as a file to keep, planned anew from the stored programme so that it is final. */
import { words } from './words';
import { planAims } from '@aggrega/core/cutting';
import type { FoundFile } from '../web/file-answer';
import { planned } from '../planner/ask';
import { programmeOf } from '../programme/programmes';
import { readingOf } from '$lib/ask/reading';

/** `asked`: colourway, basis, people and reading; all but the colourway may be left out; without a reading each fabric is planned as it is chosen. */
export async function cuttingFile(
  organisation: string,
  { programme: slug, month: monthId, file }: { programme: string; month: string; file: string },
  asked: URLSearchParams,
): Promise<FoundFile> {
  const stored = await programmeOf(organisation, slug);
  const reading = stored && readingOf(stored.document);
  if (!reading?.ok) return { status: 404, message: words.weCantFindThatProgramme };
  const { programme } = reading;
  const month = programme.months.find((m) => m.id === monthId);
  const colourway = programme.colourways.find((c) => c.id === asked.get('colourway'));
  if (!month || !colourway) return { status: 404, message: words.weCantFindThatMonth };
  const people = asked.get('people') ?? String(programme.participants.get(colourway.id) ?? 0);
  if (!/^\d{1,6}$/.test(people) || Number(people) > 100_000) return { status: 400, message: words.theNumberOfPeopleIs };
  const wanted = asked.get('reading');
  const plan = planAims.find((r) => r === wanted);
  if (wanted !== null && !plan) return { status: 400, message: words.aPlanIsThereIs(planAims.join(', ')) };
  const basis = asked.get('basis') === 'kit' ? 'kit' : 'batch';
  const done = await planned({
    kind: 'cutting',
    ...{ document: reading.file, file, colourway: colourway.id, month: month.id },
    ...{ basis, participants: Number(people), reading: plan },
  });
  if ('refused' in done) return { status: 422, message: done.refused };
  if (done.body === undefined) return { status: 404, message: words.weCantFindThatFile };
  const type = file.endsWith('.svg') ? 'image/svg+xml' : 'text/csv; charset=utf-8';
  const name = `${slug}-${month.id}-${colourway.id}-${basis}-${file.replace(/^layout-/, '')}`;
  return { body: done.body, type, name };
}

/** What to order for some packets, numbered from 1; 'people.frost' in `asked` tries another head count. */
export async function orderFile(organisation: string, slug: string, asked: URLSearchParams): Promise<FoundFile> {
  const stored = await programmeOf(organisation, slug);
  const reading = stored && readingOf(stored.document);
  if (!reading?.ok) return { status: 404, message: words.weCantFindThatProgramme };
  const { programme } = reading;
  const most = programme.kits.packets.length;
  const written = asked.get('packets') ?? programme.kits.packets.map((_, i) => i + 1).join(',');
  const packets = written.split(',').filter(Boolean).map(Number);
  if (packets.some((n) => !Number.isInteger(n) || n < 1 || n > most))
    return { status: 400, message: words.packetsAreNumberedFrom1(most) };
  const people: Record<string, number> = {};
  for (const { id } of programme.colourways) {
    const number = asked.get(`people.${id}`);
    if (number === null) continue;
    if (!/^\d{1,6}$/.test(number) || Number(number) > 100_000) return { status: 400, message: words.theNumberOfPeopleIs };
    people[id] = Number(number);
  }
  const done = await planned({
    kind: 'order',
    document: reading.file,
    ...{ packets: [...new Set(packets)].map((n) => n - 1), people },
  });
  if ('refused' in done) return { status: 422, message: done.refused };
  return { body: done.body!, type: 'text/csv; charset=utf-8', name: `${slug}-order.csv` };
}
