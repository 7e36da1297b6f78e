// The project's own folders, its npm packages and its build.
import { createHash, randomBytes } from 'node:crypto';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { execute } from './processes.mjs';
import { Stop, say } from './say.mjs';

export const root = fileURLToPath(new URL('../../', import.meta.url)).replace(/\/$/, '');

/** Where this installation keeps its database and settings. Git ignores it. */
export const dataFolder = process.env.AGGREGA_DATA || join(root, '.data');

/** Makes the data folder, or says why it cannot be made. */
export function makeDataFolder() {
  try {
    mkdirSync(dataFolder, { recursive: true, mode: 0o755 });
    writeFileSync(
      join(dataFolder, 'README'),
      'The database and settings of this installation of Aggrega. Deleting this folder deletes the data.\n',
    );
  } catch (error) {
    if (error.code === 'ENOSPC')
      throw new Stop('The disk is full: Aggrega cannot make its data folder. Free some space and try again.');
    throw new Stop(
      `Aggrega cannot write to ${dataFolder} (${error.code}). Run it as the owner of that folder, or name another one in AGGREGA_DATA.`,
    );
  }
}

/** This installation's secret, made the first time it is asked for. Only its owner may read it. */
export function ownSecret() {
  const file = join(dataFolder, 'secret');
  if (!existsSync(file)) writeFileSync(file, randomBytes(32).toString('base64url'), { mode: 0o600, flag: 'wx' });
  return readFileSync(file, 'utf8').trim();
}

const hash = (text) => createHash('sha256').update(text).digest('hex');

/** Installs the npm packages of the lockfile when they are missing or the lockfile has changed. */
export async function npmPackages() {
  const stamp = join(root, 'node_modules', '.aggrega-lock');
  const wanted = hash(readFileSync(join(root, 'package-lock.json')));
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  say('Installing the npm packages (npm ci).');
  const { code, output } = await execute('npm', ['ci', '--no-audit', '--no-fund'], { cwd: root });
  if (code !== 0) throw new Stop(`npm ci failed:\n${output.trim().split('\n').slice(-8).join('\n')}`);
  writeFileSync(stamp, wanted);
}

/** Builds the web application when its sources are newer than the last build. */
export async function build() {
  const stamp = join(root, 'web', 'build', '.built-from');
  const wanted = hash(sources().join('\n'));
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return;
  say('Building the application.');
  const { code, output } = await execute('npm', ['run', '-s', 'build'], { cwd: root });
  if (code !== 0) throw new Stop(`The build failed:\n${output.trim().split('\n').slice(-20).join('\n')}`);
  writeFileSync(stamp, wanted);
}

/** What the build depends on: names, sizes and times of all sources. */
function sources() {
  const list = (path) =>
    statSync(path).isDirectory()
      ? readdirSync(path)
          .sort()
          .flatMap((name) => list(join(path, name)))
      : [`${path} ${statSync(path).size} ${statSync(path).mtimeMs}`];
  return [
    'core/src',
    'core/schemas',
    'paper/src',
    'web/src',
    'web/static',
    'web/vite.config.ts',
    'web/svelte.config.js',
    'package-lock.json',
    'demo',
  ]
    .map((path) => join(root, path))
    .filter((path) => existsSync(path))
    .flatMap(list);
}
