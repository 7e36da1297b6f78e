/** What a participant's pages of a month's sheet show: the whole of it, and the same step by step. */
import { words } from './words';
import { error } from '@sveltejs/kit';
import { ownPaper, type OwnPaper } from './own-paper';
import { openMonth } from './participant-page';
import { pageOf } from './private-page';

/** Her sheet of a month that is out, by the key of her page; 404 where it is not out, 422 with why where it cannot be made. */
export async function ownSheet(key: string, month: string): Promise<OwnPaper & { key: string; month: string }> {
  const page = await pageOf(key);
  const open = await openMonth(page, month);
  if (!open) error(404, words.thisMonthIsNotOut);
  const found = await ownPaper(page, open);
  if ('message' in found) error(422, found.message);
  return { ...found, key, month };
}
