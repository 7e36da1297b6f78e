// Where this installation keeps its private database.
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { reachable } from './cluster.mjs';
import { dataFolder } from './project.mjs';
import { say } from './say.mjs';

/**
 * In the data folder; or, where the postgres user may not enter that (a project under /root, say), in /var/lib. The data
 * folder remembers which, so that moving the project does not lose its database.
 */
export async function clusterFolder() {
  const note = join(dataFolder, 'database-folder');
  if (existsSync(note)) return readFileSync(note, 'utf8').trim();
  if (await reachable(dataFolder)) return join(dataFolder, 'postgres');
  const folder = join('/var/lib/aggrega', createHash('sha256').update(dataFolder).digest('hex').slice(0, 12));
  say(`The postgres user may not enter ${dataFolder}, so the database is kept in ${folder}.`);
  writeFileSync(note, folder);
  return folder;
}
