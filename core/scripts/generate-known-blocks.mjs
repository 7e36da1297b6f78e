// Works out what is known of the blocks that a year can be composed of, so that nobody waits for it.
// Run `npm run generate` after a change of the library, of a unit kind or of the effort; a test compares the result with the code.
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { build } from 'esbuild';

const folder = mkdtempSync(join(tmpdir(), 'aggrega-generate-'));
const outfile = join(folder, 'known-blocks.mjs');
await build({
  ...{ entryPoints: [fileURLToPath(new URL('../src/compose/known-blocks.ts', import.meta.url))], outfile },
  ...{ bundle: true, platform: 'node', format: 'esm', logLevel: 'error' },
});
const { knownBlocks } = await import(pathToFileURL(outfile).href);
rmSync(folder, { recursive: true });
// A block a line: a change is read line by line.
const lines = knownBlocks().map((block) => `  ${JSON.stringify(block)}`);
writeFileSync(new URL('../src/compose/generated/known-blocks.json', import.meta.url), `[\n${lines.join(',\n')}\n]\n`);
