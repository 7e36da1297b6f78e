/** A month's sheet as a file to keep, from the stored programme. */
import { PlanError, handsOut, readProgramme } from '@aggrega/core/programme';
import { monthPaper } from '@aggrega/core/sheet';
import { paperHtml } from '@aggrega/paper/html';
import { paperPdf } from '@aggrega/paper/pdf';
import { paperText } from '@aggrega/paper/text';
import { sheetName, wishesOf } from '$lib/sheet-wishes';
import { programmeOf } from './programmes';
import { publishedSheet } from './sheet-versions';

export type SheetFile =
  { body: string | Uint8Array<ArrayBuffer>; type: string; name: string } | { status: 404 | 422; message: string };

const TYPES = { pdf: 'application/pdf', html: 'text/html; charset=utf-8', txt: 'text/plain; charset=utf-8' } as const;

/** `file` is sheet.pdf, sheet.html or sheet.txt; `asked`: colourway, paper, and the wishes of the sheet. */
export async function sheetFile(
  organisation: string,
  { slug, month: monthId, file, asked }: { slug: string; month: string; file: string; asked: URLSearchParams },
): Promise<SheetFile> {
  const stored = await programmeOf(organisation, slug);
  const version = asked.get('version');
  const frozen = version === null ? undefined : await publishedSheet(organisation, { slug, month: monthId, version });
  const document = version === null ? stored?.document : frozen?.document;
  const reading = document && readProgramme(document);
  const [, ending] = /^sheet\.(pdf|html|txt)$/.exec(file) ?? [];
  const missing = { status: 404, message: 'There is no such sheet; the Sheet station lists them.' } as const;
  if (!stored || !reading?.ok || !ending) return missing;
  const { programme } = reading;
  const month = programme.months.find((m) => m.id === monthId);
  const colourway = asked.get('colourway')
    ? programme.colourways.find((c) => c.id === asked.get('colourway'))
    : programme.colourways[0];
  if (!month || !colourway || !handsOut(programme, month)) return missing;
  const locale = asked.get('locale') ?? 'en-GB';
  const made = frozen?.published ?? stored.updated;
  const day = dateIn(locale, made.toISOString().slice(0, 10));
  try {
    const paper = monthPaper(programme, month, colourway, {
      ...wishesOf(asked, programme),
      date: (iso) => dateIn(locale, iso),
      version: frozen ? `Version ${version}, ${day}` : `Draft ${stored.revision}, ${day}`,
    });
    const name = `${sheetName(month.id, colourway.id, asked)}.${ending}`;
    const type = TYPES[ending as keyof typeof TYPES];
    if (ending === 'html') return { body: paperHtml(paper), type, name };
    if (ending === 'txt') return { body: paperText(paper), type, name };
    const page = asked.get('page') === 'letter' ? 'letter' : 'A4';
    // Its bytes depend on what is stored and asked, not on when.
    return { body: new Uint8Array(await paperPdf([paper], { page, created: made })), type, name };
  } catch (error) {
    if (error instanceof PlanError) return { status: 422, message: error.problems.map((p) => p.message).join('; ') };
    throw error;
  }
}

function dateIn(locale: string, iso: string): string {
  try {
    return new Date(`${iso}T00:00:00`).toLocaleDateString(locale, { day: 'numeric', month: 'long', year: 'numeric' });
  } catch {
    return iso;
  }
}
