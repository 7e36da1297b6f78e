/**
 * A packet of several months (docs/craft.md, Kits and packets): what is cut now, what is cut and saved for a later month, and what stays whole. Strips are cut
 * off in the order in which months need them, so no piece is ever wanted from cloth that an earlier step cut up.
 */
import { ratio, type Rational } from '../measure';
import type { Piece } from './pieces';
import type { FabricPlan, Rect, Strip, StripColumn } from './strips';

export interface Stage {
  /** Cut off at this stage, with the pieces of this and of later stages; what is for now lies to the left. */
  strips: Strip[];
  /** Pieces cut now and put by, with the stage that needs them. */
  save: { label: string; qty: number; stage: number }[];
  /** Pieces of this stage that earlier ones put by. */
  saved: { label: string; qty: number }[];
  /** The length of cloth that is still in one piece afterwards. */
  whole: Rational;
}

/** Above so many strips that would do, the ones to cut are chosen one by one instead of by trying all. */
const TRY_ALL = 12;

/** `stageOf` tells which stage, from 0, a label belongs to. Every strip of the plan is cut at some stage. */
export function stagesOfPlan(plan: FabricPlan, stageOf: (label: string) => number, stages: number): Stage[] {
  const keyOf = keysOf(plan.demand);
  let uncut = plan.strips.flatMap((s) => Array.from({ length: s.repeat }, () => ({ ...s, repeat: 1 })));
  const wanted = wantedByKey(plan.demand, keyOf, stageOf);
  const put = new Map<string, { qty: number; stage: number }>();
  const found: Stage[] = [];
  for (let stage = 0; stage < stages; stage += 1) {
    const saved = [...put].filter(([, p]) => p.stage === stage).map(([label, { qty }]) => ({ label, qty }));
    for (const { label } of saved) put.delete(label);
    const needs = new Map<string, number>();
    for (const [key, queue] of wanted) {
      const due = queue.filter((w) => w.stage === stage).reduce((n, w) => n + w.qty, 0);
      if (due > 0) needs.set(key, due);
    }
    const now = stage === stages - 1 ? uncut : fewest(uncut, needs, keyOf);
    uncut = uncut.filter((s) => !now.includes(s));
    const save = new Map<string, { qty: number; stage: number }>();
    const strips = now.map((strip) =>
      nowFirst(
        relabelled(strip, (rect) => take(rect, stage, save)),
        stage,
        stageOf,
      ),
    );
    for (const [label, { qty, stage: later }] of save) put.set(label, { qty: (put.get(label)?.qty ?? 0) + qty, stage: later });
    const whole = uncut.reduce((sum, s) => sum.add(s.length), ratio(0));
    found.push({ strips: equalTogether(strips), save: [...save].map(([label, s]) => ({ label, ...s })), saved, whole });
  }
  return found;

  /** The piece goes to whoever needs its size first; beyond the demand it keeps its own label. */
  function take(rect: Rect, stage: number, save: Map<string, { qty: number; stage: number }>): string {
    const queue = wanted.get(keyOf(rect.label));
    const head = queue?.[0];
    if (!queue || !head) return rect.label;
    head.qty -= 1;
    if (head.qty === 0) queue.shift();
    if (head.stage > stage) save.set(head.label, { qty: (save.get(head.label)?.qty ?? 0) + 1, stage: head.stage });
    return head.label;
  }
}

/** A column of a strip is needed no earlier than that. */
const earliest = (column: StripColumn, stageOf: (label: string) => number) =>
  Math.min(...column.rows.flatMap((r) => r.rects.map((rect) => stageOf(rect.label))));

/** The strip with its columns in the order of the stages that need them, so that what is for later is one end of it. */
function nowFirst(strip: Strip, stage: number, stageOf: (label: string) => number): Strip {
  const needed = (column: StripColumn) => Math.max(stage, earliest(column, stageOf));
  let x = ratio(0);
  const columns = [...strip.columns]
    .sort((a, b) => needed(a) - needed(b))
    .map((column): StripColumn => {
      const by = x.sub(column.x);
      x = x.add(column.w);
      const moved = (rect: Rect) => ({ ...rect, x: rect.x.add(by) });
      return { x: column.x.add(by), w: column.w, rows: column.rows.map((r) => ({ ...r, rects: r.rects.map(moved) })) };
    });
  return { ...strip, columns, rects: columns.flatMap((c) => c.rows.flatMap((r) => r.rects)) };
}

/** The end of a strip that nothing of this stage is cut from: it can be kept whole instead of being cut now. */
export interface Tail {
  w: Rational;
  h: Rational;
  /** The first stage that needs it. */
  stage: number;
  columns: StripColumn[];
}

/** The tail of a strip that is cut at that stage; undefined where the whole strip is needed now. */
export function tailOf(strip: Strip, stage: number, stageOf: (label: string) => number): Tail | undefined {
  const columns = strip.columns.filter((c) => earliest(c, stageOf) > stage);
  if (columns.length === 0) return undefined;
  const w = columns.reduce((sum, c) => sum.add(c.w), ratio(0));
  return { w, h: strip.length, stage: Math.min(...columns.map((c) => earliest(c, stageOf))), columns };
}

/** Pieces of equal size serve each other's labels. */
function keysOf(demand: readonly Piece[]): (label: string) => string {
  const keys = new Map(
    demand.map(({ label, w, h, turnable }) => {
      const free = turnable && !w.equals(h);
      const [a, b] = free && w.compare(h) < 0 ? [h, w] : [w, h];
      return [label, `${a.toFraction()} ${b.toFraction()} ${free}`];
    }),
  );
  return (label) => keys.get(label)!;
}

function wantedByKey(demand: readonly Piece[], keyOf: (label: string) => string, stageOf: (label: string) => number) {
  const wanted = new Map<string, { label: string; qty: number; stage: number }[]>();
  for (const { label, qty } of demand) {
    if (qty === 0) continue;
    const queue = wanted.get(keyOf(label)) ?? [];
    queue.push({ label, qty, stage: stageOf(label) });
    wanted.set(keyOf(label), queue);
  }
  for (const queue of wanted.values()) queue.sort((a, b) => a.stage - b.stage);
  return wanted;
}

/** The least cloth among these strips that holds what is needed, so that the most stays whole. */
function fewest(strips: readonly Strip[], needs: ReadonlyMap<string, number>, keyOf: (label: string) => string): Strip[] {
  const holds = new Map(strips.map((s) => [s, count(s, keyOf)]));
  const useful = strips.filter((s) => [...needs.keys()].some((key) => holds.get(s)!.has(key)));
  const covers = (chosen: readonly Strip[]) =>
    [...needs].every(([key, n]) => chosen.reduce((sum, s) => sum + (holds.get(s)!.get(key) ?? 0), 0) >= n);
  const longest = (a: Strip, b: Strip) => b.length.compare(a.length);
  // The longest that can be spared goes back first.
  let chosen = [...useful].sort(longest);
  for (const strip of [...chosen]) {
    const without = chosen.filter((s) => s !== strip);
    if (covers(without)) chosen = without;
  }
  if (useful.length > TRY_ALL) return chosen;
  const lengthOf = (some: readonly Strip[]) => some.reduce((sum, s) => sum + s.length.valueOf(), 0);
  for (let set = 1; set < 1 << useful.length; set += 1) {
    const some = useful.filter((_, i) => set & (1 << i));
    if (lengthOf(some) < lengthOf(chosen) - 1e-9 && covers(some)) chosen = some;
  }
  return needs.size === 0 ? [] : chosen;
}

function count(strip: Strip, keyOf: (label: string) => string): Map<string, number> {
  const found = new Map<string, number>();
  for (const { label } of strip.rects) found.set(keyOf(label), (found.get(keyOf(label)) ?? 0) + 1);
  return found;
}

/** The strip with other names on its pieces. */
export function relabelled(strip: Strip, label: (rect: Rect) => string): Strip {
  const columns = strip.columns.map((c) => ({
    ...c,
    rows: c.rows.map((r) => ({ ...r, rects: r.rects.map((rect) => ({ ...rect, label: label(rect) })) })),
  }));
  return { ...strip, columns, rects: columns.flatMap((c) => c.rows.flatMap((r) => r.rects)) };
}

/** Strips that are cut alike for the same labels are one entry. */
function equalTogether(strips: readonly Strip[]): Strip[] {
  const found = new Map<string, Strip>();
  for (const strip of strips) {
    const key = strip.rects.map((r) => [r.x, r.y, r.w, r.h].map((n) => n.toFraction()).join(' ') + r.label).join(';');
    const same = found.get(key);
    if (same) same.repeat += strip.repeat;
    else found.set(key, { ...strip });
  }
  return [...found.values()];
}
