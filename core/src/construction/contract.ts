/** A construction as the command line prints it (docs/formats.md): sizes written, the tree with labels. */
import { Exact, formatLength, toRuler } from '../measure';
import type { Construction } from './construct';
import type { Tree } from './seam-tree';

/** The construction as plain JSON data in the document's unit. */
export function constructionContract(c: Construction) {
  const { unit, rounding } = c.style;
  const twoSeams = Exact.of(c.style.seam).times(2);
  /** Written exactly where the unit's numbers allow it, else rounded up to the house step with the exact value beside. */
  const size = (x: Exact) => formatLength(x.isRational ? x : toRuler(x, rounding), unit);
  const pair = (w: Exact, h: Exact): [string, string] => [size(w), size(h)];

  function node(tree: Tree): object {
    if ('seen' in tree) {
      const { turn, mirrored } = tree.seen;
      const lying = turn === 90 || turn === 270;
      const [w, h] = lying ? [tree.seen.h, tree.seen.w] : [tree.seen.w, tree.seen.h];
      return { unit: c.unitOf.get(tree)!.label, turn, mirrored, size: pair(w.plus(twoSeams), h.plus(twoSeams)) };
    }
    const cell = [c.finished[0].over(c.block.grid[0]), c.finished[1].over(c.block.grid[1])] as const;
    const side = (twelfths: number, one: Exact) => one.times(twelfths).over(12).plus(twoSeams);
    return {
      seam: tree.seam,
      size: pair(side(tree.box.w, cell[0]), side(tree.box.h, cell[1])),
      press: c.pressing.ways.get(tree),
      parts: tree.parts.map(node),
    };
  }

  return {
    block: c.block.id,
    make: c.make,
    finished: pair(...c.finished),
    unfinished: pair(...c.unfinished),
    units: c.units.map((u) => ({
      label: u.label,
      kind: u.kind.kind,
      method: u.method.name,
      finished: pair(u.w, u.h),
      unfinished: pair(u.w.plus(twoSeams), u.h.plus(twoSeams)),
      make: u.make,
      yields: u.recipe.yields,
      extra: u.extra,
      roles: u.roles,
    })),
    cuts: c.cuts.map((cut) => ({
      role: cut.role,
      w: formatLength(cut.w, unit),
      h: formatLength(cut.h, unit),
      qty: cut.qty,
      sub: cut.sub,
      label: cut.label,
      for: cut.for,
      ...(cut.exact.every((x) => x.isRational) ? {} : { exact: exactText(cut.exact) }),
    })),
    assembly: node(c.tree),
    pressing: { nested: c.pressing.nested, crossings: c.pressing.crossings, openSeams: c.pressing.openSeams },
    warnings: c.warnings,
  };
}

/** '7 + 1/2√2', or both sides where they differ. */
function exactText([w, h]: readonly [Exact, Exact]): string {
  return w.equals(h) ? String(w) : `${w} by ${h}`;
}
