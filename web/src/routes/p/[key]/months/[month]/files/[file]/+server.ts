import { words } from '$lib/server/participant-page/words';
import { fileAnswer } from '$lib/server/web/file-answer';
import { sheetAsked } from '$lib/server/mail/person-sheet';
import { openMonth } from '$lib/server/participant-page/participant-page';
import { pageOf } from '$lib/server/participant-page/private-page';
import { sheetFile } from '$lib/server/sheet/sheet-files';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

const FILES = ['sheet.pdf', 'sheet.txt', 'sheet.html', 'templates.pdf'];

/** Her own sheet or templates of a month that is out. */
export const GET: RequestHandler = async ({ params, url }) => {
  const page = await pageOf(params.key);
  const month = FILES.includes(params.file) ? await openMonth(page, params.month) : undefined;
  if (!month) error(404, words.thisMonthIsNotOut);
  const asked = sheetAsked(page.person, month.version);
  if (url.searchParams.get('page') === 'letter') asked.set('page', 'letter');
  return fileAnswer(
    sheetFile(page.organisation, { slug: page.slug, month: params.month, file: params.file, asked, out: month.out }),
  );
};
