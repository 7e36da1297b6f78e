// Whether this installation's bin/start is running.
import { existsSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { dataFolder } from './project.mjs';

/** Where a start says that it runs. */
export const lockFile = () => join(dataFolder, 'running.json');

function noted() {
  if (!existsSync(lockFile())) return undefined;
  try {
    return JSON.parse(readFileSync(lockFile(), 'utf8'));
  } catch {
    return undefined;
  }
}

/** What the running start says of itself; undefined where none runs. */
export function runningStart() {
  const known = noted();
  return known && runs(known.pid, 'start.mjs') ? known : undefined;
}

/** The application that outlived a killed start; undefined where there is none. */
export function leftApplication() {
  const known = noted();
  return known && runs(known.app, join('web', 'build', 'front.mjs')) ? known.app : undefined;
}

/** Whether that process is alive and still the program we started, not a later one with the same number. */
function runs(pid, program) {
  try {
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(program);
  } catch {
    return false;
  }
}
