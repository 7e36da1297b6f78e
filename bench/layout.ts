// Units of every block of the library that has several, laid out and photographed by nobody, each time with one slip, two, or none: what is found, what is a
// false alarm, and what is not told.
import sharp from 'sharp';
import { library, readBlock } from '../core/src/block';
import { construct, inchStyle } from '../core/src/construction';
import { checkLayout, layoutOf, type Corners, type Layout } from '../core/src/eye';
import { isLike, lookOf, rolesIn, turned } from '../core/src/eye/layout/templates';
import { Exact } from '../core/src/measure';
import { chances, type Chances } from '../core/tests/made-pictures/chances';
import { averageOf, hex, madeFabrics, type Rgb } from '../core/tests/made-pictures/fabrics';
import { madeLayout, type Slip } from '../core/tests/made-pictures/laid-out';
import { conditions } from '../core/tests/made-pictures/picture';

const ROUNDS = Number(process.env.BENCH_ROUNDS) || 2;
/** `set`: the corners are those that somebody put the handles on, and not what the eye finds. */
const KINDS = [
  ['fair, plain fabrics', 'fair', { printed: 0, most: 1, set: true }],
  ['fair, every other fabric printed', 'fair', { printed: 0.5, most: 1, set: true }],
  ['fair, plain fabrics, two slips', 'fair', { printed: 0, most: 2, set: true }],
  ['hard, every other fabric printed', 'hard', { printed: 0.5, most: 1, set: true }],
  ['fair, plain fabrics, corners as found', 'fair', { printed: 0, most: 1, set: false }],
] as const;
/** How far beside a corner a handle comes to lie, as a share of the picture. */
const HANDLE = 0.006;

/** A slip of each kind that a unit's look allows, of which one is made. */
function slipAt(layout: Layout, at: number, by: Chances): { kind: string; slip: Slip } {
  const roles = rolesIn(layout);
  const looks = layout.units.map((unit) => lookOf(unit, roles));
  const { w, h, patches } = layout.units[at]!;
  const own = looks[at]!;
  const near = (a: number, b: number) => Math.abs(a - b) < 1e-3;
  const all: { kind: string; slip: Slip }[] = [{ kind: 'missing', slip: { at, missing: true } }];
  for (const quarters of near(w, h) ? [1, 2, 3] : [2])
    if (!isLike(turned(own, quarters), own)) all.push({ kind: 'turned', slip: { at, quarters } });
  if (!isLike(turned(own, 0, true), own)) all.push({ kind: 'mirrored', slip: { at, mirrored: true } });
  for (const [unit, other] of layout.units.entries())
    if (near(other.w, w) && near(other.h, h) && !isLike(looks[unit]!, own)) all.push({ kind: 'other', slip: { at, unit } });
  const used = patches.map((p) => p.role);
  for (const role of roles)
    if (!used.includes(role)) all.push({ kind: 'fabric', slip: { at, recast: new Map([[used[0]!, role]]) } });
  // Each kind as often, however many ways there are.
  const kind = by.oneOf([...new Set(all.map((s) => s.kind))]);
  return by.oneOf(all.filter((s) => s.kind === kind));
}

for (const [name, hard, { printed, most, set }] of KINDS) {
  const tally = { right: 0, alarms: 0, untold: 0, slips: 0, found: 0, open: 0, missed: 0 };
  const told = new Map<string, Map<string, number>>();
  const times: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1)
    for (const [i, file] of library.entries()) {
      const { block } = readBlock(file, '');
      const finished = [Exact.of(12), Exact.of(12).over(block.grid[0]).times(block.grid[1])] as const;
      const layout = layoutOf(construct(block, { finished, make: 1, style: inchStyle }));
      if (layout.units.length < 2) continue;
      const by = chances(round * 1000 + i + 1);
      const roles = rolesIn(layout);
      const list = madeFabrics(by, { many: roles.length, apart: 12, printed });
      const fabrics = new Map(roles.map((role, k) => [role, list[k]!]));
      // As they are said to be they are never quite.
      const said = (text: string): Rgb =>
        [1, 3, 5].map((k) => parseInt(text.slice(k, k + 2), 16) + 6 * by.normal()) as unknown as Rgb;
      const colours = new Map(roles.map((role, k) => [role, hex(said(averageOf(list[k]!)))]));
      const size = [by.whole(640, 1100), by.whole(640, 900)] as const;
      const of = { ...conditions(by, hard, { size, fabrics: list }), allowance: 0 };
      const slips = (by.next() < 0.3 ? [] : Array.from({ length: most }, () => by.whole(0, layout.units.length - 1)))
        .filter((at, k, all) => all.indexOf(at) === k)
        .map((at) => slipAt(layout, at, by));
      const made = madeLayout(layout, fabrics, { slips: slips.map((s) => s.slip), astray: 0.04, aslant: 3 }, of, by);
      const raw = { width: made.width, height: made.height, channels: 4 as const };
      const quality = by.whole(hard === 'hard' ? 40 : 75, 95);
      const jpeg = await sharp(Buffer.from(made.data), { raw }).jpeg({ quality }).toBuffer();
      const data = new Uint8ClampedArray(await sharp(jpeg).ensureAlpha().raw().toBuffer());
      const beside = () => HANDLE * made.width * by.normal();
      const corners = made.corners.map(([x, y]) => [x + beside(), y + beside()]) as unknown as Corners;
      const start = performance.now();
      const { units } = checkLayout({ width: made.width, height: made.height, data }, layout, colours, set ? { corners } : {})!;
      times.push(performance.now() - start);
      for (const [at, { kind }] of units.entries()) {
        const was = slips.find((s) => s.slip.at === at)?.kind ?? 'right';
        const row = told.get(was) ?? new Map<string, number>();
        told.set(was, row.set(kind, (row.get(kind) ?? 0) + 1));
        if (was === 'right') {
          tally.right += 1;
          tally.alarms += Number(kind !== 'right' && kind !== 'unclear');
          tally.untold += Number(kind === 'unclear');
        } else {
          tally.slips += 1;
          tally.found += Number(kind !== 'right' && kind !== 'unclear');
          tally.open += Number(kind === 'unclear');
          tally.missed += Number(kind === 'right');
        }
      }
    }
  times.sort((a, b) => a - b);
  const share = (n: number, all: number) => `${n} of ${all} (${((100 * n) / Math.max(1, all)).toFixed(1)} %)`;
  console.log(
    `${name}: slips found ${share(tally.found, tally.slips)}, not told ${tally.open}, missed ${tally.missed}; of what lies right false alarms ` +
      `${share(tally.alarms, tally.right)}, not told ${share(tally.untold, tally.right)}; ` +
      `${times[times.length >> 1]!.toFixed(0)} ms (median), ${times.at(-1)!.toFixed(0)} at most`,
  );
  for (const [was, row] of told) console.log(`  ${was}: ${[...row].map(([kind, n]) => `${kind} ${n}`).join(', ')}`);
}
