/** A scrappy quilt as a task for the scatter: its spots, what may lie on them, and what has to differ. */
import { touching } from '../../block';
import type { Apart, ScatterTask } from '../../fabric';
import type { Colourway, Pool, SizeOption } from '../document/document';
import { grouped, type Copy, type QuiltPatch } from './laid';
import { planKinds, spareKinds, type UnitGroup } from './unit-pools';
import { words } from './words';

interface TaskOf {
  colourway: Colourway;
  size: SizeOption | undefined;
  groups: readonly UnitGroup<Copy>[];
  /** Whether kinds of which no batch is planned may be taken too. */
  spare: boolean;
}

/** What may lie where, and what has to differ. Gives each scrappy patch its spot. Numbers from `fabrics` on are kinds of units. */
export function taskOf(laid: QuiltPatch[], { colourway, size, groups, spare }: TaskOf) {
  const fabrics = [...new Set([...colourway.pools.values()].flatMap((p) => p.fabrics))];
  const { scatter: wishes } = colourway;
  const left = new Map(
    fabrics.flatMap((f) => (wishes.most.has(f.id) ? [[f, wishes.most.get(f.id)! * (size?.make ?? 1)]] : [])),
  );
  const plan = planKinds(groups, left, wishes.seed);
  const kinds = spare ? [...plan, ...spareKinds(groups, plan)] : plan;
  const refused: string[] = [];
  const spots: number[][] = [];
  const bySpot = new Map<string, number>();
  const byPatch = new Map<Copy, QuiltPatch[]>();
  if (groups.length > 0) for (const [copy, items] of grouped(laid, (l) => l.copy)) if (copy) byPatch.set(copy, items);
  for (const group of groups) {
    const own = kinds.flatMap((kind, k) => (kind.group === group ? [{ kind, number: fabrics.length + k }] : []));
    for (const { copy, sides, mirrored } of group.spots) {
      const spot = spots.length;
      spots.push(own.filter(({ kind }) => kind.mirrored === mirrored).map(({ number }) => number));
      for (const item of byPatch.get(copy)!)
        if (sides.has(item.patch!)) Object.assign(item, { spot, side: sides.get(item.patch!), pooled: true });
    }
  }
  for (const item of laid) {
    const pool = colourway.pools.get(item.role);
    if (!pool || item.whole || item.pooled) continue;
    const name = spotName(item, pool);
    let spot = bySpot.get(name);
    if (spot === undefined) {
      bySpot.set(name, (spot = spots.length));
      const pinned = item.copy && pool.per !== 'quilt' && wishes.pins.get(`${item.copy.name}:${item.patch! + 1}`);
      const pin = pinned ? pool.fabrics.findIndex((f) => f.id === pinned) : -1;
      spots.push((pin >= 0 ? [pool.fabrics[pin]!] : pool.fabrics).map((f) => fabrics.indexOf(f)));
    }
    item.spot = spot;
    item.side = 0;
  }
  const faces = [...fabrics.map(() => undefined), ...kinds.map((kind) => kind.fabrics.map((f) => fabrics.indexOf(f)))];
  const show = (number: number, side: number) => faces[number]?.[side] ?? number;
  const apart = new Map<string, Apart>();
  const differ = (one: QuiltPatch, other: QuiltPatch) => {
    if (one.spot === other.spot) return;
    const [a, b] = one.spot! < other.spot! ? [one, other] : [other, one];
    apart.set([a.spot, a.side, b.spot, b.side].join(' '), [a.spot!, b.spot!, a.side!, b.side!]);
  };
  for (const { a, b } of touching(laid.map((l) => l.outline))) {
    const [one, other] = [laid[a]!, laid[b]!];
    if (one.spot !== undefined && other.spot !== undefined) differ(one, other);
    else if (one.spot !== undefined) forbid(one, other);
    else if (other.spot !== undefined) forbid(other, one);
  }
  const once = laid.filter((l) => l.copy && l.spot !== undefined && colourway.pools.get(l.role)!.per === 'once');
  for (const [copy, items] of grouped(once, (l) => l.copy!)) {
    const own = [...grouped(items, (l) => `${l.spot} ${l.side}`).values()].map(([first]) => first!);
    const choices = new Set(own.flatMap((l) => spots[l.spot!]!.map((n) => show(n, l.side!))));
    if (own.length > choices.size)
      refused.push(words.hasPatchesThatAreAllTo(copy.entry.block.name, own.length, choices.size, own.length - choices.size));
    else own.forEach((a, i) => own.slice(i + 1).forEach((b) => differ(a, b)));
  }
  const limits = [...fabrics.map((f) => Math.max(0, left.get(f) ?? Infinity)), ...kinds.map((kind) => kind.planned)];
  const task: ScatterTask = { spots, apart: [...apart.values()], limits, faces, seed: wishes.seed };
  return { task, fabrics, kinds, refused };

  /** A scrappy patch beside a letter of one fabric cannot be of that fabric too. */
  function forbid(item: QuiltPatch, { role }: QuiltPatch): void {
    const fabric = colourway.fabrics.get(role);
    const at = fabric ? fabrics.indexOf(fabric) : -1;
    const choices = spots[item.spot!]!;
    const others = choices.filter((n) => show(n, item.side!) !== at);
    if (at < 0 || others.length === choices.length) return;
    if (others.length > 0) spots[item.spot!] = others;
    else refused.push(words.liesBesideItselfAsAndAs(fabric!.name, item.role, role));
  }
}

function spotName({ role, copy, patch, group, outline }: QuiltPatch, { per }: Pool): string {
  if (per === 'quilt') return role;
  if (per === 'block') return `${group} ${role}`;
  return copy ? `${group} ${patch}` : `${group} ${outline.join(' ')}`;
}
