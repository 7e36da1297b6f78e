/**
 * Likely slips (docs/craft.md, Common mistakes): the wrong pictures that a block turns into when one unit, or all of a kind, or a row is laid wrongly. The
 * more a wrong picture looks like a block of its own, the less it is noticed.
 */
import type { Drawing } from '../block';
import type { Construction, UnitPlan } from './construct';
import { partDrawing } from './drawing';
import { touching } from './odd-seams';
import { extent, pictureOf, pictureText, straightened, type LaidPatch, type Picture } from './picture';
import { isLeaf, leaves as leavesOf } from './seam-tree';
import { words } from './words';
import { KeptWords } from '../words';

/** What is done wrong: a unit turned, one hand for the other, two fabrics swapped, a unit where another of its size belongs, a whole row upside down. */
export const slipKinds = ['turned', 'mirrored', 'fabrics', 'exchanged', 'row'] as const;
export type SlipKind = (typeof slipKinds)[number];

/** A slip that was seen at the tables. `unit` is the unit's name; a row has none. */
export interface SeenSlip {
  unit?: string;
  kind: SlipKind;
}

export interface Slip {
  /** 'One U1 upside down' */
  text: string;
  kind: SlipKind;
  /** What the right block shows there and the wrong one does not, in every corner, or around the middle: the fabric's letter. */
  look?: { where: 'corners' | 'middle'; role: string };
  unit?: UnitPlan;
  /** The wrong block. */
  drawing: Drawing;
  /** Where to look, in the document's unit: [x, y, width, height]. */
  at: (readonly [number, number, number, number])[];
  /** How plausible the wrong picture looks: 0 to 1, more being worse. */
  plausible: number;
}

const turned = (quarters: number) => ['', words.clockwise, words.upsideDown, words.anticlockwise][quarters]!;

/** A construction never changes: its slips are looked for once. */
const known = new KeptWords<Construction, Slip[]>();

/** The most plausible slips, worst first; before them the one that was seen at the tables. One of a unit that leaves a whole family of equal pictures is told once. */
export function slipsOf(c: Construction, most = 3): Slip[] {
  const found = known.get(c) ?? allSlips(c);
  known.set(c, found);
  return found.slice(0, most);
}

function allSlips(c: Construction): Slip[] {
  const right = c.cloth.patches;
  const seen = new Set([lieless(right)]);
  const rightLook = looks(right);
  const slips: Slip[] = [];
  for (const { text, kind, unit, wrong, places } of candidates(c)) {
    const key = lieless(wrong);
    if (seen.has(key)) continue;
    seen.add(key);
    const tick = c.cloth.tick.toNumber();
    slips.push({
      ...{ text, kind },
      ...lookFor(right, wrong),
      unit,
      drawing: partDrawing(wrong, c.cloth.tick),
      at: places.map((laid) => extent(laid).map((n) => n * tick) as [number, number, number, number]),
      plausible: plausibility(looks(wrong), rightLook),
    });
  }
  // What is said in the same words is one slip, shown where it is most plausible.
  const told = new Set<string>();
  const worst = slips.sort((a, b) => b.plausible - a.plausible).filter((slip) => !told.has(slip.text) && told.add(slip.text));
  const seenFirst = worst.findIndex((slip) => isSeen(slip, c.style.slip));
  return seenFirst < 0 ? worst : [worst[seenFirst]!, ...worst.toSpliced(seenFirst, 1)];
}

/** Whether it is the slip that was seen. */
export const isSeen = ({ kind, unit }: { kind: SlipKind; unit?: { name: string } }, seen: SeenSlip | undefined): boolean =>
  seen !== undefined && kind === seen.kind && unit?.name === seen.unit;

/** Patches looked at, all wrong pictures of one unit together: a block of very many patches is tried in fewer places. */
const TRIED = 1500;

interface Candidate {
  text: string;
  kind: SlipKind;
  unit?: UnitPlan;
  wrong: LaidPatch[];
  places: (readonly LaidPatch[])[];
}

function candidates(c: Construction): Candidate[] {
  const found: Candidate[] = [];
  // Units inside others are mistaken as easily: each by its patches as they lie in the block.
  const leaves = leavesOf(c.tree).flatMap((leaf): { unit: UnitPlan; laid: LaidPatch[] }[] => {
    const own = new Set(leaf.laid.flatMap((p) => p.of));
    const laid = c.cloth.patches.filter((p) => p.of.some((i) => own.has(i)));
    return laid.length > 1 ? [{ unit: c.unitOf.get(leaf)!, laid }] : [];
  });
  const places = Math.max(1, Math.floor(TRIED / c.block.patches.length));
  // What was seen is tried even where a block has more units than are tried.
  const { slip: wished } = c.style;
  const units = [...new Set(leaves.map((leaf) => leaf.unit))].sort(
    (a, b) => Number(b.name === wished?.unit) - Number(a.name === wished?.unit),
  );
  for (const unit of units.slice(0, Math.max(1, Math.floor((4 * TRIED) / c.block.patches.length)))) {
    const own = leaves.filter((leaf) => leaf.unit === unit);
    const name = unit.label;
    for (const { said, kind, change } of changes(unit)) {
      if (own.length > 1) {
        const wrong = own.reduce<LaidPatch[]>((laid, leaf) => replaced(laid, leaf.laid, change), [...c.cloth.patches]);
        found.push({ text: words.every(name, said), kind, unit, wrong, places: own.map((p) => p.laid) });
      }
      for (const leaf of own.slice(0, places))
        found.push({
          text: `${words.oneWords(own.length)}${name} ${said}`,
          ...{ kind, unit },
          wrong: replaced(c.cloth.patches, leaf.laid, change),
          places: [leaf.laid],
        });
    }
    if (wished?.kind === 'exchanged' && unit.name === wished.unit) found.push(...exchanges(unit));
  }
  const { tree } = c;
  if (!isLeaf(tree) && (tree.seam === 'h' || tree.seam === 'v'))
    tree.parts.slice(0, places).forEach((part, i) => {
      const row = tree.seam === 'h' ? words.row : words.column;
      const wrong = replaced(c.cloth.patches, part.laid, (p) => straightened(p, 2, false));
      found.push({ text: words.theUpsideDown(ordinals()[i] ?? words.th(i + 1), row), kind: 'row', wrong, places: [part.laid] });
    });
  return found;

  /** The unit and another of its size in each other's place. */
  function exchanges(unit: UnitPlan): Candidate[] {
    const [mine] = leaves.filter((leaf) => leaf.unit === unit);
    const [, , w, h] = extent(mine!.laid);
    return units.flatMap((other): Candidate[] => {
      const its = leaves.find((leaf) => leaf.unit === other)!;
      const [, , width, height] = extent(its.laid);
      if (other === unit || w !== width || h !== height) return [];
      const [own, others] = [pictureOf(mine!.laid), pictureOf(its.laid)];
      const wrong = replaced(
        replaced(c.cloth.patches, mine!.laid, () => others),
        its.laid,
        () => own,
      );
      const text = words.whereBelongs(unit.label, other.label);
      return [{ text, kind: 'exchanged', unit, wrong, places: [mine!.laid, its.laid] }];
    });
  }
}

const ordinals = () => [
  words.first,
  words.second,
  words.third,
  words.fourth,
  words.fifth,
  words.sixth,
  words.seventh,
  words.eighth,
];

/** What can go wrong with a unit: turns that fit its place, its mirror image where hands matter, two fabrics swapped. */
function changes({ seen, recipe, twin }: UnitPlan): { said: string; kind: SlipKind; change: (p: Picture) => Picture }[] {
  const turns = seen.picture.w === seen.picture.h ? [1, 2, 3] : [2];
  const roles = [...new Set(seen.roles)];
  // Only pieces of one size, and as many of them, can take each other's place.
  const pieces = recipe.pieces.length > 0 ? recipe.pieces : (twin?.recipe.pieces ?? []);
  const sizes = (role: string) =>
    pieces
      .flatMap((p) => (p.role === role ? [`${p.needs} ${p.w} ${p.h} ${p.sub} ${p.template ? 'template' : ''}`] : []))
      .sort()
      .join();
  const swaps = roles.flatMap((a, i) =>
    roles
      .slice(i + 1)
      .filter((b) => sizes(a) !== '' && sizes(a) === sizes(b))
      .map((b) => [a, b] as const),
  );
  const all = [
    ...turns.map((n) => ({ said: turned(n), kind: 'turned' as const, change: (p: Picture) => straightened(p, 4 - n, false) })),
    { said: words.mirrored, kind: 'mirrored' as const, change: (p: Picture) => straightened(p, 0, true) },
    ...swaps.map(([a, b]) => ({
      said: words.withAndSwapped(a, b),
      kind: 'fabrics' as const,
      change: (p: Picture): Picture => ({
        ...p,
        patches: p.patches.map((patch) => ({ ...patch, role: patch.role === a ? b : patch.role === b ? a : patch.role })),
      }),
    })),
  ];
  // What looks the same is no slip; what looks like an earlier one is that one.
  const looks = new Set([pictureText(seen.picture)]);
  return all.filter(({ change }) => {
    const text = pictureText(change(seen.picture));
    return !looks.has(text) && looks.add(text);
  });
}

/** Where a look tells them apart: all four corners, or what meets in the middle, of one fabric in the right block alone. */
function lookFor(right: readonly LaidPatch[], wrong: readonly LaidPatch[]): Pick<Slip, 'look'> {
  const [x, y, w, h] = extent(right);
  const at = (laid: readonly LaidPatch[], px: number, py: number) =>
    laid.filter((p) => p.points.some((q) => q[0] === px && q[1] === py)).map((p) => p.role);
  const corners = [
    [x, y],
    [x + w, y],
    [x, y + h],
    [x + w, y + h],
  ] as const;
  const only = (roles: readonly string[]) => (new Set(roles).size === 1 ? roles[0] : undefined);
  const cornersOf = (laid: readonly LaidPatch[]) => corners.flatMap(([px, py]) => at(laid, px, py));
  const corner = only(cornersOf(right));
  if (corner && cornersOf(wrong).some((role) => role !== corner)) return { look: { where: 'corners', role: corner } };
  const middleOf = (laid: readonly LaidPatch[]) => at(laid, x + w / 2, y + h / 2);
  const middle = only(middleOf(right));
  if (middle && middleOf(right).length > 1 && middleOf(wrong).some((role) => role !== middle))
    return { look: { where: 'middle', role: middle } };
  return {};
}

/** All patches with those of one part laid otherwise in the same box. */
function replaced(all: readonly LaidPatch[], part: readonly LaidPatch[], change: (p: Picture) => Picture): LaidPatch[] {
  const [x, y] = extent(part);
  const own = new Set(part.flatMap((p) => p.of));
  const inPart = (p: LaidPatch) => p.of.some((i) => own.has(i));
  const picture = change(pictureOf(all.filter(inPart)));
  const moved = picture.patches.map((p) => ({ ...p, points: p.points.map(([px, py]) => [px + x, py + y] as const) }));
  return [...all.filter((p) => !inPart(p)), ...moved];
}

interface Look {
  /** In how many of its eight lies the picture is the same. */
  symmetry: number;
  /** How much of all seams have one fabric on both sides. */
  flow: number;
}

function looks(laid: readonly LaidPatch[]): Look {
  const picture = pictureOf(laid);
  const text = pictureText(picture);
  const lies = [false, true].flatMap((mirrored) => [0, 1, 2, 3].map((quarters) => straightened(picture, quarters, mirrored)));
  const { contacts, lines } = touching(laid);
  let [same, all] = [0, 0];
  for (const { a, b, chain, from, to } of contacts) {
    const [dx, dy] = lines[chain]!.direction;
    const length = (to - from) / Math.hypot(dx, dy);
    all += length;
    if (laid[a]!.role === laid[b]!.role) same += length;
  }
  return { symmetry: lies.filter((lie) => pictureText(lie) === text).length, flow: all === 0 ? 0 : same / all };
}

/** Like the right block in its order, and in how its fabrics flow together. */
function plausibility(wrong: Look, right: Look): number {
  const order = Math.min(1, wrong.symmetry / right.symmetry);
  const flow = 1 - Math.min(1, Math.abs(wrong.flow - right.flow) * 4);
  return 0.6 * order + 0.4 * flow;
}

function lieless(laid: readonly LaidPatch[]): string {
  const picture = pictureOf(laid);
  return [0, 1, 2, 3].map((quarters) => pictureText(straightened(picture, quarters, false))).sort()[0]!;
}
