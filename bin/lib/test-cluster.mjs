// A throw-away database server for tests: made in a temporary folder, gone when the tests are.
import { mkdtempSync, rmSync, chmodSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { copyCluster, shellOf, startCluster } from './cluster.mjs';

/** Starts a server of its own in a temporary folder; `remove` stops it and deletes everything. */
export async function temporaryCluster({ within = tmpdir(), programs } = {}) {
  const folder = mkdtempSync(join(within, 'aggrega-test-'));
  // The postgres user has to pass through it when the tests run as root.
  chmodSync(folder, 0o755);
  const home = join(folder, 'postgres');
  const cluster = await startCluster(home, programs);
  return {
    ...cluster,
    folder,
    /** Starts it again after a stop or a kill; the port may differ. */
    restart: () => startCluster(home, programs),
    /** A streaming replica of it, in the same folder. */
    replica: async () => {
      const copy = join(folder, 'replica');
      await copyCluster(home, cluster.url, copy);
      return startCluster(copy);
    },
    /** Where its data stand. */
    data: join(home, 'cluster'),
    /** Runs a script there, as whoever runs the server. */
    shell: (script) => shellOf(home, script),
    remove: async () => {
      await (await startCluster(home, programs)).stop();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** For Vitest: one server for all test files of a project. */
export default async function setup(project) {
  const cluster = await temporaryCluster();
  project.provide('clusterUrl', cluster.url);
  return () => cluster.remove();
}
