/** A unit as a sheet tells it: what it is made from, how, and what to measure. */
import type { Drawing } from '../block';
import {
  likeBefore,
  outermost,
  unitDrawing,
  unitLook,
  unitMeasure,
  type Construction,
  type Cut,
  type BatchCut,
  type UnitPlan,
  type UnitPress,
  PER_SQUARE,
} from '../construction';
import { by, checkpoint as onRuler, type Exact, listed } from '../measure';
import type { Colourway } from '../programme';
import { unitCheckpoint } from './checkpoint';
import { inWords } from './in-words';
import type { Checkpoint } from './paper';
import { pieceName } from './piece-name';
import { sheetSteps, type SheetStep } from './sheet-step';
import { spunIn } from './spinning';
import { words } from './words/sheet-unit';

export interface SheetUnit {
  label: string;
  title: string;
  method: string;
  roles: { role: string; name: string; colour: string }[];
  make: number;
  /** Those among them that are there already: left over from a block before, or out of a pool. */
  given: number;
  /** The pool that it is taken out of, 'P1', and where that was made before, with which month; undefined where it is made with the block. */
  pool?: { name: string; madeWith?: string };
  /** What one batch is made of: '1 A1 and 1 B1'. */
  from: string;
  batches: number;
  yields: number;
  /** Its kind and method, 'hst two-at-a-time'. */
  making: string;
  /** In the order of the hands, the pressing among them; none where it is sewn from others, or comes with its mirror image. */
  steps: SheetStep[];
  /** The pressing alone. */
  press: string;
  /** Unfinished size and what else to see; '3 1/2', or '6 1/2 by 3 1/2'. */
  size: string;
  square: boolean;
  /** Where to lay the ruler, when it is not across the sides; '' else. */
  along: string;
  checkpoint?: Checkpoint;
  /** The unit that it is the mirror image of. */
  mirrorOf?: string;
  /** The unit before it that it looks like, where both are sewn from others: in a mirror, or but for `prints` that lie another way in it. */
  image?: { of: string; prints: string[] };
  look: string[];
  over: string;
  caution: string;
  drawing: Drawing;
}

/** Cut, and not sewn before it goes into the block. */
export const isPlain = (u: UnitPlan) => u.seen.picture.patches.length === 1;

export function measured(size: Exact, { style }: Pick<Construction, 'style'>): string {
  return onRuler(size, style.rounding, style.unit);
}

/** What one batch of a unit is made from: '1 A1 and 2 B1', '3 triangles of C2', 'U1 and 2 triangles of A3'. */
function madeFrom(unit: UnitPlan, c: Construction): string[] {
  const { inside } = unit.places[0]!;
  if (inside) {
    const parts = outermost(inside).map((leaf) => c.unitOf.get(leaf)!);
    return [...new Set(parts)].map((part) => {
      const n = parts.filter((other) => other === part).length;
      const name = part.label && pieceName(part, c);
      if (name) return n === 1 ? name : `${n} ${name}`;
      return `${n} ${looseName(part, c, n)}`;
    });
  }
  const source = unit.recipe.pieces.length > 0 ? unit : unit.twin!;
  return source.recipe.pieces.map((piece) => {
    const cut = c.cuts.find(
      (row) => row.role === piece.role && row.sub === piece.sub && row.serves.includes(source) && sameSize(row, piece),
    )!;
    const pieces = piece.sub === 'none' || piece.needs % PER_SQUARE[piece.sub] === 0;
    return pieces ? `${piece.needs / PER_SQUARE[piece.sub]} ${cut.label}` : words.ofWords(piece.needs, cut.label);
  });
}

/** A loose triangle by its cut, or by its fabric where it comes out of a pool. */
function looseName(part: UnitPlan, c: Construction, n: number): string {
  const what = words.triangles(n);
  if (part.pooled) return words.fromThePool(part.roles[0], what);
  return words.ofWords2(what, c.cuts.find((cut) => cut.serves.includes(part))!.label);
}

function sameSize(cut: Cut, { w, h }: BatchCut): boolean {
  return (cut.exact[0].equals(w) && cut.exact[1].equals(h)) || (cut.exact[0].equals(h) && cut.exact[1].equals(w));
}

/** A unit of a block. `later`: blocks that may use what is left over; `pool`: where it comes out of one; `left`: for a left hand. */
export function sheetUnit(
  unit: UnitPlan,
  c: Construction,
  colourway: Colourway,
  { later, pool, left }: { later: readonly Construction[]; pool?: SheetUnit['pool']; left: boolean },
): SheetUnit {
  const { recipe, kind, label } = unit;
  const fabrics = [...new Set(unit.roles)].map((role) => ({ role, fabric: colourway.fabrics.get(role)! }));
  // Mirror images that come out of the batches of their twins.
  const shared = unit.mirrored && recipe.mirrored !== undefined ? unit.twin : undefined;
  const image = likeBefore(unit, c);
  const size = unitMeasure(unit, c.style);
  const checkpoint = unitCheckpoint(unit, c);
  const press = pressWords(unit, c, colourway)();
  const spins = spunIn(c).units.has(label);
  return {
    label,
    title: unit.make === 1 ? kind.title : kind.plural,
    method: unit.method.title,
    roles: fabrics.map(({ role, fabric }) => ({ role, name: fabricWord(colourway, role), colour: fabric.colour })),
    make: unit.make,
    given: unit.given,
    ...(pool && { pool }),
    mirrorOf: shared?.label,
    ...(image && { image: { of: image.unit.label, prints: image.turned ? directionalNames(colourway, unit.roles) : [] } }),
    from: unit.batches === 0 ? '' : listed(madeFrom(unit, c)),
    batches: unit.batches,
    yields: unit.yields,
    making: `${kind.kind} ${unit.method.name}`,
    steps: shared ? [] : sheetSteps(unit, c, { press: pressWords(unit, c, colourway), spins, left }),
    press,
    size: size.w.equals(size.h) ? measured(size.w, c) : by(measured(size.w, c), measured(size.h, c)),
    square: size.square,
    along: size.what,
    ...(checkpoint && { checkpoint }),
    look: recipe.look,
    over: overText(unit, later),
    caution: shared ? '' : (recipe.caution ?? ''),
    drawing: unitDrawing(unit.seen),
  };
}

/** What becomes of units that are left over: the month's next block uses them, or there is something else that they are good for. */
function overText(unit: UnitPlan, later: readonly Construction[]): string {
  const { extra, kind, label } = unit;
  if (extra === 0) return '';
  const look = unitLook(unit);
  const user = later.find((c) => c.units.some((u) => u.given > 0 && unitLook(u) === look));
  const what = user ? user.block.name : (kind.surplus ?? words.aLaterBlockOrAScrappy);
  return words.youWillHaveSparePutBy(inWords(extra), label, extra, what);
}

/** A fabric by its name; a letter that stands for the fabrics of a pool by its value, or by itself. */
export function fabricWord({ fabrics, pools }: Colourway, role: string): string {
  const units = pools.get(role)?.units;
  if (!units) return fabrics.get(role)!.name;
  return units.as ? words.theFabric(units.as) : words.fabric(role);
}

/** The prints of some letters that must keep their way up, scrappy letters' too, by their names. */
export function directionalNames({ fabrics, pools }: Colourway, roles: readonly string[]): string[] {
  const all = [...new Set(roles)].flatMap((role) => pools.get(role)?.fabrics ?? [fabrics.get(role)!]);
  return [...new Set(all)].filter((fabric) => fabric.directional).map((fabric) => fabric.name);
}

/** How a unit's seams are pressed in a construction, in words: all of them, or those that are named. */
export const pressWords =
  (unit: UnitPlan, { pressing }: Construction, colourway: Colourway) =>
  (seams?: readonly number[]): string => {
    const all = pressing.units.get(unit) ?? [];
    return pressUnit(unit, seams ? all.filter((_, i) => seams.includes(i)) : all, colourway);
  };

/** The pressing plan of a unit's seams in words. */
function pressUnit({ kind, roles }: UnitPlan, seams: UnitPress[][], colourway: Colourway): string {
  if (kind.outward) return words.pressAllSeamsOutwardsAwayFrom;
  const value = (role: string) => colourway.fabrics.get(role)!.value;
  const side = ({ towards }: UnitPress) =>
    towards === 'open' ? 'open' : towards ? words.towards(fabricWord(colourway, towards)) : words.toOneSide;
  const said = seams.map((places) => {
    if (new Set(places.map(side)).size === 1) return side(places[0]!);
    return places.map((p) => `${p.count} ${side(p)}`).join(' and ');
  });
  if (seams.length === 0) return '';
  if (seams.length === 2 && said[0] !== said[1]) return words.pressOneSeamAndTheOther(said[0], said[1]);
  if (seams.length > 1)
    return new Set(said).size === 1 ? words.pressAllSeams(said[0]) : words.pressTheSeamsInTheOrder(said.join('; '));
  const [first, ...others] = seams[0]!;
  if (others.length > 0) return words.pressTheSeamSoThatThey(said[0]);
  const darkest = roles.includes(first!.towards) && value(first!.towards) === Math.min(...roles.map(value));
  // In a pool the darker side is so as a whole; a letter's value says it already.
  const says = darkest && new Set(roles.map(value)).size > 1 && !colourway.pools.get(first!.towards)?.units;
  return words.pressTheSeam(said[0], says ? words.theDarkerFabric : '');
}
