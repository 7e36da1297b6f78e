// bin/restore: an installation brought back from a file that bin/backup wrote.
import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { clusterFolder } from './cluster-folder.mjs';
import { startCluster } from './cluster.mjs';
import { restoreBackup } from './dump.mjs';
import { comparedWords, proveAndNote } from './nightly.mjs';
import { dataFolder, makeDataFolder, npmPackages } from './project.mjs';
import { runningStart } from './running.mjs';
import { Stop, run, say } from './say.mjs';

const HELP = `bin/restore FILE [--replace]
bin/restore FILE --prove

Brings this installation back to what bin/backup wrote into FILE: the database, the secret that private links are made from, and
pictures that stood in a store of files; these are in the database then, until the application brings them over again. A database that
holds something already is replaced only with --replace; then everything since the backup is gone.

With --prove nothing here is touched, and people may go on working: the backup is brought back into an empty database made for that,
every table is compared with what it held, and the database is dropped again. What came of it stands on the owners' desks.

DATABASE_URL   restore into this PostgreSQL database instead of the private one`;

await run(async () => {
  const { values, positionals } = parseArgs({
    options: { replace: { type: 'boolean' }, prove: { type: 'boolean' }, help: { type: 'boolean', short: 'h' } },
    allowPositionals: true,
  });
  if (values.help) return say(HELP);
  const [file] = positionals;
  if (!file) throw new Stop(HELP);
  makeDataFolder();
  const running = runningStart();
  if (running && !values.prove) throw new Stop('Aggrega is running. Stop it first: press Ctrl-C where it was started.');
  await npmPackages();
  const cluster = process.env.DATABASE_URL ? undefined : await startCluster(await clusterFolder());
  try {
    const url = process.env.DATABASE_URL || cluster.url;
    if (values.prove) return say(comparedWords(await proveAndNote(url, file)));
    const secret = await restoreBackup(url, { file, replace: values.replace });
    if (process.env.AGGREGA_SECRET) {
      if (secret !== process.env.AGGREGA_SECRET)
        say('The backup has another secret than AGGREGA_SECRET: private links that were sent do not open.');
    } else writeFileSync(join(dataFolder, 'secret'), secret, { mode: 0o600 });
  } finally {
    if (!running) await cluster?.stop();
  }
  say('Everything is as it was when the backup was made.');
});
