/** What changed from one version of a sheet to the next, in plain words: found by comparing what the two say, number by number. */
import { listed } from '../measure';
import { joinWords } from './joining';
import type { MonthSheet, SheetBlock, SheetCut, SheetFabric } from './month-sheet';
import type { SheetPool } from './sheet-pool';
import type { SheetStep } from './sheet-step';
import type { SheetUnit } from './sheet-unit';
import { words } from './words/difference';

/** Sentences; none where the two say the same. What has no words of its own is still named. */
export function sheetDifference(before: MonthSheet, after: MonthSheet): string[] {
  const found = [
    ...headDifference(before, after),
    ...fabricDifference(before, after),
    ...cutDifference(before, after),
    ...poolDifference(before, after),
    ...blockDifference(before, after),
  ];
  if (found.length === 0 && JSON.stringify(said(before)) !== JSON.stringify(said(after)))
    return [words.someStepsAreExplainedBetterNo];
  return found;
}

/** What a reader is told: everything but where a size comes from, and exact numbers that are also written. */
const said = (sheet: MonthSheet) => ({
  ...sheet,
  fabrics: sheet.fabrics.map((f) => ({ ...f, cuts: f.cuts.map((cut) => ({ ...cut, why: undefined, w: undefined })) })),
  pools: sheet.pools.map((pool) => ({ ...pool, step: undefined, steps: wordsOf(pool) })),
  blocks: sheet.blocks.map((b) => ({
    ...b,
    units: b.units.map((unit) => ({ ...unit, steps: wordsOf(unit) })),
    joins: b.joins.map((join) => ({ ...join, branch: undefined, alike: join.alike.length })),
  })),
});

/** What the steps say, but for the pressing, which is told by itself. */
const wordsOf = ({ steps }: { steps: readonly SheetStep[] }) => steps.filter((s) => s.act !== 'press').map((s) => s.text);

/** More changed steps than this are not told one by one. */
const FEW = 3;

/** Steps that a unit has now and had not, and those that are gone. */
function stepDifference(before: SheetUnit, { label, ...after }: SheetUnit): string[] {
  const [was, is] = [wordsOf(before), wordsOf(after)];
  const [fresh, gone] = [is.filter((text) => !was.includes(text)), was.filter((text) => !is.includes(text))];
  if (fresh.length + gone.length === 0) return [];
  if (fresh.length > FEW || gone.length > FEW) return [words.theStepsOfHaveChangedFollow(label)];
  return [
    ...(fresh.length > 0 ? [words.newOnTheSheet(label, fresh.join(' '))] : []),
    ...(gone.length > 0 ? [words.noLongerOnTheSheet(label, gone.join(' '))] : []),
  ];
}

function headDifference(before: MonthSheet, after: MonthSheet): string[] {
  return [
    ...(before.month === after.month ? [] : [words.theMonthIsCalledNoLonger(after.month, before.month)]),
    ...(before.seam === after.seam ? [] : [words.theSeamAllowanceIsInsteadOf(after.seam, after.unit, before.seam)]),
    ...(before.sizing === after.sizing ? [] : [after.sizing]),
    ...changed(before.tools, after.tools, (tool) => tool, words.youAlsoNeed, words.youNoLongerNeed),
  ];
}

function changed<T>(before: readonly T[], after: readonly T[], name: (one: T) => string, also: string, no: string): string[] {
  const [was, is] = [before.map(name), after.map(name)];
  const [more, less] = [is.filter((n) => !was.includes(n)), was.filter((n) => !is.includes(n))];
  return [...(more.length > 0 ? [`${also} ${listed(more)}.`] : []), ...(less.length > 0 ? [`${no} ${listed(less)}.`] : [])];
}

const lettersOf = ({ fabrics }: MonthSheet) =>
  new Map(fabrics.flatMap((f) => f.roles.map((role): [string, SheetFabric] => [role, f])));

function fabricDifference(before: MonthSheet, after: MonthSheet): string[] {
  const [was, is] = [lettersOf(before), lettersOf(after)];
  const letters = [...new Set([...was.keys(), ...is.keys()])].sort();
  const cast = letters.flatMap((role) => {
    const [old, now] = [was.get(role), is.get(role)];
    if (!old)
      return [words.fabricIsNew(role, now!.name, now!.sku ? `, ${now!.sku}` : '', now!.amount ? `, ${now!.amount}` : '')];
    if (!now) return [words.fabricIsNoLongerNeeded(role, old.name)];
    if (old.name !== now.name) return [words.fabricIsNowWas(role, now.name, old.name)];
    return old.sku === now.sku ? [] : [words.hasTheNumberInsteadOf(now.name, now.sku || words.none, old.sku || words.none)];
  });
  const amounts = after.fabrics.flatMap((now) => {
    const old = before.fabrics.find((f) => f.name === now.name);
    return old && old.amount !== now.amount && old.amount && now.amount
      ? [words.youNeedOfNot(now.amount, now.name, old.amount)]
      : [];
  });
  const finishing = (of: MonthSheet) => of.handed.filter((h) => h.roles.length === 0);
  const sized = finishing(after).flatMap((now) => {
    const old = finishing(before).find((h) => h.use === now.use);
    const [was, is] = [old && (old.amount || old.length), now.amount || now.length];
    return was && was !== is ? [words.theIsInsteadOf(now.use, is, was)] : [];
  });
  const keeping = changed(
    before.keeping,
    after.keeping,
    (line) => line.replace(/\.$/, ''),
    words.newForLaterMonths,
    words.noLonger,
  );
  return [...cast, ...amounts, ...sized, ...keeping];
}

interface Placed extends SheetCut {
  fabric: string;
}

const cutsOf = ({ fabrics }: MonthSheet) =>
  new Map(
    fabrics.flatMap((f) =>
      f.cuts.map((c): [string, Placed] => [
        `${c.block} ${c.label} ${c.block === 'quilt' ? c.size : ''}`,
        { ...c, fabric: f.name },
      ]),
    ),
  );
const nameOf = (cut: SheetCut) => `${cut.number === undefined ? '' : `${cut.number}·`}${cut.label}`;
const piecesOf = (cut: SheetCut) => `${cut.qty} ${cut.square ? words.squares(cut.qty) : words.pieces(cut.qty)} ${cut.size}`;

function cutDifference(before: MonthSheet, after: MonthSheet): string[] {
  const [was, is] = [cutsOf(before), cutsOf(after)];
  const gone = [...was].filter(([key]) => !is.has(key)).map(([, cut]) => cut);
  const fresh = [...is].filter(([key]) => !was.has(key)).map(([, cut]) => cut);
  const moved: string[] = [];
  // The same pieces of another fabric: 'A2: 8 squares 2 1/2 are now fabric B'.
  for (const old of [...gone]) {
    const now = fresh.find((c) => c.size === old.size && c.qty === old.qty && c.then === old.then && c.fabric !== old.fabric);
    if (!now) continue;
    gone.splice(gone.indexOf(old), 1);
    fresh.splice(fresh.indexOf(now), 1);
    moved.push(words.areNowOf(nameOf(old), piecesOf(old), nameOf(now), now.fabric));
  }
  const kept = [...is].flatMap(([key, now]) => {
    const old = was.get(key);
    if (!old) return [];
    const [name, unit] = [nameOf(now), after.unit];
    return [
      ...(old.qty === now.qty ? [] : [words.cutNot(now.qty, name, old.qty)]),
      ...(old.size === now.size ? [] : [words.cutAtNot(name, now.size, unit, old.size)]),
      ...(old.then === now.then ? [] : [`${name}: ${now.then || words.notCutAnyFurther}.`]),
      ...(old.fabric === now.fabric ? [] : [words.cutOfNot(name, now.fabric, old.fabric)]),
    ];
  });
  return [
    ...moved,
    ...kept,
    ...fresh.map((c) => words.newOf(nameOf(c), piecesOf(c), c.fabric, c.then ? `, ${c.then}` : '')),
    ...gone.map((c) => words.isNoLongerCut(nameOf(c), piecesOf(c))),
  ];
}

/** Pools by their numbers: what is made of them, how, and how many this month takes. */
function poolDifference(before: MonthSheet, after: MonthSheet): string[] {
  const was = new Map(before.pools.map((p) => [p.name, p]));
  const is = new Map(after.pools.map((p) => [p.name, p]));
  const named = ({ title, of }: SheetPool) => words.ofWords(title, of);
  return [
    ...[...is].flatMap(([name, now]) => {
      const old = was.get(name);
      if (!old) return [words.poolIsNew(name, now.made, named(now))];
      const pairs = (p: SheetPool) => JSON.stringify(p.rows.map((r) => [r.fabrics.map((f) => f.name), r.with, r.batches]));
      const parts = [
        ...(named(old) === named(now) ? [] : [words.not(named(now), named(old))]),
        ...(old.made === now.made ? [] : [words.makeNot(now.made, old.made)]),
        ...(old.takes === now.takes ? [] : [words.takeNot(now.takes, old.takes)]),
        ...(old.method === now.method ? [] : [words.not(now.method, old.method)]),
        ...(old.size === now.size ? [] : [words.measuresNot(now.size, old.size)]),
        ...(old.press === now.press ? [] : [words.pressedTheNewWaySeeThe]),
        ...(pairs(old) === pairs(now) ? [] : [words.otherFabricsGoTogetherSeeThe]),
      ];
      return parts.length > 0 ? [words.pool(name, listed(parts))] : [];
    }),
    ...[...was].filter(([name]) => !is.has(name)).map(([name, old]) => words.poolIsNoLongerNeeded(name, named(old))),
  ];
}

function blockDifference(before: MonthSheet, after: MonthSheet): string[] {
  const was = new Map(before.blocks.map((b) => [b.key, b]));
  const is = new Map(after.blocks.map((b) => [b.key, b]));
  return [
    ...[...is].flatMap(([key, now]) => {
      const old = was.get(key);
      return old ? oneBlock(old, now, after.unit) : [words.isNewOnThisSheet(now.name)];
    }),
    ...[...was].filter(([key]) => !is.has(key)).map(([, old]) => words.isNoLongerOnThisSheet(old.name)),
  ];
}

function oneBlock(old: SheetBlock, now: SheetBlock, unit: string): string[] {
  const shape = (b: SheetBlock) => JSON.stringify(b.drawing.shapes.map((s) => s.points));
  const letters = (b: SheetBlock) => b.drawing.shapes.map((s) => s.role);
  const recast = letters(now).filter((role, i) => role !== letters(old)[i]).length;
  const redrawn = old.finished === now.finished && shape(old) !== shape(now);
  const told = (b: SheetBlock) => JSON.stringify([b.joins.map((j) => [j.name, joinWords(j), j.size]), b.nesting]);
  return [
    ...(old.name === now.name ? [] : [words.isCalledNow(old.name, now.name)]),
    ...(old.make === now.make ? [] : [words.makeOfNot(now.make, now.name, old.make)]),
    ...(old.mirrored === now.mirrored ? [] : [words.ofNot(now.mirrored, now.name, old.mirrored)]),
    ...(old.finished === now.finished
      ? []
      : [words.nowFinishesAtUnfinishedNot(now.name, now.finished, unit, now.unfinished, old.finished)]),
    ...(redrawn ? [words.thePictureOfHasChangedUse(now.name)] : []),
    ...(!redrawn && recast > 0 ? [words.inNowADifferentFabricSee(recast, now.name)] : []),
    ...unitDifference(old, now),
    ...(told(old) === told(now) ? [] : [words.theOrderOfPuttingTogetherOr(now.name)]),
  ];
}

function unitDifference(old: SheetBlock, now: SheetBlock): string[] {
  const was = new Map(old.units.map((u) => [u.label, u]));
  const is = new Map(now.units.map((u) => [u.label, u]));
  return [
    ...[...is].flatMap(([label, unit]) => {
      const before = was.get(label);
      if (!before) return [words.newUnit(label, unit.make, unit.title, unit.method)];
      const parts = [
        ...(before.title === unit.title ? [] : [words.not(unit.title, before.title)]),
        ...(before.make === unit.make ? [] : [words.makeNot(unit.make, before.make)]),
        ...(before.method === unit.method ? [] : [words.not(unit.method, before.method)]),
        ...(before.from === unit.from && before.batches === unit.batches ? [] : [words.from(unit.from, unit.batches)]),
        ...(before.size === unit.size ? [] : [words.measuresNot(unit.size, before.size)]),
        ...(before.press === unit.press ? [] : [words.pressedTheNewWaySeeThe]),
      ];
      const steps = before.method === unit.method && before.size === unit.size ? stepDifference(before, unit) : [];
      return [...(parts.length > 0 ? [`${label}: ${listed(parts)}.`] : []), ...steps];
    }),
    ...[...was].filter(([label]) => !is.has(label)).map(([label]) => words.unitIsNoLongerMade(label)),
  ];
}
