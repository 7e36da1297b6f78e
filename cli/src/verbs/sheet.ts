/** sheet FILE --month ID [--colourway ID] --to html|pdf|txt --out PATH */
import { writeFileSync } from 'node:fs';
import { monthPaper, type Paper } from '@aggrega/core/sheet';
import { hasSheet, kitKinds, type KitKind } from '@aggrega/core/programme';
import { paperHtml } from '@aggrega/paper/html';
import { paperPdf, type PageSize } from '@aggrega/paper/pdf';
import { paperText } from '@aggrega/paper/text';
import type { Verb } from '../main';
import { UsageError, pick, readOptions } from '../usage';
import { AMERICAN, BRITISH, speak } from '@aggrega/core/words';
import { words as said } from '../words';

const LEVELS = ['new', 'usual', 'versed'] as const;

/** Writes the sheet to a file, and prints what was written. */
export const sheet: Verb = async ({ programme }, words) => {
  const options = readOptions(
    words,
    ['month', 'colourway', 'size', 'to', 'out', 'page', 'kind', 'level', 'english'],
    ['large', 'left', 'rulers', 'uncoloured'],
  );
  if (!options.month) throw new UsageError(said.sheetNeedsMonth);
  if (!options.out) throw new UsageError(said.sheetNeedsOutTheFileTo);
  const month = pick(programme.months, options.month, 'month');
  const colourway = options.colourway ? pick(programme.colourways, options.colourway, 'colourway') : programme.colourways[0]!;
  const size = options.size ? pick(programme.sizes, options.size, 'size') : undefined;
  const page = oneOf(['A4', 'letter'] as const, options.page ?? 'A4', '--page');
  const to = oneOf(['html', 'pdf', 'txt'] as const, options.to ?? '', '--to');
  const kind = options.kind === undefined ? undefined : oneOf<KitKind>(kitKinds, options.kind, '--kind');
  const level = options.level === undefined ? undefined : oneOf(LEVELS, options.level, '--level');
  const english = oneOf(['british', 'american'] as const, options.english ?? 'british', '--english');
  speak(english === 'american' ? AMERICAN : BRITISH);
  if (!hasSheet(programme, month)) throw new UsageError(said.nothingIsDrawnForMonthYet(month.id));
  const { large, left, rulers, uncoloured } = options;
  const paper = monthPaper(programme, month, colourway, {
    ...{ size, kind, level, large, left, rulers },
    ...(uncoloured && { coloured: false }),
  });
  const bytes = await rendered(paper, to, page);
  try {
    writeFileSync(options.out, bytes);
  } catch (error) {
    throw new UsageError(said.cannotBeWritten(options.out, (error as Error).message));
  }
  return { ok: true, out: options.out, title: paper.title, bytes: bytes.length };
};

async function rendered(paper: Paper, to: 'html' | 'pdf' | 'txt', page: PageSize): Promise<Uint8Array> {
  if (to === 'pdf') return paperPdf([paper], { page, created: new Date() });
  return new TextEncoder().encode(to === 'html' ? paperHtml(paper) : paperText(paper));
}

function oneOf<T extends string>(all: readonly T[], word: string, option: string): T {
  if (!(all as readonly string[]).includes(word)) throw new UsageError(said.isOneOf(option, all.join(', ')));
  return word as T;
}
