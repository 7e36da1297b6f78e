/** The door of the participants' pages: a link that opens nothing is answered alike, whatever is wrong with it. */
import { words } from './words';
import { error } from '@sveltejs/kit';
import { openPage, type OpenPage } from './participant-page';

/** The page that the key opens, or 404. */
export async function pageOf(key: string): Promise<OpenPage> {
  const page = await openPage(key);
  if (!page) error(404, words.thisLinkNoLongerWorks);
  return page;
}
