/** What the server says of backups. */
import { say, spoken, type Said } from '$lib/look/spoken';

export const words = spoken('server/backup', {
  // backup/archive.ts
  thereAreProgrammesHereAlready:
    'There are programmes here already. An archive is taken in by a shop or guild that is still empty.',
  aLineInItIs: (message: Said) => say`A line in it is no row of JSON: ${message}.`,
  whatIsInItIs: 'What is in it is on this server already, in this or another shop or guild.',
  itsRowsDoNotFit: (message: Said) => say`Its rows do not fit: ${message}.`,
  itIsNestedMoreThan: (dEEPEST: Said) => say`it is nested more than ${dEEPEST} deep`,
  doesNotSayOfEach: (mEMBERS: Said) => say`${mEMBERS} does not say of each who she is and what she may do.`,
  hasALineThatIs: (name: Said) => say`${name} has a line that is longer than any of ours.`,
  thisIsntAZipFile: 'This isn’t a ZIP file, or it is damaged.',
  thisZipFileIsBroken: 'This ZIP file is broken.',

  // api/archive/+server.ts
  chooseTheFileOfAn: 'Choose the file of an archive.',
});
