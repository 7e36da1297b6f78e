/** What the server says of backups. */
import { say, spoken, type Said } from '@aggrega/core/words';

export const words = spoken('server/backup', {
  // backup/archive.ts
  thereAreProgrammesHereAlready:
    'There are programmes here already. A backup can only be restored into an empty shop or guild.',
  aLineInItIs: (message: Said) => say`A line in it isn’t JSON: ${message}.`,
  whatIsInItIs: 'What is in it is on this server already, in this shop or guild or in another.',
  itsRowsDoNotFit: (message: Said) => say`Its rows do not fit: ${message}.`,
  doesNotSayOfEach: (members: Said) => say`${members} doesn’t say who each member is and what they may do.`,
  hasALineThatIs: (name: Said) => say`${name} has a line that is longer than any of ours.`,
  thisIsntAZipFile: 'This isn’t a ZIP file, or it is damaged.',
  thisZipFileIsBroken: 'This ZIP file is broken.',

  // backup/upload.ts
  anotherIsBeingTakenIn: 'A backup of yours is being taken in already. Wait until it is done.',
  othersAreBeingTakenIn: 'Several backups are being taken in just now. Nothing is lost; try again in a few minutes.',
  itIsLargerThanIsTaken: (gigabytes: Said) => say`It is larger than the ${gigabytes} GB that are taken.`,
  itUnpacksToMore: 'It unpacks to far more than any backup of ours holds.',

  // api/archive/+server.ts
  chooseTheFileOfAn: 'Choose a backup file.',
});
