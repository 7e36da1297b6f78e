// Makes the demonstration's photograph of a block, which nobody took: node core/scripts/make-demo-picture.mjs
import { rmSync } from 'node:fs';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import sharp from 'sharp';

const here = (name) => fileURLToPath(new URL(name, import.meta.url));
const BLOCK = 'Jacob’s Ladder';
const SEED = 11;
const SIZE = [960, 800];

const outfile = here('../../node_modules/.made-pictures.mjs');
await build({
  stdin: {
    contents: `
      export { library, readBlock } from './src/block';
      export { chances } from './tests/made-pictures/chances';
      export { madeFabrics } from './tests/made-pictures/fabrics';
      export { conditions, madePicture } from './tests/made-pictures/picture';`,
    resolveDir: here('..'),
  },
  ...{ outfile, bundle: true, platform: 'node', format: 'esm', logLevel: 'error' },
});
const { library, readBlock, chances, madeFabrics, conditions, madePicture } = await import(pathToFileURL(outfile).href);
rmSync(outfile);

const by = chances(SEED);
const { block } = readBlock(
  library.find((b) => b.name === BLOCK),
  '',
);
const fabrics = madeFabrics(by, { many: new Set(block.patches.map((p) => p.role)).size, apart: 25, printed: 0.5 });
const made = madePicture(block, fabrics, conditions(by, 'fair', { size: SIZE, fabrics }), by);
const raw = { width: made.width, height: made.height, channels: 4 };
await sharp(Buffer.from(made.data), { raw }).jpeg({ quality: 86 }).toFile(here('../../demo/ladder-on-the-table.jpg'));
