/** The door of the participants' pages: a link that opens nothing is answered alike, whatever is wrong with it. */
import { words } from './words';
import { organisationLanguage } from '../db/organisations';
import { asOrganisation } from '../db/pool';
import { origin } from '../mail/post';
import { answerIn, languageFor } from '../web/languages';
import { error } from '@sveltejs/kit';
import { openPage, type OpenPage } from './participant-page';

/** The language in which whoever the page is of is spoken to: hers, else her house's. */
const languageOn = async ({ organisation, person }: OpenPage): Promise<string> =>
  languageFor(person.sheet, await asOrganisation(organisation, organisationLanguage));

/** The page that the key opens, or 404. From now on the request is answered in the language of whoever it is of. */
export async function pageOf(key: string): Promise<OpenPage> {
  const page = await openPage(key);
  if (!page) error(404, words.thisLinkNoLongerWorks(`${origin()}/p`));
  answerIn(await languageOn(page));
  return page;
}
