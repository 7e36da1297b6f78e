// bin/start: everything from a fresh clone to a running application, and a clean stop.
import { spawn } from 'node:child_process';
import { createHmac } from 'node:crypto';
import { existsSync, rmSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { parseArgs } from 'node:util';
import { clusterFolder } from './cluster-folder.mjs';
import { freePort, startCluster } from './cluster.mjs';
import { prepareDatabase } from './database.mjs';
import { backupDue, backupsIn, momentOf } from './nightly.mjs';
import { execute } from './processes.mjs';
import { build, dataFolder, makeDataFolder, npmPackages, ownSecret, root } from './project.mjs';
import { leftApplication, lockFile, runningStart } from './running.mjs';
import { Stop, run, say } from './say.mjs';

const USUAL_PORT = 4610;
const HELP = `bin/start [--port N] [--fresh [--yes]]

Installs what is missing, starts a private database, loads the demonstration programme the first time, builds the
application if its sources changed, and serves it on this machine.

  --port N   the port to serve on (${USUAL_PORT}, or the next free one)
  --fresh    make the demonstration data anew, after asking; --yes answers for you

HOST, ORIGIN   serve other machines too: HOST=0.0.0.0 and the address that they ask for (docs/operations.md)
DATABASE_URL   use this PostgreSQL database instead of a private one
AGGREGA_DATA   keep the private database in this folder instead of .data
AGGREGA_DEMO   off: neither load the demonstration nor open it to this machine; it is off wherever others are served
AGGREGA_BACKUPS  a folder: every night a backup is written there, brought back and compared (bin/backup --nightly)
AGGREGA_SECRET what private links are made from, instead of .data/secret: the same on every machine of one database`;

await run(async () => {
  const options = readOptions();
  if (options.help) return say(HELP);
  if (options.fresh && !(await agreed(options.yes))) return say('Nothing was changed.');
  makeDataFolder();
  const lock = lockFile();
  const other = alreadyRunning();
  if (other) return say(`Aggrega is running already: ${other.address}\nPress Ctrl-C where it was started to stop it.`);
  const port = await choosePort(options.port);

  await npmPackages();
  const cluster = process.env.DATABASE_URL ? undefined : await startCluster(await clusterFolder());
  let app;
  let backups;
  let stopping;
  /** Ends the application, then the database; called again, it waits for the same end. */
  const stop = (message) =>
    (stopping ??= (async () => {
      say(message);
      await backups?.stop();
      if (app && app.exitCode === null && app.signalCode === null) {
        const gone = new Promise((done) => app.once('close', done));
        app.kill('SIGTERM');
        await gone;
      }
      await cluster?.stop();
      rmSync(lock, { force: true });
    })());
  const asked = new Promise((resolve) => {
    for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP'])
      process.on(signal, () => resolve(stop('\nStopping. Everything that was shown as saved is kept.')));
  });

  try {
    const url = await prepareDatabase(process.env.DATABASE_URL || cluster.url);
    await build();
    if (stopping) return await stopping;
    const address = `http://127.0.0.1:${port}`;
    const secret = process.env.AGGREGA_SECRET || ownSecret();
    app = spawn(process.execPath, [join(root, 'web', 'build', 'front.mjs')], {
      // The application says its address too; one line with it is enough.
      stdio: ['ignore', 'ignore', 'inherit'],
      env: {
        ...process.env,
        DATABASE_URL: url,
        HOST: process.env.HOST || '127.0.0.1',
        PORT: String(port),
        ORIGIN: process.env.ORIGIN || address,
        AGGREGA_DEMO: process.env.AGGREGA_DEMO || 'on',
        // Archives are as large as they are; everything else is held to 8 MB by the application itself.
        BODY_SIZE_LIMIT: '4G',
        SHUTDOWN_TIMEOUT: '10',
        AGGREGA_SECRET: secret,
        AGGREGA_OUTSIDE: process.env.AGGREGA_OUTSIDE || join(dataFolder, 'outside'),
        ...(options.fresh && { AGGREGA_FRESH_DEMO: '1' }),
      },
    });
    const ended = new Promise((resolve) => app.once('close', resolve));
    writeFileSync(lock, JSON.stringify({ pid: process.pid, app: app.pid, address }));
    if (await answers(address, ended)) say(`\nAggrega is ready: ${address}\nPress Ctrl-C to stop it.`);
    const { HOST, ORIGIN, ADDRESS_HEADER, NODE_ENV } = process.env;
    if (HOST || ORIGIN || ADDRESS_HEADER || NODE_ENV === 'production')
      say(`Shops and guilds are founded at ${process.env.ORIGIN || address}/begin?key=${foundingKey(secret)}`);
    backups = nightly();
    await Promise.race([asked, ended]);
    if (stopping) return await stopping;
    throw new Stop('The application ended unexpectedly; its last lines above say why.');
  } catch (error) {
    await stop('Stopping.');
    throw error;
  }
});

/** A backup every night in a process of its own, where AGGREGA_BACKUPS names a folder; stop() waits for the one under way. */
function nightly() {
  const folder = process.env.AGGREGA_BACKUPS;
  if (!folder) return undefined;
  let running;
  const look = () => {
    const [newest] = existsSync(folder) ? backupsIn(folder) : [];
    if (running || !backupDue(new Date(), newest && momentOf(newest))) return;
    running = execute(process.execPath, [join(root, 'bin', 'lib', 'backup.mjs'), '--nightly', folder])
      .then(({ code, output }) => say(code === 0 ? output.trim() : `The backup failed:\n${output.trim()}`))
      .finally(() => (running = undefined));
  };
  look();
  const timer = setInterval(look, 10 * 60_000);
  return {
    stop: async () => {
      clearInterval(timer);
      await running;
    },
  };
}

/** What founds a shop or guild where others than this machine are served (web/src/lib/server/web/own-machine.ts). */
function foundingKey(secret) {
  return createHmac('sha256', secret).update('begin').digest('base64url');
}

function readOptions() {
  try {
    const { values } = parseArgs({
      options: {
        port: { type: 'string' },
        fresh: { type: 'boolean' },
        yes: { type: 'boolean' },
        help: { type: 'boolean', short: 'h' },
      },
    });
    return values;
  } catch (error) {
    throw new Stop(`${error.message}\n\n${HELP}`);
  }
}

async function agreed(yes) {
  if (yes) return true;
  if (!process.stdin.isTTY)
    throw new Stop(
      '--fresh makes the demonstration data anew and asks first; here nobody can answer. Add --yes if you are sure.',
    );
  const ask = createInterface({ input: process.stdin, output: process.stdout });
  const answer = await ask.question(
    'This deletes the demonstration programmes and every change made to them. Type yes to go on: ',
  );
  ask.close();
  return answer.trim().toLowerCase() === 'yes';
}

/** The installation's other start, if it is alive; an application that outlived a killed start is ended. */
function alreadyRunning() {
  const known = runningStart();
  if (known) return known;
  const left = leftApplication();
  if (left) process.kill(left, 'SIGTERM');
  return undefined;
}

async function choosePort(asked) {
  if (asked !== undefined) {
    const port = Number(asked);
    if (!Number.isInteger(port) || port < 1 || port > 65535)
      throw new Stop(`--port ${asked}: a port is a whole number from 1 to 65535.`);
    const trouble = await portTrouble(port);
    if (trouble === 'EACCES')
      throw new Stop(`Port ${port} is kept for administrators. Choose one above 1023, or leave --port out.`);
    if (trouble) throw new Stop(`Port ${port} is in use by another program. Choose another one with --port, or leave it out.`);
    return port;
  }
  if (!(await portTrouble(USUAL_PORT))) return USUAL_PORT;
  const port = await freePort();
  say(`Port ${USUAL_PORT} is in use by another program; using ${port} instead.`);
  return port;
}

function portTrouble(port) {
  return new Promise((resolve) => {
    const server = createServer();
    server.once('error', (error) => resolve(error.code));
    server.listen(port, '127.0.0.1', () => server.close(() => resolve(undefined)));
  });
}

/** Waits until the application serves, by asking it; false when it ends before that. */
async function answers(address, ended) {
  let over = false;
  void ended.then(() => (over = true));
  while (!over) {
    const answer = await fetch(`${address}/health`).catch(() => undefined);
    if (answer?.ok) return true;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  return false;
}
