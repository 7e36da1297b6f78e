/** What the server says of the quilt. */
import { spoken } from '@aggrega/core/words';

export const words = spoken('server/quilt', {
  // quilt/quilt-files.ts
  weCantFindThatPicture: 'We can’t find that picture; the Quilt page lists them.',
  theProgrammeDoesNotSay: 'The quilt has no setting yet. Choose one under Quilt.',
});
