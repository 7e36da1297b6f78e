// Papers: a month's sheet as data and as PDF, first and warm; a month for 60 participants in three colourways, of which only those sheets are
// built that differ; against an empty PDF page of the same library.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

// Bundled beside the packages, which the PDF library and its fonts are read from.
const root = fileURLToPath(new URL('..', import.meta.url));
const folder = mkdtempSync(join(root, 'bench', '.papers-'));
try {
  await build({
    stdin: { contents: source(), resolveDir: root, loader: 'ts' },
    ...{ outfile: join(folder, 'bench.mjs'), bundle: true, platform: 'node', format: 'esm', logLevel: 'error' },
    external: ['pdfkit', 'fontkit'],
    banner: { js: "import { createRequire as requireOf } from 'node:module'; const require = requireOf(import.meta.url);" },
  });
  process.exitCode = spawnSync(process.execPath, [join(folder, 'bench.mjs')], { stdio: 'inherit' }).status ?? 1;
} finally {
  rmSync(folder, { recursive: true });
}

function source() {
  return `
    import demo from './demo/allotment-year.aggrega.json';
    import { handsOut, readProgramme } from './core/src/programme';
    import { monthPaper } from './core/src/sheet';
    import { paperPdf } from './paper/src/pdf';
    const reading = readProgramme(demo);
    if (!reading.ok) throw new Error('unsound');
    const { programme } = reading;
    const months = programme.months.filter((m) => handsOut(programme, m));
    const median = (all) => [...all].sort((a, b) => a - b)[Math.floor(all.length / 2)];
    const time = async (work) => { const start = performance.now(); await work(); return performance.now() - start; };
    const pdf = (papers) => paperPdf(papers, { page: 'A4', created: new Date(0) });
    const [frost] = programme.colourways;
    console.log('first sheet of the process: data ' + (await time(() => monthPaper(programme, months[1], frost))).toFixed(0) + ' ms, PDF ' + (await time(() => pdf([monthPaper(programme, months[1], frost)]))).toFixed(0) + ' ms with its data');
    const data = [], print = [];
    for (const month of months) {
      data.push(await time(() => monthPaper(programme, month, frost)));
      const paper = monthPaper(programme, month, frost);
      print.push(await time(() => pdf([paper])));
    }
    const blank = { title: '', about: '', footer: '', large: false, pieces: [{ kind: 'text', text: 'x' }] };
    const empty = median(await Promise.all(Array.from({ length: 5 }, () => time(() => pdf([blank])))));
    console.log('warm: data median ' + median(data).toFixed(0) + ' ms, most ' + Math.max(...data).toFixed(0) + '; PDF median ' + median(print).toFixed(0) + ' ms, most ' + Math.max(...print).toFixed(0) + ' (' + (median(print) / empty).toFixed(1) + ' × an empty page, ' + empty.toFixed(0) + ' ms)');
    const people = Array.from({ length: 60 }, (_, i) => ({ colourway: programme.colourways[i % 3], size: i % 5 ? undefined : programme.sizes[0] }));
    let built = 0;
    const all = await time(async () => {
      const known = new Map();
      for (const { colourway, size } of people) {
        const name = colourway.id + ' ' + size?.id;
        if (!known.has(name)) { known.set(name, await pdf([monthPaper(programme, months[1], colourway, { size })])); built += 1; }
      }
    });
    console.log('a month for 60 people in three colourways: ' + built + ' sheets that differ, ' + (all / 1000).toFixed(2) + ' s');
  `;
}
