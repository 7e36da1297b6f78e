// The built application on a throw-away database, for the browser tests, the pictures and the benchmarks.
import { spawn } from 'node:child_process';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort } from './cluster.mjs';
import { prepareDatabase } from './database.mjs';
import { root } from './project.mjs';
import { temporaryCluster } from './test-cluster.mjs';
import { allWords, writeWords } from '../../web/scripts/write-words.mjs';

/** A made-up language: all words in brackets, longer than they are, with plurals of its own. It shows what a language does not reach. */
function madeUp(folder) {
  const longer = (text) => `⟦${text.replace(/\b(\p{L}{4,})\b(?![^{]*\})/gu, '$1aa')}⟧`;
  const forms = (all) =>
    ['one', 'few', 'many', 'other'].map((rule) => [rule, `${(all.find(([r]) => r === rule) ?? all.at(-1))[1]}${rule}`]);
  const words = Object.entries(allWords(forms)).map(([subject, messages]) => [
    subject,
    // What is put into a message stands outside of its brackets.
    Object.fromEntries(Object.entries(messages).map(([name, text]) => [name, longer(text).replace(/\{\d+\}/g, '⟧$&⟦')])),
  ]);
  writeWords(join(folder, 'pl-QQ'), Object.fromEntries(words), 'Made-up');
  return folder;
}

/** Starts the application at `port` on the database at `url`, behind its front or as a single process; resolves when it serves. */
export async function serve(url, port, { outside = join(tmpdir(), 'aggrega-outside'), env = {}, front = false } = {}) {
  const address = `http://127.0.0.1:${port}`;
  const app = spawn(process.execPath, [join(root, 'web', 'build', front ? 'front.mjs' : 'index.js')], {
    stdio: ['ignore', 'ignore', 'inherit'],
    env: {
      ...process.env,
      DATABASE_URL: url,
      HOST: '127.0.0.1',
      PORT: String(port),
      ORIGIN: address,
      BODY_SIZE_LIMIT: '4G',
      // Longer than any test is silent: a connection that is closed just as it is used again would fail it.
      KEEP_ALIVE_TIMEOUT: '120',
      AGGREGA_OUTSIDE: outside,
      AGGREGA_DEMO: 'on',
      // Tests and benchmarks ask for more than anybody does; what is refused beyond the usual is tested on its own.
      AGGREGA_LIMIT: '1000000',
      AGGREGA_SECRET: 'a secret that everybody may read, for tests',
      // Within the demonstration's year, so that some of its months are out and some are not.
      AGGREGA_CLOCK: '2027-05-20T10:00:00Z',
      ...env,
    },
  });
  const ended = new Promise((resolve) => app.once('close', resolve));
  let over = false;
  void ended.then(() => (over = true));
  while (
    !over &&
    !(await fetch(`${address}/health`).then(
      (r) => r.ok,
      () => false,
    ))
  )
    await new Promise((r) => setTimeout(r, 30));
  if (over) throw new Error('the application did not start');
  return {
    address,
    pid: app.pid,
    kill: () => (app.kill('SIGKILL'), ended),
    stop: () => (app.kill('SIGTERM'), ended),
  };
}

/** A temporary server with the demonstration data, and what removes it. */
export async function demoServer(port) {
  const cluster = await temporaryCluster();
  try {
    const outside = join(cluster.folder, 'outside');
    const database = await prepareDatabase(cluster.url);
    const env = { AGGREGA_LANGUAGES: madeUp(join(cluster.folder, 'languages')) };
    const app = await serve(database, port ?? (await freePort()), { outside, env, front: true });
    return {
      address: app.address,
      database,
      owner: cluster.url,
      remove: async () => {
        await app.stop();
        await cluster.remove();
      },
    };
  } catch (error) {
    await cluster.remove();
    throw error;
  }
}

// As a program of its own it serves until it is told to stop.
if (process.argv[1]?.endsWith('test-server.mjs')) {
  const server = await demoServer(Number(process.argv[2]) || undefined);
  console.log(server.address);
  for (const signal of ['SIGINT', 'SIGTERM']) process.once(signal, () => void server.remove().then(() => process.exit(0)));
}
