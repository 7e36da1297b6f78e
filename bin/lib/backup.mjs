// bin/backup: everything that this installation holds, in one file.
import { parseArgs } from 'node:util';
import { clusterFolder } from './cluster-folder.mjs';
import { startCluster } from './cluster.mjs';
import { writeBackup } from './dump.mjs';
import { backupName, comparedWords, nightlyBackup, proveAndNote } from './nightly.mjs';
import { makeDataFolder, npmPackages, ownSecret } from './project.mjs';
import { runningStart } from './running.mjs';
import { Stop, run, say } from './say.mjs';

const HELP = `bin/backup [FILE] [--prove] [--without-pictures]
bin/backup --nightly FOLDER [--keep N] [--without-pictures]

Writes everything that this installation holds into FILE (aggrega-DATE.backup): the database as it is at one moment, the secret that
private links are made from, and pictures that stand in a store of files. People may go on working. Whoever has the file can read
everything: keep it safe.

--prove              bring it back into an empty database made for that, compare every table with what it held, and drop it again
--nightly FOLDER     for a timer: writes a backup into FOLDER, proves it, notes what came of it for the owners' desks, and deletes all
                     but the newest N there (14) once the new one is proved

DATABASE_URL         back up this PostgreSQL database instead of the private one
AGGREGA_S3_BUCKET    the store of files and what opens it, as the application has them (with AGGREGA_S3_KEY, AGGREGA_S3_SECRET)
--without-pictures   leave out what stands in the store: it is backed up otherwise`;

await run(async () => {
  const { values, positionals } = parseArgs({
    options: {
      'without-pictures': { type: 'boolean' },
      prove: { type: 'boolean' },
      nightly: { type: 'string' },
      keep: { type: 'string', default: '14' },
      help: { type: 'boolean', short: 'h' },
    },
    allowPositionals: true,
  });
  if (values.help) return say(HELP);
  const keep = Number(values.keep);
  if (!Number.isInteger(keep) || keep < 1)
    throw new Stop(`--keep ${values.keep}: how many backups stay, a whole number from 1.`);
  if (values.nightly !== undefined && positionals.length > 0)
    throw new Stop('--nightly names its files itself: leave FILE out.');
  const file = positionals[0] ?? backupName(new Date());
  makeDataFolder();
  await npmPackages();
  const running = runningStart();
  const cluster = process.env.DATABASE_URL ? undefined : await startCluster(await clusterFolder());
  const withoutPictures = values['without-pictures'];
  const secret = process.env.AGGREGA_SECRET || ownSecret();
  const url = process.env.DATABASE_URL || cluster.url;
  try {
    if (values.nightly !== undefined) {
      const done = await nightlyBackup(url, { folder: values.nightly, secret, keep, withoutPictures });
      return say(`${done.file} is written. ${comparedWords(done)}`);
    }
    const { pictures, left } = await writeBackup(url, { secret, file, withoutPictures });
    if (left === 0)
      say(`Everything is in ${file}${pictures > 0 ? `, with ${pictures} pictures from the store of files` : ''}.`);
    else if (withoutPictures) say(`Everything but ${left} pictures in the store of files is in ${file}.`);
    else
      say(
        `Everything is in ${file}, but for ${left} pictures that the store has not: they were deleted just now, or lost there.`,
      );
    if (values.prove) say(comparedWords(await proveAndNote(url, file)));
  } finally {
    if (!running) await cluster?.stop();
  }
});
