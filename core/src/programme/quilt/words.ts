/** The words of programme/quilt. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('core/programme/quilt', {
  finishedWidth2SJoinedOn: 'finished width + 2 s, joined on the diagonal',
  asWideAsTheSettingSays: 'as wide as the setting says, joined on the diagonal',
  isNarrowerThanAStripThat: (name: Said) => say`'${name}' is narrower than a strip that is to be joined from it`,
  roleUsedByTheSettingHas: (role: Said, name: Said) => say`role ${role}, used by the setting, has no fabric in '${name}'`,
  theProgrammeDoesNotSayYet: 'the programme does not say yet how its quilt is set',
});
