// Programs from Debian's packages, installed when they are missing.
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { execute, installed, isRoot } from './processes.mjs';
import { Stop, say } from './say.mjs';

const POSTGRES = '/usr/lib/postgresql';
/** Chromium without a desktop's windows: it starts sooner and takes a third less of the machine than the whole program. */
export const CHROMIUM = '/usr/bin/chromium-headless-shell';

/** The folder of PostgreSQL's programs, newest version first; installs the server if there is none. */
export async function postgresPrograms() {
  const find = () =>
    existsSync(POSTGRES) &&
    readdirSync(POSTGRES)
      .sort((a, b) => Number(b) - Number(a))
      .map((version) => join(POSTGRES, version, 'bin'))
      .find((folder) => existsSync(join(folder, 'initdb')) && existsSync(join(folder, 'postgres')));
  if (!find()) await install('postgresql', 'PostgreSQL, the database');
  const folder = find();
  if (!folder)
    throw new Stop('PostgreSQL was installed, but its programs are not under /usr/lib/postgresql. Is this a Debian machine?');
  return folder;
}

/** Makes sure that Debian's headless Chromium is there, for the browser tests and the screenshots. */
export async function chromium() {
  if (!existsSync(CHROMIUM)) await install('chromium-headless-shell', 'Chromium without windows, for the browser tests');
}

/** Makes sure that Debian's PDF tools are there: the tests read papers with them, as other programs would. */
export async function pdfTools() {
  if (!existsSync('/usr/bin/pdftotext')) await install('poppler-utils', 'Poppler’s tools, which read PDF in the tests');
}

async function install(name, what) {
  if (!(await installed('apt-get')))
    throw new Stop(
      `${what}, is missing, and this machine has no apt-get to install it with. Please install '${name}' and try again.`,
    );
  const asRoot = isRoot ? [] : ['sudo'];
  if (!isRoot && !(await installed('sudo')))
    throw new Stop(`${what}, is missing. Please ask an administrator to run: apt-get install ${name}`);
  say(`Installing ${what}, from Debian's packages (${[...asRoot, 'apt-get install', name].join(' ')}).`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const apt = (...words) => {
    // sudo drops the environment unless it is handed over by name.
    const line = [...asRoot, ...(isRoot ? [] : ['DEBIAN_FRONTEND=noninteractive']), 'apt-get', '-y', ...words];
    return execute(line[0], line.slice(1), { env, stdio: ['inherit', 'pipe', 'pipe'] });
  };
  await apt('update');
  const { code, output } = await apt('install', '--no-install-recommends', name);
  if (code === 0) return;
  const last = output.trim().split('\n').at(-1);
  throw new Stop(`'${name}' could not be installed: ${last}\nInstall it by hand (apt-get install ${name}) and try again.`);
}
