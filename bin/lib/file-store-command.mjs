// bin/file-store: the stand-in for a store of files, run by hand.
import { join } from 'node:path';
import { parseArgs } from 'node:util';
import { serveFiles } from './file-store.mjs';
import { dataFolder, makeDataFolder, npmPackages } from './project.mjs';
import { run, say } from './say.mjs';

const HELP = `bin/file-store [--port N]

A small store of files on this machine, for trying out how pictures are kept in one that speaks S3's protocol. It keeps them in
the data folder and prints what bin/start has to be told.

  --port N   the port to serve on (4680)`;

await run(async () => {
  const { values } = parseArgs({
    options: { port: { type: 'string', default: '4680' }, help: { type: 'boolean', short: 'h' } },
  });
  if (values.help) return say(HELP);
  await npmPackages();
  makeDataFolder();
  const [key, secret] = ['try-out', 'a secret that everybody may read'];
  const store = await serveFiles({ folder: join(dataFolder, 'files'), key, secret, port: Number(values.port) });
  say(`The store is ready. In another terminal:

AGGREGA_S3_BUCKET=${store.bucket} AGGREGA_S3_KEY=${key} AGGREGA_S3_SECRET='${secret}' bin/start

Press Ctrl-C to stop it.`);
  await new Promise((resolve) => {
    for (const signal of ['SIGINT', 'SIGTERM']) process.once(signal, resolve);
  });
  await store.stop();
});
