// Makes the demonstration's photographs, which nobody took: node core/scripts/make-demo-pictures.mjs
import { readFileSync, rmSync } from 'node:fs';
import { fileURLToPath, pathToFileURL } from 'node:url';
import { build } from 'esbuild';
import sharp from 'sharp';

const here = (name) => fileURLToPath(new URL(name, import.meta.url));
const SIZE = [960, 800];

const outfile = here('../../node_modules/.made-pictures.mjs');
await build({
  stdin: {
    contents: `
      export { library, readBlock } from './src/block';
      export { layoutOf } from './src/eye';
      export { constructMonthBlock, quiltLayout, readProgramme } from './src/programme';
      export { chances } from './tests/made-pictures/chances';
      export { clothOf, madeFabrics } from './tests/made-pictures/fabrics';
      export { madeLayout } from './tests/made-pictures/laid-out';
      export { conditions, madePicture } from './tests/made-pictures/picture';`,
    resolveDir: here('..'),
  },
  ...{ outfile, bundle: true, platform: 'node', format: 'esm', logLevel: 'error' },
});
const made = await import(pathToFileURL(outfile).href);
rmSync(outfile);

const keep = ({ width, height, data }, name) =>
  sharp(Buffer.from(data), { raw: { width, height, channels: 4 } })
    .jpeg({ quality: 86 })
    .toFile(here(`../../demo/${name}.jpg`));

/** A block that is sewn, to read its drawing from. */
async function blockOnTheTable() {
  const by = made.chances(11);
  const { library: blocks, readBlock } = made;
  const { block } = readBlock(
    blocks.find((b) => b.name === 'Jacob’s Ladder'),
    '',
  );
  const many = new Set(block.patches.map((p) => p.role)).size;
  const fabrics = made.madeFabrics(by, { many, apart: 25, printed: 0.5 });
  await keep(made.madePicture(block, fabrics, made.conditions(by, 'fair', { size: SIZE, fabrics }), by), 'ladder-on-the-table');
}

const { programme } = made.readProgramme(JSON.parse(readFileSync(here('../../demo/allotment-year.aggrega.json'), 'utf8')));
const colourway = programme.colourways.find((c) => c.id === 'frost');
const fabrics = new Map([...colourway.fabrics].map(([letter, { colour }]) => [letter, made.clothOf(colour)]));
const seen = [...fabrics.values()];

/** The units of the Allotment Year's March block in Frost, laid out to be sewn, one of them turned a quarter. */
async function unitsOnTheTable() {
  const by = made.chances(5);
  const [entry] = programme.months.find((m) => m.id === 'm3').blocks;
  const layout = made.layoutOf(made.constructMonthBlock(programme, entry, colourway));
  const of = { ...made.conditions(by, 'fair', { size: SIZE, fabrics: seen }), allowance: 0 };
  const slips = [{ at: 0, quarters: 1 }];
  await keep(made.madeLayout(layout, fabrics, { slips, astray: 0.03, aslant: 2.5 }, of, by), 'units-on-the-table');
}

/** The year's blocks in Frost as they are laid out to be set, two of them in each other's place. */
async function blocksOnTheFloor() {
  const by = made.chances(7);
  const of = { ...made.conditions(by, 'fair', { size: SIZE, fabrics: seen }), allowance: 0 };
  const slips = [
    { at: 2, unit: 6 },
    { at: 6, unit: 2 },
  ];
  const laid = { slips, astray: 0.02, aslant: 2 };
  await keep(made.madeLayout(made.quiltLayout(programme), fabrics, laid, of, by), 'blocks-on-the-floor');
}

await blockOnTheTable();
await unitsOnTheTable();
await blocksOnTheFloor();
