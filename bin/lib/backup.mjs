// bin/backup: everything that this installation holds, in one file.
import { parseArgs } from 'node:util';
import { clusterFolder } from './cluster-folder.mjs';
import { startCluster } from './cluster.mjs';
import { writeBackup } from './dump.mjs';
import { makeDataFolder, npmPackages, ownSecret } from './project.mjs';
import { runningStart } from './running.mjs';
import { run, say } from './say.mjs';

const HELP = `bin/backup [FILE]

Writes everything that this installation holds into FILE (aggrega-DATE.backup): the database as it is at one moment, and the secret
that private links are made from. People may go on working. Whoever has the file can read everything: keep it safe.

DATABASE_URL   back up this PostgreSQL database instead of the private one`;

await run(async () => {
  const { values, positionals } = parseArgs({ options: { help: { type: 'boolean', short: 'h' } }, allowPositionals: true });
  if (values.help) return say(HELP);
  const file = positionals[0] ?? `aggrega-${new Date().toISOString().slice(0, 16).replace(':', '')}.backup`;
  makeDataFolder();
  await npmPackages();
  const running = runningStart();
  const cluster = process.env.DATABASE_URL ? undefined : await startCluster(await clusterFolder());
  try {
    await writeBackup(process.env.DATABASE_URL || cluster.url, { secret: process.env.AGGREGA_SECRET || ownSecret(), file });
  } finally {
    if (!running) await cluster?.stop();
  }
  say(`Everything is in ${file}.`);
});
