/** A month's cutting plan as a file to keep, planned anew from the stored programme so that it is final. */
import { cutListCsv, layoutOf, orderCsv, stockOrderCsv } from '@aggrega/core/cutting-files';
import { readings } from '@aggrega/core/cutting';
import { PlanError, planCutting, planStock } from '@aggrega/core/programme';
import type { FoundFile } from './file-answer';
import { programmeOf } from './programmes';
import { readingOf } from './reading';

/** `asked`: colourway, basis, people and reading; all but the colourway may be left out. */
export async function cuttingFile(
  organisation: string,
  { programme: slug, month: monthId, file }: { programme: string; month: string; file: string },
  asked: URLSearchParams,
): Promise<FoundFile> {
  const stored = await programmeOf(organisation, slug);
  const reading = stored && readingOf(stored.document);
  if (!reading?.ok) return { status: 404, message: 'There is no such programme, or it cannot be read.' };
  const { programme } = reading;
  const month = programme.months.find((m) => m.id === monthId);
  const colourway = programme.colourways.find((c) => c.id === asked.get('colourway'));
  if (!month || !colourway) return { status: 404, message: 'There is no such month or colourway in this programme.' };
  const people = asked.get('people') ?? String(programme.participants.get(colourway.id) ?? 0);
  if (!/^\d{1,6}$/.test(people) || Number(people) > 100_000)
    return { status: 400, message: 'The number of people is a whole number up to 100000.' };
  const wanted = asked.get('reading') ?? 'thriftiest';
  const plan = readings.find((r) => r === wanted);
  if (!plan) return { status: 400, message: `A plan is ${readings.join(', ')}; there is no other.` };
  const basis = asked.get('basis') === 'kit' ? 'kit' : 'batch';
  try {
    const cutting = planCutting(programme, { colourway, months: [month], basis, participants: Number(people), reading: plan });
    const name = `${slug}-${month.id}-${colourway.id}-${basis}`;
    if (file === 'cut-list.csv')
      return { body: cutListCsv(cutting, programme), type: 'text/csv; charset=utf-8', name: `${name}-cut-list.csv` };
    if (file === 'order.csv')
      return { body: orderCsv(cutting, programme), type: 'text/csv; charset=utf-8', name: `${name}-order.csv` };
    const fabric = /^layout-(.+)\.svg$/.exec(file)?.[1];
    const layout = fabric && layoutOf(cutting, fabric, programme);
    if (layout) return { body: layout, type: 'image/svg+xml', name: `${name}-${fabric}.svg` };
    return { status: 404, message: 'There is no such file; there are cut-list.csv, order.csv and layout-FABRIC.svg.' };
  } catch (error) {
    if (error instanceof PlanError) return { status: 422, message: error.message };
    throw error;
  }
}

/** What to order for some packets, numbered from 1; 'people.frost' in `asked` tries another head count. */
export async function orderFile(organisation: string, slug: string, asked: URLSearchParams): Promise<FoundFile> {
  const stored = await programmeOf(organisation, slug);
  const reading = stored && readingOf(stored.document);
  if (!reading?.ok) return { status: 404, message: 'There is no such programme, or it cannot be read.' };
  const { programme } = reading;
  const most = programme.kits.packets.length;
  const written = asked.get('packets') ?? programme.kits.packets.map((_, i) => i + 1).join(',');
  const packets = written.split(',').filter(Boolean).map(Number);
  if (packets.some((n) => !Number.isInteger(n) || n < 1 || n > most))
    return { status: 400, message: `Packets are numbered from 1 to ${most}.` };
  const people: Record<string, number> = {};
  for (const { id } of programme.colourways) {
    const number = asked.get(`people.${id}`);
    if (number === null) continue;
    if (!/^\d{1,6}$/.test(number) || Number(number) > 100_000)
      return { status: 400, message: 'The number of people is a whole number up to 100000.' };
    people[id] = Number(number);
  }
  try {
    const stock = planStock(programme, { packets: [...new Set(packets)].map((n) => n - 1), people });
    return { body: stockOrderCsv(stock, programme), type: 'text/csv; charset=utf-8', name: `${slug}-order.csv` };
  } catch (error) {
    if (error instanceof PlanError) return { status: 422, message: error.message };
    throw error;
  }
}
