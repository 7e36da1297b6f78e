/**
 * What a line through a part comes to when people sew it: exactly, where it is a sum (no unit is trimmed on the way), and by trying it many times in every case. Errors are
 * what the part measures beyond what it should; docs/craft.md, Error foreseen.
 */
import { oversizeOf, type Construction, type Cut, type UnitPlan } from '../construction';
import { seeded } from '../measure';
import type { Line, Sewn, Span } from './lines';
import type { People } from './people';

/** What makes a size come out wrong. */
export const causes = ['habit', 'seam', 'press', 'cut', 'bias', 'trim'] as const;
export type Cause = (typeof causes)[number];

/** Sizes that are cut larger than the formula, or that are trimmed, unit by unit and way by way. */
interface UnitWay {
  trimmed: boolean;
  /** What the cut of each patch has over by rounding up, and what there is to trim away. */
  rounding: ReadonlyMap<number, number>;
  oversize: number;
  bias: boolean;
}

/** What a plan of sewing hangs on, beside its lines. */
export interface Worked {
  sewn: Sewn;
  ways: readonly UnitWay[];
}

export function worked(c: Construction, sewn: Sewn): Worked {
  const ways = sewn.units.map(({ plan, patches }): UnitWay => {
    const trimmed = (plan.recipe.trims ?? 0) > 0;
    const oversize = trimmed ? oversizeOf(plan.kind.kind, c.style).toNumber() : 0;
    return { trimmed, rounding: roundings(plan, patches), oversize, bias: (plan.recipe.bias ?? 0) > 0 };
  });
  return { sewn, ways };

  function roundings(plan: UnitPlan, patches: ReadonlySet<number>): Map<number, number> {
    if (plan.recipe.toSize) return new Map();
    return new Map(
      [...patches].map((patch) => {
        const { role } = c.block.patches[patch]!;
        const cut = c.cuts.find(
          (row) => row.role === role && row.serves.includes(plan.twin && plan.mirrored ? plan.twin : plan),
        );
        return [patch, cut ? roundedBy(cut) : 0];
      }),
    );
  }
}

/** What a ruler's step adds to a cut, on the side where it adds more. */
function roundedBy({ w, h, exact, template }: Cut): number {
  if (template) return 0;
  const inOrder = (sides: number[]) => sides.sort((a, b) => a - b);
  const [cut, right] = [inOrder([w.valueOf(), h.valueOf()]), inOrder(exact.map((x) => x.toNumber()))];
  return Math.max(...cut.map((side, i) => side - right[i]!));
}

export interface Moments {
  mean: number;
  sd: number;
}

/** Mean and spread of a line's error; undefined where a unit on it is trimmed: what is trimmed is no sum. */
export function exactMoments(line: Line, { ways }: Worked, people: People): Moments | undefined {
  let [mean, habit, seams, cut, bias] = [0, 0, 0, 0, 0];
  for (const span of line.spans) {
    const way = span.unit === undefined ? undefined : ways[span.unit]!;
    if (way?.trimmed) return undefined;
    for (const { share } of span.crossings) {
      seams += share ** 2;
      if (way?.bias && share < STRAIGHT) bias += share ** 2;
    }
    for (const { share } of span.patches) cut += share ** 2;
    const own = habitual(span);
    habit += own;
    mean += over(span, way) - own * people.taken - drawnTaken(span, people);
  }
  const sewn = seams * (people.seam ** 2 + people.press ** 2);
  const variance = (habit * people.habit) ** 2 + sewn + cut * people.cut ** 2 + bias * people.bias ** 2;
  return { mean, sd: Math.sqrt(variance) };
}

/** How much of her own allowance shows in a span: of seams along drawn lines none does. */
export const habitual = ({ crossings }: Span): number => crossings.reduce((n, { share, drawn }) => n + (drawn ? 0 : share), 0);

/** What a span's seams take whoever sews them: those along drawn lines. */
export const drawnTaken = ({ crossings }: Span, people: People): number =>
  crossings.reduce((n, { share, drawn }) => n + (drawn ? share * people.drawn : 0), 0);

/** A seam that is crossed square runs along the grain. */
export const STRAIGHT = 1 - 1e-9;

/** What comes over, as far as the line shows it: of each patch that it goes through what a cut has over, and what the whole unit is larger. */
export const over = (span: Span, way: UnitWay | undefined): number =>
  way ? way.oversize + span.patches.reduce((n, { patch, share }) => n + share * (way.rounding.get(patch) ?? 0), 0) : 0;

/** One block by one person: what each line came to beyond what it should, and what of that is whose doing. */
export interface Tried {
  /** By line. */
  errors: Float64Array[];
  /** By cause and by unit (by number; the last is between units), of the line across most seams: covariance with its error, as a share of its variance. */
  causes: Readonly<Record<Cause, number>>;
  units: readonly number[];
}

export interface Trying {
  lines: readonly Line[];
  people: People;
  times: number;
  seed: number;
  /** A measure on the way: from which unit or seam on somebody sews by what she has found out about her habit, and how surely she knows it. */
  corrected?: { from: (span: Span) => boolean; spread: number };
}

/** Sews the lines so many times. Lines that share a seam, a cut or a unit share its error; each trial is another person. */
export function tried(work: Worked, { lines, people, times, seed, corrected }: Trying): Tried {
  const normal = normals(seeded(seed));
  const errors = lines.map(() => new Float64Array(times));
  const parts = Object.fromEntries(causes.map((cause) => [cause, new Float64Array(times)])) as Record<Cause, Float64Array>;
  const byUnit = Array.from({ length: work.ways.length + 1 }, () => new Float64Array(times));
  const told = mostCrossed(lines);
  const sew = sewer(work, { lines, people, from: corrected?.from }, normal);
  for (let trial = 0; trial < times; trial += 1) {
    const habit = people.habit * normal();
    // What she knows of her habit after measuring is a part of it, and a part of her reading.
    const left = corrected ? correction(habit, people.habit, corrected.spread, normal) : habit;
    const came = sew(habit, left, (at, unit, part) => {
      if (at !== told) return;
      byUnit[unit ?? work.ways.length]![trial]! += part.came;
      for (const cause of causes) parts[cause][trial]! += part[cause];
    });
    for (const [at, list] of errors.entries()) list[trial] = came[at]!;
  }
  const first = errors[told] ?? new Float64Array(0);
  const of = covariance(first, first);
  const shareOf = (part: Float64Array) => (of > 0 ? covariance(part, first) / of : 0);
  return {
    errors,
    causes: Object.fromEntries(causes.map((cause) => [cause, shareOf(parts[cause])])) as Record<Cause, number>,
    units: byUnit.map(shareOf),
  };
}

/** What a span came to, and what of it is whose doing. */
type Came = Record<Cause, number> & { came: number };

/**
 * Somebody who sews the lines: called with her habit, and with what is left of it from a measure on (`from`), it gives what each line came to beyond what it should,
 * until the next call. `note` is told of every span, by line and unit, until it returns.
 */
export function sewer(
  work: Worked,
  { lines, people, from }: { lines: readonly Line[]; people: People; from?: (span: Span) => boolean },
  normal: () => number,
): (habit: number, left?: number, note?: (line: number, unit: number | undefined, part: Came) => void) => Float64Array {
  const { plans, drawn } = prepared(work, lines, people, from);
  const values = new Float64Array(drawn.length);
  const errors = new Float64Array(lines.length);
  const part: Came = { came: 0, habit: 0, seam: 0, press: 0, cut: 0, bias: 0, trim: 0 };
  const total = (some: readonly Weight[]) => {
    let n = 0;
    for (let i = 0; i < some.length; i += 1) n += some[i]!.share * values[some[i]!.at]!;
    return n;
  };
  // Called a million times: nothing is made anew in it.
  return (habit, left = habit, note) => {
    for (let i = 0; i < drawn.length; i += 1) values[i] = drawn[i]! * normal();
    for (let at = 0; at < plans.length; at += 1) {
      const spans = plans[at]!;
      let error = 0;
      for (let i = 0; i < spans.length; i += 1) {
        const span = spans[i]!;
        part.habit = -(span.corrected ? left : habit) * span.taken;
        part.seam = -total(span.seams);
        part.press = -total(span.pressed);
        part.cut = total(span.cuts);
        part.bias = total(span.biases);
        part.trim = 0;
        part.came = span.mean + part.habit + part.seam + part.press + part.cut + part.bias;
        // What is large enough is trimmed to its size; what is too small stays so.
        if (span.trim !== undefined && part.came >= 0) {
          part.came = values[span.trim]!;
          part.trim = part.came;
          part.habit = part.seam = part.press = part.cut = part.bias = 0;
        }
        error += part.came;
        note?.(at, span.unit, part);
      }
      errors[at] = error;
    }
    return errors;
  };
}

/** The line across most seams: what is told of causes is told of it. */
function mostCrossed(lines: readonly Line[]): number {
  const crossed = lines.map((line) => line.spans.reduce((n, span) => n + sum(span.crossings), 0));
  return crossed.indexOf(Math.max(...crossed));
}

/** A number that is drawn anew for every person, by its place, and how much of it shows. */
interface Weight {
  at: number;
  share: number;
}

interface PreparedSpan {
  unit?: number;
  taken: number;
  mean: number;
  corrected: boolean;
  seams: Weight[];
  pressed: Weight[];
  cuts: Weight[];
  biases: Weight[];
  trim?: number;
}

/** The lines with their drawn numbers by place; `drawn`: the spread of each. */
function prepared({ ways }: Worked, lines: readonly Line[], people: People, from?: (span: Span) => boolean) {
  const places = new Map<string, number>();
  const drawn: number[] = [];
  const place = (name: string, spread: number) => {
    const known = places.get(name);
    if (known !== undefined) return known;
    places.set(name, drawn.length);
    drawn.push(spread);
    return drawn.length - 1;
  };
  const plans = lines.map(({ way: axis, spans }) =>
    spans.map((span): PreparedSpan => {
      const way = span.unit === undefined ? undefined : ways[span.unit]!;
      const corrected = from?.(span) ?? false;
      const taken = habitual(span);
      const slanting = way?.bias ? span.crossings.filter(({ share }) => share < STRAIGHT) : [];
      return {
        ...{ taken, corrected },
        mean: over(span, way) - drawnTaken(span, people) - (corrected ? 0 : taken * people.taken),
        ...(span.unit !== undefined && { unit: span.unit }),
        seams: span.crossings.map(({ seam, share }) => ({ at: place(`seam ${seam}`, people.seam), share })),
        pressed: span.crossings.map(({ seam, share }) => ({ at: place(`press ${seam}`, people.press), share })),
        cuts: span.patches.map(({ patch, share }) => ({ at: place(`cut ${patch} ${axis}`, people.cut), share })),
        biases: slanting.map(({ seam, share }) => ({ at: place(`bias ${seam}`, people.bias), share })),
        ...(way?.trimmed && { trim: place(`trim ${span.unit} ${axis}`, people.trim) }),
      };
    }),
  );
  return { plans, drawn };
}

const sum = (crossings: Span['crossings']) => crossings.reduce((n, { share }) => n + share, 0);

/** What is left of a habit after it was measured with a spread, and taken back as far as that is to be trusted. */
function correction(habit: number, spreadOfHabits: number, spread: number, normal: () => number): number {
  const trust = spreadOfHabits ** 2 / (spreadOfHabits ** 2 + spread ** 2);
  return habit - trust * (habit + spread * normal());
}

export function momentsOf(list: Float64Array): Moments {
  const mean = list.reduce((n, x) => n + x, 0) / list.length;
  return { mean, sd: Math.sqrt(covariance(list, list)) };
}

function covariance(a: Float64Array, b: Float64Array): number {
  const [ma, mb] = [a, b].map((list) => list.reduce((n, x) => n + x, 0) / list.length) as [number, number];
  let all = 0;
  for (let i = 0; i < a.length; i += 1) all += (a[i]! - ma) * (b[i]! - mb);
  return all / a.length;
}

/** Numbers that are normally distributed about 0 with spread 1 (Box and Muller). */
export function normals(chance: () => number): () => number {
  let spare: number | undefined;
  return () => {
    if (spare !== undefined) {
      const value = spare;
      spare = undefined;
      return value;
    }
    const far = Math.sqrt(-2 * Math.log(1 - chance()));
    const angle = 2 * Math.PI * chance();
    spare = far * Math.sin(angle);
    return far * Math.cos(angle);
  };
}
