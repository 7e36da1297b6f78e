/** The block taken apart and put together, step by step: units, sections, rows, block; as data that can be drawn. */
import type { Drawing, Point } from '../block';
import {
  balance,
  extent,
  isLeaf,
  outermost,
  outlineWithSeam,
  partDrawing,
  pressedBands,
  unitMeasure,
  type Branch,
  type Construction,
  type LaidPatch,
  type PressedSeam,
  type Tree,
  type UnitPlan,
} from '../construction';
import { by, checkpoint, Exact, type LengthUnit } from '../measure';
import type { Colourway } from '../programme';
import { joinSteps } from './joining';
import { pieceName } from './piece-name';
import { sheetSteps, type SheetStep } from './sheet-step';
import { pressWords } from './sheet-unit';
import { spunIn } from './spinning';
import { words } from './words/walk';

/** A part before it is sewn to the others. */
export interface LoosePart {
  label: string;
  drawing: Drawing;
  /** Its outline with the seam allowance, in the drawing's own lengths. */
  allowance: (readonly [number, number])[];
  /** Where its label stands. */
  mark: readonly [number, number];
  /** Where its box begins in the picture of parts laid apart. */
  x: number;
  y: number;
}

/** How a seam lies: its line, and the side of its allowance; both ends equal where it is pressed open. */
export interface Arrow {
  from: readonly [number, number];
  to: readonly [number, number];
  open: boolean;
}

export interface WalkStep {
  name: string;
  title: string;
  /** What to do, in the order of the hands, the pressing among them. */
  lines: string[];
  /** The same with their pictures, where it is a unit that is made from its pieces. */
  steps: SheetStep[];
  /** The pressing alone. */
  press: string;
  /** Unfinished size to measure. */
  size: string;
  look: string[];
  caution: string;
  apart: { width: number; height: number; parts: LoosePart[] };
  joined: Drawing;
  arrows: Arrow[];
  /** Patches of the block that are sewn into something once this is done. */
  patches: number[];
  unit?: UnitPlan;
}

/** How far parts are drawn from each other, as a share of the whole. */
const APART = 0.3;

/** Every step of sewing one block in a colourway; pictures of cutting for a left hand where asked. */
export function sewingWalk(c: Construction, colourway: Colourway, { left = false }: { left?: boolean } = {}): WalkStep[] {
  const units = c.units
    .filter((u) => u.seen.picture.patches.length > 1 && !u.places[0]!.inside && !u.pooled)
    .map((u) => unitStep(u, c, { press: pressWords(u, c, colourway), left }));
  const joins = joinSteps(c).map((join): WalkStep => {
    const unit = c.units.find((u) => u.places.some(({ inside }) => inside && contains(inside, join.branch)));
    const own = unit?.places[0]!.inside === join.branch ? unit : undefined;
    const caution = own?.recipe.caution ?? '';
    return {
      name: join.name,
      title: own ? words.make(join.name, own.make, own.make === 1 ? own.kind.title : own.kind.plural) : join.name,
      lines: [
        ...(join.alike.length > 1 ? [words.makeAllAlikeOneAfterThe(join.alike.length)] : []),
        join.text,
        ...[join.pins, join.points].filter(Boolean),
        ...(join.press ? [join.press] : []),
        ...(own?.recipe.steps.map((step) => step.text) ?? []),
      ],
      steps: [],
      press: join.press,
      size: join.size[0] === join.size[1] ? join.size[0] : by(...join.size),
      look: own?.recipe.look ?? [],
      caution,
      apart: laidApart(
        join.branch.parts.map((part) => ({ label: labelOf(part), laid: part.laid })),
        c,
      ),
      joined: join.drawing,
      arrows: arrowsOf(
        c.pressing.seams.filter((s) => s.branch === join.branch).slice(0, unit ? join.branch.parts.length - 1 : undefined),
        unit ? undefined : join.branch.laid,
        c,
        unit ? join.branch : undefined,
      ),
      patches: (unit ? unit.places.flatMap((p) => [...p.laid]) : join.alike.flatMap((branch) => [...branch.laid])).flatMap(
        (p) => [...p.of],
      ),
      unit: own,
    };
  });
  return [...units, ...joins];

  function labelOf(part: Tree): string {
    const unit = isLeaf(part) ? c.unitOf.get(part)! : undefined;
    return unit?.label ? pieceName(unit, c) : '';
  }
}

function contains(tree: Tree, branch: Branch): boolean {
  if (isLeaf(tree)) return false;
  return tree === branch || tree.parts.some((part) => contains(part, branch));
}

/** The step that makes a unit; `press` says how its seams are pressed, all or some. */
export function unitStep(
  unit: UnitPlan,
  c: Construction,
  { press: said, left }: { press: (seams?: readonly number[]) => string; left: boolean },
): WalkStep {
  const press = said();
  const { recipe, kind, seen } = unit;
  const measure = unitMeasure(unit, c.style);
  const [w, h] = [measure.w, measure.h].map((x) => checkpoint(x, c.style.rounding, c.style.unit)) as [string, string];
  // A unit of the block is shown as it lies there first, one inside another unit laid straight.
  const first = unit.places[0]!;
  const here = outermost(c.tree).includes(first);
  const [shown, tick] = here ? [first.laid, c.cloth.tick] : [seen.picture.patches, seen.tick];
  const each = unit.recipe.mirrored !== undefined && unit.mirrored;
  const steps = sheetSteps(unit, c, { press: said, spins: spunIn(c).units.has(unit.label), left });
  return {
    name: unit.label,
    title: words.make2(
      unit.label,
      unit.make,
      unit.mirrored && unit.twin ? words.mirrored : '',
      unit.make === 1 ? kind.title : kind.plural,
      unit.method.title,
    ),
    lines:
      each && unit.twin
        ? [words.theyComeWithTheOtherHalf(unit.twin.label), ...(press ? [press] : [])]
        : steps.map((step) => step.text),
    steps: each && unit.twin ? [] : steps,
    press,
    size: `${w === h ? w : by(w, h)}${measure.what ? ` ${measure.what}` : ''}`,
    look: recipe.look,
    caution: recipe.caution ?? '',
    apart: laidApart(
      shown.map((p) => ({ label: p.role, laid: [p] })),
      c,
      tick,
    ),
    joined: partDrawing(shown, tick),
    arrows: here
      ? arrowsOf(
          c.pressing.seams.filter((seam) => seam.place === first),
          first.laid,
          c,
        )
      : insideArrows(
          c.pressing.seams.filter((seam) => seam.place === first),
          seen.picture.patches,
          tick,
        ),
    patches: unit.places.flatMap((p) => p.laid.flatMap((l) => [...l.of])),
    unit,
  };
}

function laidApart(
  parts: { label: string; laid: readonly LaidPatch[] }[],
  c: Construction,
  tick: Exact = c.cloth.tick,
): WalkStep['apart'] {
  const one = tick.toNumber();
  const s = c.style.seam.valueOf();
  const [x, y] = extent(parts.flatMap((p) => [...p.laid]));
  const middle = balance(parts.flatMap((p) => [...p.laid]));
  const loose = parts.map(({ label, laid }): LoosePart => {
    const [px, py] = extent(laid);
    const own = balance(laid);
    return {
      label,
      drawing: partDrawing(laid, tick),
      allowance: outlineWithSeam(laid, one, s).map(([ax, ay]) => [ax - px * one, ay - py * one] as const),
      mark: [(own[0] - px) * one, (own[1] - py) * one],
      x: ((own[0] - middle[0]) * APART + px - x) * one,
      y: ((own[1] - middle[1]) * APART + py - y) * one,
    };
  });
  const edges = loose.flatMap((p) => p.allowance.map(([ax, ay]) => [ax + p.x, ay + p.y] as const));
  const [left, top] = [Math.min(...edges.map((e) => e[0])), Math.min(...edges.map((e) => e[1]))];
  for (const p of loose) {
    p.x -= left;
    p.y -= top;
  }
  return {
    width: Math.max(...edges.map((e) => e[0])) - left,
    height: Math.max(...edges.map((e) => e[1])) - top,
    parts: loose,
  };
}

/** Arrows across the middle of each seam, in the lengths of the joined part's drawing. */
function arrowsOf(
  seams: readonly PressedSeam[],
  laid: readonly LaidPatch[] | undefined,
  c: Construction,
  own?: Branch,
): Arrow[] {
  const one = c.cloth.tick.toNumber();
  if (!laid) return own ? insideArrows(seams, own.laid, c.cloth.tick) : [];
  const [x, y, w, h] = extent(laid);
  const reach = Math.max(w, h) * one * 0.06;
  return seams.map(({ from, to, towards }) =>
    arrow([((from[0] + to[0]) / 2 - x) * one, ((from[1] + to[1]) / 2 - y) * one], towards, reach, along(from, to)),
  );
}

/** The seams of a unit's inside lie in its straightened picture, those of the pressing plan where the unit lies: only their sides are told. */
function insideArrows(seams: readonly PressedSeam[], laid: readonly LaidPatch[], tick: Exact): Arrow[] {
  const one = tick.toNumber();
  const [x, y, w, h] = extent(laid);
  const reach = Math.max(w, h) * one * 0.06;
  return seams.map(({ straight: { from, to }, towards, after, ahead }) => {
    const on = towards && towards[0] * after[0] + towards[1] * after[1] > 0;
    const way: Point | undefined = towards && (on ? ahead : [-ahead[0], -ahead[1]]);
    const middle = [((from[0] + to[0]) / 2 - x) * one, ((from[1] + to[1]) / 2 - y) * one] as const;
    return arrow(middle, way, reach, along(from, to));
  });
}

const along = (from: Point, to: Point): Point => [to[0] - from[0], to[1] - from[1]];

function arrow([x, y]: readonly [number, number], way: Point | undefined, reach: number, seam: Point): Arrow {
  const [dx, dy] = way ?? [-seam[1], seam[0]];
  const length = Math.hypot(dx, dy) || 1;
  const [ux, uy] = [(dx / length) * reach, (dy / length) * reach];
  return { from: [x - ux, y - uy], to: [x + ux, y + uy], open: !way };
}

/** How far a part may be off its checkpoint (docs/craft.md, Checkpoints). */
export function toleranceText(unit: LengthUnit): string {
  const [fine, eased] = unit === 'in' ? ['1/16 in', '1/8 in'] : ['1.5 mm', '3 mm'];
  return words.upToOutIsFineCan(fine, eased);
}

/** The finished block from the back: seams, and where their allowances lie; left and right are changed. */
export interface BackView {
  drawing: Drawing;
  bands: { points: (readonly [number, number])[]; open: boolean }[];
  spun: (readonly [number, number])[];
}

export function backView(c: Construction): BackView {
  const front = partDrawing(c.cloth.patches, c.cloth.tick);
  const turned = ([x, y]: readonly [number, number]) => [front.width - x, y] as const;
  const one = c.cloth.tick.toNumber();
  return {
    drawing: { ...front, shapes: front.shapes.map((s) => ({ ...s, points: s.points.map(turned) })) },
    bands: pressedBands(c).map((band) => ({ ...band, points: band.points.map(turned) })),
    spun: c.pressing.at.filter((x) => x.spun).map(({ at }) => turned([at[0] * one, at[1] * one])),
  };
}
