// Runs a benchmark: node bench/run.mjs [construction|planner|account|casting|foresee|eye|layout|papers|head-count|recolour|people|pages|telephone|files|saves|ahead|load|checked-plans|compose|attack|soak]. Each prints figures and their ratios from one run.
import { spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

const here = (name) => fileURLToPath(new URL(name, import.meta.url));
const names =
  process.argv.length > 2
    ? process.argv.slice(2)
    : ['construction', 'planner', 'account', 'casting', 'papers', 'head-count', 'recolour', 'people', 'load'];
for (const name of names) {
  console.log(`\n== ${name}`);
  if (existsSync(here(`${name}.mjs`))) {
    process.exitCode ||= spawnSync(process.execPath, [here(`${name}.mjs`)], { stdio: 'inherit' }).status ?? 1;
    continue;
  }
  // Where packages that are not bundled are found.
  const folder = mkdtempSync(here('../node_modules/.aggrega-bench-'));
  const outfile = join(folder, 'bench.mjs');
  await build({
    entryPoints: [here(`${name}.ts`)],
    outfile,
    bundle: true,
    platform: 'node',
    format: 'esm',
    external: ['sharp'],
    logLevel: 'error',
  });
  process.exitCode ||=
    spawnSync(process.execPath, [outfile, here('../demo/allotment-year.aggrega.json')], { stdio: 'inherit' }).status ?? 1;
  rmSync(folder, { recursive: true });
}
