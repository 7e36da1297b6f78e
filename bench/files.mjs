// The months' sheets as PDF, asked of the server: for the first time, again, and of a process that was just started; against an empty page by the same PDF
// library, made here.
import { mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';
import { freePort } from '../bin/lib/cluster.mjs';
import { prepareDatabase } from '../bin/lib/database.mjs';
import { temporaryCluster } from '../bin/lib/test-cluster.mjs';
import { serve } from '../bin/lib/test-server.mjs';

const MONTHS = [1, 2, 3, 4, 5, 6, 7, 8, 9, 11, 12];
const at = (all, q) => [...all].sort((a, b) => a - b)[Math.min(all.length - 1, Math.floor(q * all.length))];
const spread = (all) => `${at(all, 0.5).toFixed(1)} ms (${at(all, 0).toFixed(1)} to ${at(all, 1).toFixed(1)})`;
const timed = async (work) => {
  const began = performance.now();
  await work();
  return performance.now() - began;
};

const folder = mkdtempSync(fileURLToPath(new URL('../node_modules/.aggrega-bench-', import.meta.url)));
const outfile = join(folder, 'pdf.mjs');
await build({
  stdin: {
    contents: `export { paperPdf } from './paper/src/pdf';`,
    resolveDir: fileURLToPath(new URL('..', import.meta.url)),
    loader: 'ts',
  },
  ...{ outfile, bundle: true, platform: 'node', format: 'esm', logLevel: 'error', external: ['pdfkit', 'fontkit'] },
  banner: { js: "import { createRequire as requireOf } from 'node:module'; const require = requireOf(import.meta.url);" },
});
const { paperPdf } = await import(outfile);
const blank = { title: '', about: '', footer: '', large: false, pieces: [{ kind: 'text', text: 'x' }] };
const empty = [];
for (let n = 0; n < 25; n += 1) empty.push(await timed(() => paperPdf([blank], { page: 'A4', created: new Date(0) })));
rmSync(folder, { recursive: true });

const cluster = await temporaryCluster();
try {
  const database = await prepareDatabase(cluster.url);
  /** Every month's file, one after the other. */
  const all = async (app, more = '') => {
    const took = [];
    for (const month of MONTHS)
      took.push(
        await timed(async () => {
          const path = `/programmes/the-allotment-year/months/m${month}/sheet/files/sheet.pdf?colourway=frost${more}`;
          const answer = await fetch(`${app.address}${path}`);
          if (!answer.ok) throw new Error(await answer.text());
          await answer.arrayBuffer();
        }),
      );
    return took;
  };
  const said = (what, took) =>
    console.log(`${what}: ${spread(took)}, ${(at(took, 0.5) / at(empty.slice(5), 0.5)).toFixed(1)} × an empty page`);
  console.log(`an empty page by the library: ${spread(empty.slice(5))}`);
  let app = await serve(database, await freePort());
  said('made for the first time', await all(app));
  said('asked for again', await all(app));
  await app.stop();
  app = await serve(database, await freePort());
  // The first question of a process opens its connections.
  await fetch(`${app.address}/programmes/the-allotment-year`);
  said('of a process that was just started', await all(app));
  await app.stop();
} finally {
  await cluster.remove();
}
