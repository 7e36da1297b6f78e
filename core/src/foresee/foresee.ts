/** How likely a block comes out at its size: for forty people, what is to blame, and what would help. */
import { construct, effortOf, isLeaf, type Construction, type SewingStyle } from '../construction';
import { checkpoint, ratio, type LengthUnit, type Rational } from '../measure';
import { calibrated, intervalOf, showsOf, someHabits, type Calibrated, type Interval } from './calibrate';
import { patchesOf, sewnOf, type Line, type Span } from './lines';
import { exactMoments, momentsOf, tried, worked, type Cause, type Worked } from './outcome';
import { THREAD, usualPeople, type People } from './people';

/** What a size may be off: eased in without a thought, and at all (docs/craft.md, Checkpoints). */
export const EASED: Record<LengthUnit, number> = { in: 1 / 16, cm: 0.15 };
export const SPOILT: Record<LengthUnit, number> = { in: 1 / 8, cm: 0.3 };

/** Trials: a share of them is off by less than a percent, mostly. */
const TIMES = 4000;
const SEED = 12;
/** For so many people a year is told. */
export const FORTY = 40;

export interface ForeseenSide {
  way: Line['way'];
  expected: number;
  /** The same as a ruler shows it: '6 1/2', 'a thread over 4 3/4'. */
  size: string;
  mean: number;
  sd: number;
  /** Of forty people what each one's is off by, smallest first. */
  people: number[];
}

export interface ForeseenPart {
  /** The unit's label; undefined for parts that lie beside each other in the block, and for the whole. */
  unit?: string;
  /** Which part of the block, from the left or the top; undefined for units, and for the whole. */
  part?: number;
  sides: ForeseenSide[];
  /** Share of people whose both sides are off by no more than can be eased in, and than can be used. */
  eased: number;
  usable: number;
  /** Of forty people what the worse side of each one's is off by, smallest first. */
  people: number[];
}

export interface Foreseen {
  parts: ForeseenPart[];
  /** The block itself. */
  block: ForeseenPart;
  /** Shares of what goes wrong, all together 1. */
  causes: Readonly<Record<Cause, number>>;
  /** The same by unit, those with the most first, and for the seams between units ('' as label). */
  steps: { unit: string; share: number }[];
  /** The share that can be eased in where every seam takes a thread less: sewn scant, as the fold asks. */
  scant: number;
  /** Where one more measure pays most: the unit, or the part of the block, after which a habit is known; and the share then. */
  measure?: { unit?: string; part?: number; eased: number };
}

/** A block of a construction as people sew it. Lengths in the document's unit. */
export function foresee(c: Construction, people: People = usualPeople(c.style.unit)): Foreseen {
  const { unit } = c.style;
  const sewn = sewnOf(c);
  const work = worked(c, sewn);
  const whole = new Set(c.cloth.patches.flatMap((p) => p.of));
  const lines = sewn.linesOf(whole);
  const asked = { people, times: TIMES, seed: SEED };
  const block = tried(work, { ...asked, lines });
  const parts = checkpointsOf(c, sewn);
  const told = parts.map(({ patches, ...name }): ForeseenPart => {
    const own = sewn.linesOf(patches);
    return { ...name, ...partOf(own, tried(work, { ...asked, times: TIMES / 2, lines: own }).errors, work, people, c.style) };
  });
  const share = (errors: readonly Float64Array[]) => shareWithin(errors, EASED[unit]);
  const measures = parts.flatMap(({ patches, ...name }, i) => {
    const crossed = sewn.linesOf(patches).map((line) => line.spans.reduce((n, s) => n + s.crossings.length, 0));
    const most = Math.max(...crossed);
    if (most === 0) return [];
    const done = new Set(parts.slice(0, i + 1).flatMap((p) => [...p.patches]));
    const spread = Math.hypot(people.reading / most, people.seam / Math.sqrt(most));
    const from = (span: Span) => isAfter(span, done, name.part, work);
    return [{ ...name, eased: share(tried(work, { ...asked, lines, corrected: { from, spread } }).errors) }];
  });
  const scant = { ...people, taken: people.taken - THREAD[unit] };
  const eased = share(block.errors);
  const best = measures.sort((a, b) => b.eased - a.eased)[0];
  return {
    parts: told,
    block: partOf(lines, block.errors, work, people, c.style),
    causes: block.causes,
    steps: stepsOf(work, block.units),
    scant: share(tried(work, { ...asked, lines, people: scant }).errors),
    ...(best && best.eased > eased + PAYS && { measure: best }),
  };
}

/** A measure that brings fewer people home than this is not worth her time. */
const PAYS = 0.02;

/** Whether a span is sewn after a checkpoint: units come before what joins them, and parts of the block one after the other. */
function isAfter(span: Span, done: ReadonlySet<number>, part: number | undefined, { sewn }: Worked): boolean {
  if (span.unit !== undefined) return part === undefined && ![...sewn.units[span.unit]!.patches].some((p) => done.has(p));
  if (part === undefined) return true;
  return span.crossings.every(({ seam }) => {
    const inside = /^block\.(\d+)/.exec(seam);
    return !inside || Number(inside[1]) > part;
  });
}

function partOf(lines: readonly Line[], errors: readonly Float64Array[], work: Worked, people: People, style: SewingStyle) {
  return {
    sides: lines.map((line, i): ForeseenSide => {
      const { way, expected, exact } = line;
      return {
        ...{ way, expected, size: checkpoint(exact, style.rounding, style.unit) },
        ...(exactMoments(line, work, people) ?? momentsOf(errors[i]!)),
        people: fortyOf(errors[i]!),
      };
    }),
    people: fortyOf(worseOf(errors)),
    eased: shareWithin(errors, EASED[style.unit]),
    usable: shareWithin(errors, SPOILT[style.unit]),
  };
}

/** Units, then the parts that lie beside each other in the block. */
function checkpointsOf({ units, tree }: Construction, sewn: ReturnType<typeof sewnOf>) {
  const first = units.flatMap((plan) => {
    const at = sewn.units.find((u) => u.plan === plan && u.patches.size > 1);
    return at ? [{ unit: plan.label, patches: at.patches }] : [];
  });
  if (isLeaf(tree)) return first as { unit?: string; part?: number; patches: ReadonlySet<number> }[];
  const parts = tree.parts.flatMap((part, i) => (isLeaf(part) ? [] : [{ part: i, patches: patchesOf(part) }]));
  return [...first, ...parts] as { unit?: string; part?: number; patches: ReadonlySet<number> }[];
}

function stepsOf({ sewn }: Worked, shares: readonly number[]): Foreseen['steps'] {
  const found = new Map<string, number>([['', shares.at(-1) ?? 0]]);
  sewn.units.forEach(({ plan }, i) =>
    found.set(plan.label || plan.roles[0]!, (found.get(plan.label || plan.roles[0]!) ?? 0) + shares[i]!),
  );
  return [...found]
    .map(([unit, share]) => ({ unit, share }))
    .filter(({ share }) => share > 0.005)
    .sort((a, b) => b.share - a.share);
}

/** Forty that stand for all, smallest first. */
export function fortyOf(all: Float64Array): number[] {
  const sorted = [...all].sort((a, b) => a - b);
  return Array.from({ length: FORTY }, (_, i) => sorted[Math.floor(((i + 0.5) / FORTY) * sorted.length)]!);
}

/** How many of forty are smaller than somebody's who is off by so much, and how many are larger. Her worse side is taken. */
export const amongForty = (off: number, { people }: Pick<ForeseenPart, 'people'>): { smaller: number; larger: number } => ({
  smaller: people.filter((one) => one < off - DUST).length,
  larger: people.filter((one) => one > off + DUST).length,
});

/** Trial by trial the side that is off by more. */
function worseOf([first, ...others]: readonly Float64Array[]): Float64Array {
  return first!.map((error, i) =>
    others.reduce((worst, list) => (Math.abs(list[i]!) > Math.abs(worst) ? list[i]! : worst), error),
  );
}

const DUST = 1e-9;
export function shareWithin(errors: readonly Float64Array[], most: number): number {
  const worse = worseOf(errors);
  return worse.reduce((n, error) => n + Number(Math.abs(error) <= most + DUST), 0) / worse.length;
}

export interface Sized {
  /** What is added to the finished size of units that can be trimmed; 0: cut exactly. */
  oversize: Rational;
  eased: number;
  /** Cloth as cut, and minutes, as a share of those of a block that is cut exactly. */
  cloth: number;
  minutes: number;
}

export interface CutLarge {
  exact: Sized;
  /** The smallest that brings nineteen of twenty home; where none does, the smallest that does about all that cutting large can do. */
  large: Sized;
  home: boolean;
}

/** Ruler steps by which units are cut large, at most so many. */
const STEPS = 6;
const HOME = 0.95;
const ABOUT = 0.01;

/** What cutting large and trimming brings, and what it costs; undefined where nothing in the block can be trimmed. */
export function cutLarge(c: Construction, people: People = usualPeople(c.style.unit)): CutLarge | undefined {
  if (!c.units.some(({ kind }) => kind.oversize)) return undefined;
  const made = (oversize: Rational) => {
    const all = Object.fromEntries(c.units.flatMap(({ kind }) => (kind.oversize ? [[kind.kind, oversize] as const] : [])));
    const large = oversize.valueOf() > 0;
    const style = {
      ...c.style,
      sizing: large ? ('trim-down' as const) : ('exact' as const),
      oversize: { ...c.style.oversize, ...all },
    };
    return construct(c.block, { ...c.order, style: large ? style : { ...c.style, sizing: 'exact' } });
  };
  const step = c.style.unit === 'in' ? ratio(1, 16) : ratio(1, 10);
  const cost = effortOf(made(ratio(0)));
  const sizes: Sized[] = [];
  for (let n = 0; n <= STEPS; n += 1) {
    const oversize = step.mul(ratio(n));
    const plan = made(oversize);
    const { fabric, minutes } = effortOf(plan);
    sizes.push({ oversize, eased: easedOf(plan, people), cloth: fabric / cost.fabric, minutes: minutes / cost.minutes });
    if (n > 0 && sizes[n]!.eased >= HOME) break;
  }
  const [exact, ...larger] = sizes as [Sized, ...Sized[]];
  const most = Math.max(...larger.map(({ eased }) => eased));
  const large = larger.find(({ eased }) => eased >= Math.min(HOME, most - ABOUT))!;
  return { exact, large, home: large.eased >= HOME };
}

/** The share of people whose block comes out so that it can be eased in. */
export function easedOf(c: Construction, people: People = usualPeople(c.style.unit)): number {
  const sewn = sewnOf(c);
  const lines = sewn.linesOf(new Set(c.cloth.patches.flatMap((p) => p.of)));
  return shareWithin(tried(worked(c, sewn), { lines, people, times: TIMES, seed: SEED }).errors, EASED[c.style.unit]);
}

/** What one person measured of a finished block before it is set: across and down, in the document's unit. */
export interface MeasuredBlock {
  person: string;
  sides: readonly (number | undefined)[];
}

/** The group that measured its blocks so, all made as the construction says. */
export function measuredBy(
  c: Construction,
  sizes: readonly MeasuredBlock[],
  prior: People = usualPeople(c.style.unit),
): Calibrated {
  const sewn = sewnOf(c);
  const work = worked(c, sewn);
  const lines = sewn.linesOf(new Set(c.cloth.patches.flatMap((p) => p.of)));
  const shows = lines.map((line) => showsOf(line, work, prior));
  const measured = sizes.flatMap(({ person, sides }) =>
    sides.flatMap((size, i) =>
      size === undefined || !lines[i] ? [] : [{ person, error: size - lines[i].expected, ...shows[i]! }],
    ),
  );
  return calibrated(measured, prior, c.style.unit);
}

/** Groups that stand for all that a calibrated one may be: each takes a forecast. */
const GROUPS = 40;
const FEWER = 800;

/** The share of a calibrated group whose block can be eased in, and between what it lies. */
export function easedBetween(c: Construction, group: Calibrated): Interval {
  const sewn = sewnOf(c);
  const work = worked(c, sewn);
  const lines = sewn.linesOf(new Set(c.cloth.patches.flatMap((p) => p.of)));
  return intervalOf(someHabits(group, GROUPS), ({ taken, habit }) =>
    shareWithin(
      tried(work, { lines, people: { ...group.people, taken, habit }, times: FEWER, seed: SEED }).errors,
      EASED[c.style.unit],
    ),
  );
}
