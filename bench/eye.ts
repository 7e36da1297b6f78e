// Blocks of the library in photographs that nobody took: how often the drawing is exactly right, by how hard the picture is and by what was printed on the cloth.
import sharp from 'sharp';
import { library, readBlock, tilingFaults } from '../core/src/block';
import { readPicture } from '../core/src/eye';
import { chances } from '../core/tests/made-pictures/chances';
import { madeFabrics } from '../core/tests/made-pictures/fabrics';
import { conditions, madePicture } from '../core/tests/made-pictures/picture';
import { compared } from '../core/tests/made-pictures/same-drawing';

const ROUNDS = Number(process.env.BENCH_ROUNDS) || 1;
const KINDS = [
  ['clean', 'clean', 0],
  ['fair, plain fabrics', 'fair', 0],
  ['fair, every other fabric printed', 'fair', 0.5],
  ['hard, every other fabric printed', 'hard', 0.5],
] as const;

for (const [name, hard, printed] of KINDS) {
  const tally = { read: 0, exact: 0, two: 0, fabrics: 0, astray: 0, marked: 0, wrong: 0 };
  const times: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1)
    for (const [i, file] of library.entries()) {
      const { block } = readBlock(file, '');
      const by = chances(round * 1000 + i + 1);
      const many = new Set(block.patches.map((p) => p.role)).size;
      const fabrics = madeFabrics(by, { many, apart: 12, printed });
      const size = [by.whole(640, 1100), by.whole(640, 900)] as const;
      const made = madePicture(block, fabrics, conditions(by, hard, { size, fabrics }), by);
      const raw = { width: made.width, height: made.height, channels: 4 as const };
      const quality = hard === 'hard' ? by.whole(40, 80) : 95;
      const jpeg = await sharp(Buffer.from(made.data), { raw }).jpeg({ quality }).toBuffer();
      const { data } = await sharp(jpeg).ensureAlpha().raw().toBuffer({ resolveWithObject: true });
      const start = performance.now();
      const read = readPicture({ width: made.width, height: made.height, data: new Uint8ClampedArray(data) })!;
      times.push(performance.now() - start);
      if (tilingFaults(read.block).length > 0) throw new Error(`${block.name} does not tile`);
      const { missing, extra, letters, exact } = compared(read.block, block);
      const off = Math.max(...read.corners.map((c, k) => Math.hypot(c[0] - made.corners[k]![0], c[1] - made.corners[k]![1])));
      const astray = off > 0.05 * Math.min(...size);
      tally.read += 1;
      tally.exact += Number(exact);
      // One line more or less changes up to two patches into one, or one into two.
      tally.two += Number(exact || (letters && missing + extra <= 6));
      tally.fabrics += Number(read.fabrics.length === many);
      tally.astray += Number(astray);
      if (!exact && !astray) {
        tally.wrong += 1;
        tally.marked += Number(read.doubtfulSeams.length + read.doubtfulPatches.length > 0);
      }
    }
  times.sort((a, b) => a - b);
  const share = (n: number, of = tally.read) => `${n} of ${of}`;
  console.log(
    `${name}: exact ${share(tally.exact)}, with at most two lines to mend ${share(tally.two)}, as many fabrics ${share(tally.fabrics)}, ` +
      `corners astray ${share(tally.astray)}; of the others that are wrong something is marked in ${share(tally.marked, tally.wrong)}; ` +
      `${times[times.length >> 1]!.toFixed(0)} ms (median), ${times.at(-1)!.toFixed(0)} at most`,
  );
}
