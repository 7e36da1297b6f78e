/** What changed from one version of a sheet to the next, in plain words: found by comparing what the two say, number by number. */
import { listed } from '../measure';
import { joinWords } from './joining';
import type { MonthSheet, SheetBlock, SheetCut, SheetFabric } from './month-sheet';
import type { SheetPool } from './sheet-pool';
import type { SheetStep } from './sheet-step';
import type { SheetUnit } from './sheet-unit';

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
    return ['Some steps are explained better. No sizes have changed.'];
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
  if (fresh.length > FEW || gone.length > FEW) return [`The steps of ${label} have changed: follow the new sheet.`];
  return [
    ...(fresh.length > 0 ? [`${label}, new on the sheet: ${fresh.join(' ')}`] : []),
    ...(gone.length > 0 ? [`${label}, no longer on the sheet: ${gone.join(' ')}`] : []),
  ];
}

function headDifference(before: MonthSheet, after: MonthSheet): string[] {
  return [
    ...(before.month === after.month ? [] : [`The month is called ${after.month}, no longer ${before.month}.`]),
    ...(before.seam === after.seam ? [] : [`The seam allowance is ${after.seam} ${after.unit} instead of ${before.seam}.`]),
    ...(before.sizing === after.sizing ? [] : [after.sizing]),
    ...changed(before.tools, after.tools, (tool) => tool, 'You also need', 'You no longer need'),
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
      return [`Fabric ${role} is new: ${now!.name}${now!.sku ? `, ${now!.sku}` : ''}${now!.amount ? `, ${now!.amount}` : ''}.`];
    if (!now) return [`Fabric ${role}, ${old.name}, is no longer needed.`];
    if (old.name !== now.name) return [`Fabric ${role} is now ${now.name} (was ${old.name}).`];
    return old.sku === now.sku ? [] : [`${now.name} has the number ${now.sku || 'none'} instead of ${old.sku || 'none'}.`];
  });
  const amounts = after.fabrics.flatMap((now) => {
    const old = before.fabrics.find((f) => f.name === now.name);
    return old && old.amount !== now.amount && old.amount && now.amount
      ? [`You need ${now.amount} of ${now.name}, not ${old.amount}.`]
      : [];
  });
  const finishing = (of: MonthSheet) => of.handed.filter((h) => h.roles.length === 0);
  const sized = finishing(after).flatMap((now) => {
    const old = finishing(before).find((h) => h.use === now.use);
    const [was, is] = [old && (old.amount || old.length), now.amount || now.length];
    return was && was !== is ? [`The ${now.use} is ${is} instead of ${was}.`] : [];
  });
  const keeping = changed(
    before.keeping,
    after.keeping,
    (line) => line.replace(/\.$/, ''),
    'New for later months:',
    'No longer:',
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
const piecesOf = (cut: SheetCut) =>
  `${cut.qty} ${cut.square ? (cut.qty === 1 ? 'square' : 'squares') : cut.qty === 1 ? 'piece' : 'pieces'} ${cut.size}`;

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
    moved.push(`${nameOf(old)}: ${piecesOf(old)} are now ${nameOf(now)}, of ${now.fabric}.`);
  }
  const kept = [...is].flatMap(([key, now]) => {
    const old = was.get(key);
    if (!old) return [];
    const [name, unit] = [nameOf(now), after.unit];
    return [
      ...(old.qty === now.qty ? [] : [`Cut ${now.qty} ${name}, not ${old.qty}.`]),
      ...(old.size === now.size ? [] : [`Cut ${name} at ${now.size} ${unit}, not ${old.size} ${unit}.`]),
      ...(old.then === now.then ? [] : [`${name}: ${now.then || 'not cut any further'}.`]),
      ...(old.fabric === now.fabric ? [] : [`Cut ${name} of ${now.fabric}, not ${old.fabric}.`]),
    ];
  });
  return [
    ...moved,
    ...kept,
    ...fresh.map((c) => `New: ${nameOf(c)}, ${piecesOf(c)} of ${c.fabric}${c.then ? `, ${c.then}` : ''}.`),
    ...gone.map((c) => `${nameOf(c)} (${piecesOf(c)}) is no longer cut.`),
  ];
}

/** Pools by their numbers: what is made of them, how, and how many this month takes. */
function poolDifference(before: MonthSheet, after: MonthSheet): string[] {
  const was = new Map(before.pools.map((p) => [p.name, p]));
  const is = new Map(after.pools.map((p) => [p.name, p]));
  const named = ({ title, of }: SheetPool) => `${title} of ${of}`;
  return [
    ...[...is].flatMap(([name, now]) => {
      const old = was.get(name);
      if (!old) return [`Pool ${name} is new: ${now.made} ${named(now)}.`];
      const pairs = (p: SheetPool) => JSON.stringify(p.rows.map((r) => [r.fabrics.map((f) => f.name), r.with, r.batches]));
      const parts = [
        ...(named(old) === named(now) ? [] : [`${named(now)}, not ${named(old)}`]),
        ...(old.made === now.made ? [] : [`make ${now.made}, not ${old.made}`]),
        ...(old.takes === now.takes ? [] : [`take ${now.takes}, not ${old.takes}`]),
        ...(old.method === now.method ? [] : [`${now.method}, not ${old.method}`]),
        ...(old.size === now.size ? [] : [`measures ${now.size}, not ${old.size}`]),
        ...(old.press === now.press ? [] : ['pressed the new way: see the sheet']),
        ...(pairs(old) === pairs(now) ? [] : ['other fabrics go together: see the table']),
      ];
      return parts.length > 0 ? [`Pool ${name}: ${listed(parts)}.`] : [];
    }),
    ...[...was].filter(([name]) => !is.has(name)).map(([name, old]) => `Pool ${name} (${named(old)}) is no longer needed.`),
  ];
}

function blockDifference(before: MonthSheet, after: MonthSheet): string[] {
  const was = new Map(before.blocks.map((b) => [b.key, b]));
  const is = new Map(after.blocks.map((b) => [b.key, b]));
  return [
    ...[...is].flatMap(([key, now]) => {
      const old = was.get(key);
      return old ? oneBlock(old, now, after.unit) : [`${now.name} is new on this sheet.`];
    }),
    ...[...was].filter(([key]) => !is.has(key)).map(([, old]) => `${old.name} is no longer on this sheet.`),
  ];
}

function oneBlock(old: SheetBlock, now: SheetBlock, unit: string): string[] {
  const shape = (b: SheetBlock) => JSON.stringify(b.drawing.shapes.map((s) => s.points));
  const letters = (b: SheetBlock) => b.drawing.shapes.map((s) => s.role);
  const recast = letters(now).filter((role, i) => role !== letters(old)[i]).length;
  const redrawn = old.finished === now.finished && shape(old) !== shape(now);
  const told = (b: SheetBlock) => JSON.stringify([b.joins.map((j) => [j.name, joinWords(j), j.size]), b.nesting]);
  return [
    ...(old.name === now.name ? [] : [`${old.name} is called ${now.name} now.`]),
    ...(old.make === now.make ? [] : [`Make ${now.make} of ${now.name}, not ${old.make}.`]),
    ...(old.mirrored === now.mirrored
      ? []
      : [
          `${now.mirrored} of ${now.name} ${now.mirrored === 1 ? 'is a mirror image' : 'are mirror images'}, not ${old.mirrored}.`,
        ]),
    ...(old.finished === now.finished
      ? []
      : [
          `${now.name} now finishes at ${now.finished} ${unit} (unfinished ${now.unfinished} ${unit}), not ${old.finished} ${unit}.`,
        ]),
    ...(redrawn ? [`The picture of ${now.name} has changed: use the new one.`] : []),
    ...(!redrawn && recast > 0
      ? [
          `${recast} ${recast === 1 ? 'patch' : 'patches'} in ${now.name} ${recast === 1 ? 'is' : 'are'} now a different fabric: see the new picture.`,
        ]
      : []),
    ...unitDifference(old, now),
    ...(told(old) === told(now)
      ? []
      : [
          `The order of putting ${now.name} together, or its pressing, has changed: follow the new sheet from ‘Put the block together’.`,
        ]),
  ];
}

function unitDifference(old: SheetBlock, now: SheetBlock): string[] {
  const was = new Map(old.units.map((u) => [u.label, u]));
  const is = new Map(now.units.map((u) => [u.label, u]));
  return [
    ...[...is].flatMap(([label, unit]) => {
      const before = was.get(label);
      if (!before) return [`New unit ${label}: ${unit.make} ${unit.title}, ${unit.method}.`];
      const parts = [
        ...(before.title === unit.title ? [] : [`${unit.title}, not ${before.title}`]),
        ...(before.make === unit.make ? [] : [`make ${unit.make}, not ${before.make}`]),
        ...(before.method === unit.method ? [] : [`${unit.method}, not ${before.method}`]),
        ...(before.from === unit.from && before.batches === unit.batches
          ? []
          : [`from ${unit.from}, ${unit.batches} ${unit.batches === 1 ? 'time' : 'times'}`]),
        ...(before.size === unit.size ? [] : [`measures ${unit.size}, not ${before.size}`]),
        ...(before.press === unit.press ? [] : ['pressed the new way: see the sheet']),
      ];
      const steps = before.method === unit.method && before.size === unit.size ? stepDifference(before, unit) : [];
      return [...(parts.length > 0 ? [`${label}: ${listed(parts)}.`] : []), ...steps];
    }),
    ...[...was].filter(([label]) => !is.has(label)).map(([label]) => `Unit ${label} is no longer made.`),
  ];
}
