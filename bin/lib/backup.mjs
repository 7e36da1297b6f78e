// bin/backup: everything that this installation holds, in one file.
import { parseArgs } from 'node:util';
import { clusterFolder } from './cluster-folder.mjs';
import { startCluster } from './cluster.mjs';
import { writeBackup } from './dump.mjs';
import { makeDataFolder, npmPackages, ownSecret } from './project.mjs';
import { runningStart } from './running.mjs';
import { run, say } from './say.mjs';

const HELP = `bin/backup [FILE] [--without-pictures]

Writes everything that this installation holds into FILE (aggrega-DATE.backup): the database as it is at one moment, the secret that
private links are made from, and pictures that stand in a store of files. People may go on working. Whoever has the file can read
everything: keep it safe.

DATABASE_URL         back up this PostgreSQL database instead of the private one
AGGREGA_S3_BUCKET    the store of files and what opens it, as the application has them (with AGGREGA_S3_KEY, AGGREGA_S3_SECRET)
--without-pictures   leave out what stands in the store: it is backed up otherwise`;

await run(async () => {
  const { values, positionals } = parseArgs({
    options: { 'without-pictures': { type: 'boolean' }, help: { type: 'boolean', short: 'h' } },
    allowPositionals: true,
  });
  if (values.help) return say(HELP);
  const file = positionals[0] ?? `aggrega-${new Date().toISOString().slice(0, 16).replace(':', '')}.backup`;
  makeDataFolder();
  await npmPackages();
  const running = runningStart();
  const cluster = process.env.DATABASE_URL ? undefined : await startCluster(await clusterFolder());
  const withoutPictures = values['without-pictures'];
  const secret = process.env.AGGREGA_SECRET || ownSecret();
  try {
    const { pictures, left } = await writeBackup(process.env.DATABASE_URL || cluster.url, { secret, file, withoutPictures });
    if (left === 0)
      say(`Everything is in ${file}${pictures > 0 ? `, with ${pictures} pictures from the store of files` : ''}.`);
    else if (withoutPictures) say(`Everything but ${left} pictures in the store of files is in ${file}.`);
    else
      say(
        `Everything is in ${file}, but for ${left} pictures that the store has not: they were deleted just now, or lost there.`,
      );
  } finally {
    if (!running) await cluster?.stop();
  }
});
