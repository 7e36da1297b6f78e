/** A construction as the command line prints it (docs/formats.md): sizes written, the tree with labels. */
import { by, Exact, formatLength, toRuler } from '../measure';
import type { Construction, UnitPlan } from './construct';
import { otherReadings } from './choices';
import { effortOf, type Effort } from './effort';
import { neighbourPressing } from './pressing/neighbours';
import type { Tree } from './seam-tree';
import { sectionsOf } from './sections';
import { unfinishedSize } from './sizes';
import { isBlockPart } from './units/block-part';
import { slipsOf } from './slips';

/** The construction as plain JSON data in the document's unit. */
export function constructionContract(c: Construction) {
  const { unit, rounding } = c.style;
  const s = Exact.of(c.style.seam);
  const twoSeams = s.times(2);
  /** Written exactly where the unit's numbers allow it, else rounded up to the house step with the exact value beside. */
  const size = (x: Exact) => formatLength(x.isRational ? x : toRuler(x, rounding), unit);
  const pair = (w: Exact, h: Exact): [string, string] => [size(w), size(h)];
  const exact = (...sides: Exact[]) => (sides.every((x) => x.isRational) ? {} : { exact: exactText(sides) });
  const sections = sectionsOf(c);

  function node(tree: Tree): object {
    const { w, h, onPoint } = unfinishedSize(tree.laid, c.cloth.tick, s);
    const common = { size: pair(w, h), ...exact(w, h), ...(onPoint && { onPoint }) };
    if (!('seen' in tree)) {
      const section = sections.find(({ places }) => places.includes(tree));
      return {
        seam: tree.seam,
        ...common,
        press: c.pressing.ways.get(tree),
        ...(section && { section: section.label }),
        parts: tree.parts.map(node),
      };
    }
    const plan = c.unitOf.get(tree)!;
    const lies = { turn: tree.seen.eighths * 45, mirrored: tree.seen.mirrored };
    if (!plan.label) return { cut: cutOf(plan), ...lies, ...common };
    return { unit: plan.label, ...lies, ...common, ...(tree.inside && { sewn: node(tree.inside) }) };
  }

  function cutOf(plan: UnitPlan): string {
    if (plan.pooled) return `pool ${plan.roles[0]}`;
    return c.cuts.find((cut) => cut.serves.includes(plan))!.label;
  }

  return {
    block: c.block.id,
    make: c.make,
    finished: pair(...c.finished),
    unfinished: pair(...c.unfinished),
    units: c.units.map((u) => ({
      label: u.label,
      // A part that the block has several times is sewn from smaller ones, whatever it is called.
      ...(isBlockPart(u.kind.kind) ? { kind: 'pieced', part: u.kind.kind } : { kind: u.kind.kind }),
      method: u.method.name,
      finished: pair(u.w, u.h),
      unfinished: pair(u.w.plus(twoSeams), u.h.plus(twoSeams)),
      ...exact(u.w, u.h),
      make: u.make,
      yields: u.yields,
      extra: u.extra,
      roles: [...new Set(u.roles)],
      places: u.roles,
      name: u.name,
      ...(u.mirrored && u.twin && { mirrorOf: u.twin.label }),
      ...(u.extraMirrored > 0 && { extraMirrored: u.extraMirrored }),
      ...(u.given > 0 && { given: u.given }),
      ...(u.pooled && { pooled: true }),
      ...(u.recipe.bonus && { bonus: u.recipe.bonus }),
      press: c.pressing.units.get(u),
    })),
    cuts: c.cuts.map((cut) => ({
      role: cut.role,
      w: formatLength(cut.w, unit),
      h: formatLength(cut.h, unit),
      qty: cut.qty,
      sub: cut.sub,
      label: cut.label,
      for: cut.for,
      ...(cut.over > 0 && { over: cut.over }),
      ...exact(...cut.exact),
      ...(cut.template && { template: cut.template, reversed: cut.reversed ?? false }),
    })),
    assembly: node(c.tree),
    sections: sections.map(({ label, places, mirrorOf, make }) => ({
      label,
      make,
      size: (node(places[0]!) as { size: [string, string] }).size,
      ...(mirrorOf && { mirrorOf }),
    })),
    pressing: {
      nested: c.pressing.nested,
      crossings: c.pressing.crossings,
      openSeams: c.pressing.openSeams,
      spun: c.pressing.at.filter((x) => x.spun).length,
      givenUp: c.pressing.givenUp,
      proven: c.pressing.proven,
      neighbours: neighbourPressing(c),
    },
    effort: rounded(effortOf(c)),
    alternatives: otherReadings(c).map((o) => ({ ...o, effort: rounded(o.effort), otherEffort: rounded(o.otherEffort) })),
    slips: slipsOf(c).map(({ text, unit, plausible }) => ({
      text,
      ...(unit && { unit: unit.label }),
      plausible: hundredth(plausible),
    })),
    warnings: c.warnings,
  };
}

const hundredth = (n: number) => Math.round(n * 100) / 100;

function rounded(effort: Effort) {
  return Object.fromEntries(Object.entries(effort).map(([name, n]) => [name, hundredth(n as number)]));
}

/** '7 + 1/2√2', or both sides where they differ. */
function exactText(sides: Exact[]): string {
  const [w, h] = sides as [Exact, Exact];
  return !h || w.equals(h) ? String(w) : by(String(w), String(h));
}
