/** PostgreSQL of another minor version than the one installed, for tests: from Debian's packages, unpacked beside it and never installed. */
import { execFileSync } from 'node:child_process';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { basename, dirname, join } from 'node:path';
import { postgresPrograms } from './packages.mjs';

export interface OtherMinor {
  /** The folder of its programs. */
  programs: string;
  version: string;
  remove: () => void;
}

const said = (command: string, words: string[], cwd = '/') => execFileSync(command, words, { cwd, stdio: 'pipe' }).toString();
/** '15.18' of '15.18-0+deb12u1'. */
const minorOf = (version: string) => version.split('-')[0]!;

/** Fetches it; undefined where the package lists know of one only, or nothing can be fetched. */
export async function otherMinor(): Promise<OtherMinor | undefined> {
  const major = basename(dirname(await postgresPrograms()));
  const folder = mkdtempSync(join(tmpdir(), 'aggrega-minor-'));
  chmodSync(folder, 0o755);
  const remove = () => rmSync(folder, { recursive: true, force: true });
  try {
    const installed = said('dpkg-query', ['-W', '-f', '${Version}', `postgresql-${major}`]);
    const known = said('apt-cache', ['madison', `postgresql-${major}`])
      .split('\n')
      .flatMap((line) => line.split('|')[1]?.trim() ?? []);
    const other = known.find((version) => minorOf(version) !== minorOf(installed));
    if (!other) throw new Error('there is no other');
    for (const name of [`postgresql-${major}`, `postgresql-client-${major}`]) {
      said('apt-get', ['download', `${name}=${other}`], folder);
      said('sh', ['-c', `dpkg -x ${name}_*.deb .`], folder);
    }
    return { programs: join(folder, 'usr', 'lib', 'postgresql', major, 'bin'), version: minorOf(other), remove };
  } catch {
    remove();
    return undefined;
  }
}
