/** Grids whose cells no ruler shows, and what to do about them (docs/craft.md, Awkward grids). */
import type { Block, Problem } from '../block';
import { Exact, formatLength, type Rational } from '../measure';
import type { SewingStyle } from './style';
import { words } from './words';

export interface Remedy {
  kind: 'size' | 'coping' | 'finer';
  /** Finished sides of the block, for 'size'; of the block inside its frame, for 'coping'. */
  finished: readonly [Rational, Rational];
  /** The ruler step that the house would round up to, for 'finer'. */
  step?: Rational;
  text: string;
}

/** The nearest friendly sizes, a cell rounded down with a coping frame, and finer steps; none where the grid is no trouble. */
export function gridRemedies(block: Block, finished: readonly [Exact, Exact], style: SewingStyle): Remedy[] {
  const { rounding, unit } = style;
  const write = (x: Rational) => formatLength(x, unit);
  const cells = finished.map((side, axis) => side.rational.div(block.grid[axis]!)) as [Rational, Rational];
  if (!cells.some((cell) => !onStep(cell, rounding))) return [];

  // A friendly cell lies on the half (inch or centimetre); the nearest on both sides, and the nearest whole one.
  const across = cells[0].mul(2);
  const friendly = [across.floor().div(2), across.ceil().div(2), cells[0].floor(), cells[0].ceil()]
    .filter((cell) => cell.compare(0) > 0)
    .map((cell) => cell.mul(block.grid[0]));
  const down = (width: Rational) => width.div(finished[0].rational).mul(finished[1].rational);
  const sizes = [...new Map(friendly.map((width) => [width.toFraction(), width])).values()]
    .sort((a, b) => a.compare(b))
    .map((width): Remedy => ({ kind: 'size', finished: [width, down(width)], text: words.makeTheBlock(write(width)) }));

  const below = cells.map((cell) => cell.div(rounding).floor().mul(rounding)) as [Rational, Rational];
  const inner = below.map((cell, axis) => cell.mul(block.grid[axis]!)) as [Rational, Rational];
  const coping: Remedy[] = below.every((cell) => cell.compare(0) > 0)
    ? [
        {
          kind: 'coping',
          finished: inner,
          text: words.makeItGridSquaresAndFrame(write(inner[0]), write(below[0]), formatLength(finished[0], unit)),
        },
      ]
    : [];
  const half = rounding.div(2);
  const finer: Remedy[] = [
    {
      kind: 'finer',
      finished: [finished[0].rational, finished[1].rational],
      step: half,
      text: words.roundItsCutsUpToThe(write(half)),
    },
  ];
  return [...sizes, ...coping, ...finer];
}

function onStep(cell: Rational, step: Rational): boolean {
  return Exact.of(cell).equals(Exact.of(cell).ceilTo(step));
}

/** The warning for a block whose cells no ruler shows; empty otherwise. */
export function awkwardGrid(block: Block, finished: readonly [Exact, Exact], style: SewingStyle): Problem[] {
  const remedies = gridRemedies(block, finished, style);
  if (remedies.length === 0) return [];
  const cell = finished
    .map((side, axis) => side.over(block.grid[axis]!))
    .find((side) => !onStep(side.rational, style.rounding))!;
  const step = formatLength(style.rounding, style.unit);
  const ways = remedies.map((r) => r.text);
  const message = words.gridSquaresFinishAtWhichIsnt(
    formatLength(cell, style.unit),
    style.unit,
    step,
    ways.slice(0, -1).join('; '),
    ways.at(-1)!,
  );
  return [{ path: '/grid', message }];
}
