/** What should lie on the table: the units of a block, each with its patches, where they come to lie before they are sewn. */
import { extent, isBlockPart, isLeaf, type Construction, type Leaf, type LaidPatch, type Tree } from '../../construction';
import { doubleArea } from '../../block';
import type { Place } from '../seam-evidence';

/** A patch in finished lengths. */
export interface ExpectedPatch {
  role: string;
  points: readonly Place[];
}

export interface ExpectedUnit {
  /** 'U1', or '' for what has no name: plain patches and parts that hold several units. */
  label: string;
  /** Its name for choices that outlive sizes and methods; '' where it has no label. */
  name: string;
  /** Finished. */
  w: number;
  h: number;
  /** From the unit's top left corner, without its allowances. */
  patches: readonly ExpectedPatch[];
  /** Where its middle comes to lie, from the layout's top left corner: laid out loose, every unit with its allowances, and sewn together. */
  loose: Place;
  sewn: Place;
  /** Degrees clockwise by which it is laid aslant: a block on point. */
  slant?: number;
}

/** What is laid out. Lengths are plain numbers: a picture is not measured to the sixteenth. */
export interface Layout {
  units: readonly ExpectedUnit[];
  /** Rows that go through the whole: their units by number, from the left. */
  rows: readonly (readonly number[])[];
  /** Width and height of the whole, laid out loose and sewn, allowances and all. */
  loose: Place;
  sewn: Place;
  /** Beyond each side of a unit that is not sewn in yet. */
  allowance: number;
}

/** The layout of a block: its units, or the smallest parts of it that are rectangles. */
export function layoutOf(construction: Construction): Layout {
  const allowance = construction.style.seam.valueOf();
  const root = partOf(construction.tree, construction.cloth.tick.toNumber(), (place) => place);
  const units: ExpectedUnit[] = [];
  const whole = boxOf(root);
  whole.put(0, 0);
  units.sort((a, b) => (near(a.loose[1], b.loose[1]) ? a.loose[0] - b.loose[0] : a.loose[1] - b.loose[1]));
  const sewn: Place = [root.w + 2 * allowance, root.h + 2 * allowance];
  return { units, rows: rowsOf(units, root.w), loose: [whole.w, whole.h], sewn, allowance };

  /** How large a part is laid out loose, and how it is put somewhere. */
  function boxOf(part: Part): { w: number; h: number; put: (left: number, top: number) => void } {
    const { x, y, w, h } = part;
    if (!part.parts) {
      const number = units.length;
      const patches = part.patches.map(({ role, points }) => ({
        role,
        points: points.map(([px, py]): Place => [px - x, py - y]),
      }));
      const { label = '', name = '' } = (part.leaf && construction.unitOf.get(part.leaf)) ?? {};
      const middle: Place = [x + w / 2 + allowance, y + h / 2 + allowance];
      units.push({ label, name: label && name, w, h, patches, loose: middle, sewn: middle });
      const put = (left: number, top: number) =>
        void (units[number] = { ...units[number]!, loose: [left + w / 2 + allowance, top + h / 2 + allowance] });
      return { w: w + 2 * allowance, h: h + 2 * allowance, put };
    }
    const boxes = part.parts.map((p) => ({ box: boxOf(p), at: part.level ? p.y : p.x })).sort((a, b) => a.at - b.at);
    const sizes = boxes.map(({ box }) => (part.level ? box : { ...box, w: box.h, h: box.w }));
    const across = Math.max(...sizes.map((s) => s.w));
    const along = sizes.reduce((sum, s) => sum + s.h, 0);
    return {
      ...(part.level ? { w: across, h: along } : { w: along, h: across }),
      put: (left, top) => {
        let at = 0;
        for (const [i, { box }] of boxes.entries()) {
          const beside = (across - sizes[i]!.w) / 2;
          if (part.level) box.put(left + beside, top + at);
          else box.put(left + at, top + beside);
          at += sizes[i]!.h;
        }
      },
    };
  }
}

/** Some of a layout's units by themselves, as a row or a single one is photographed. */
export function someOf(layout: Layout, chosen: readonly number[]): Layout {
  const { allowance } = layout;
  const units = chosen.map((i) => layout.units[i]!);
  const box = (way: 'loose' | 'sewn') => {
    const more = way === 'loose' ? allowance : 0;
    const ends = (k: 0 | 1, side: 1 | -1) => units.map((u) => u[way][k] + side * ((k === 0 ? u.w : u.h) / 2 + more));
    const [x, y] = [Math.min(...ends(0, -1)), Math.min(...ends(1, -1))];
    const [right, bottom] = [Math.max(...ends(0, 1)), Math.max(...ends(1, 1))];
    // Sewn together, what is chosen has its allowances around it.
    const rim = allowance - more;
    return { from: [x - rim, y - rim] as const, extent: [right - x + 2 * rim, bottom - y + 2 * rim] as const };
  };
  const [loose, sewn] = [box('loose'), box('sewn')];
  const moved = ([x, y]: Place, { from }: typeof loose): Place => [x - from[0], y - from[1]];
  return {
    units: units.map((u) => ({ ...u, loose: moved(u.loose, loose), sewn: moved(u.sewn, sewn) })),
    rows: layout.rows.map((row) => chosen.flatMap((unit, i) => (row.includes(unit) ? [i] : []))),
    ...{ loose: loose.extent, sewn: sewn.extent, allowance },
  };
}

/** Units of one height that lie side by side through the whole, from the left. */
function rowsOf(units: readonly ExpectedUnit[], width: number): number[][] {
  const heights = new Map<string, number[]>();
  units.forEach(({ sewn: [, y], h }, i) => {
    const key = `${Math.round(y * 1e3)} ${Math.round(h * 1e3)}`;
    heights.set(key, [...(heights.get(key) ?? []), i]);
  });
  const through = (row: number[]) =>
    near(
      row.reduce((sum, i) => sum + units[i]!.w, 0),
      width,
    );
  return [...heights.values()].filter(through).map((row) => row.sort((a, b) => units[a]!.sewn[0] - units[b]!.sewn[0]));
}

const near = (a: number, b: number) => Math.abs(a - b) < 1e-3;

/** A rectangle of the block: one thing to lay, or parts that lie beside each other. Finished lengths, in the block's place. */
interface Part {
  x: number;
  y: number;
  w: number;
  h: number;
  patches: ExpectedPatch[];
  leaf?: Leaf;
  /** Below each other, not beside each other. */
  level?: boolean;
  parts?: Part[];
}

/** `put`: takes a place of the tree, in lengths, to its place in the block. */
function partOf(tree: Tree, tick: number, put: (place: Place) => Place): Part {
  const patches = inLengths(tree.laid, tick, put);
  const all = patches.flatMap((p) => p.points);
  const [x, y] = [Math.min(...all.map((p) => p[0])), Math.min(...all.map((p) => p[1]))];
  const [w, h] = [Math.max(...all.map((p) => p[0])) - x, Math.max(...all.map((p) => p[1])) - y];
  const part: Part = { x, y, w, h, patches };
  if (isLeaf(tree)) {
    const inside = tree.inside && isBlockPart(tree.seen.kind) ? tree.inside : undefined;
    if (!inside || !isParted(inside)) return { ...part, leaf: tree };
    // What is told once stands straight: it is turned back to where this one lies.
    const own = tree.seen.tick.toNumber();
    const turned = turns(inside, own, part).find((turn) => same(inLengths(inside.laid, own, turn), patches));
    return turned ? { ...part, ...partOf(inside, own, turned) } : { ...part, leaf: tree };
  }
  if (!isParted(tree)) return part;
  const parts = tree.parts.map((p) => partOf(p, tick, put));
  const level = Math.abs(parts[0]!.y - parts[1]!.y) > Math.abs(parts[0]!.x - parts[1]!.x);
  return { ...part, parts, level };
}

/** Whether level or upright seams part it into nothing but rectangles. */
const isParted = (tree: Tree): boolean =>
  !isLeaf(tree) && (tree.seam === 'h' || tree.seam === 'v') && tree.parts.every(fillsBox);

function fillsBox({ laid }: Tree): boolean {
  const [, , w, h] = extent(laid);
  return Math.abs(laid.reduce((sum, p) => sum + Math.abs(doubleArea(p.points)), 0) - 2 * w * h) < 1e-6;
}

const inLengths = (laid: readonly LaidPatch[], tick: number, put: (place: Place) => Place): ExpectedPatch[] =>
  laid.map(({ role, points }) => ({ role, points: points.map(([x, y]) => put([x * tick, y * tick])) }));

/** The eight ways in which a tree that stands straight may lie in a rectangle. */
function turns(tree: Tree, tick: number, { x, y, w, h }: Part): ((place: Place) => Place)[] {
  const [left, top, wide, high] = extent(tree.laid).map((n) => n * tick) as [number, number, number, number];
  return [false, true].flatMap((mirrored) =>
    [0, 1, 2, 3].map((quarters) => ([px, py]: Place): Place => {
      let [u, v] = [(px - left) / wide, (py - top) / high];
      if (mirrored) u = 1 - u;
      for (let k = 0; k < quarters; k += 1) [u, v] = [1 - v, u];
      return [x + u * w, y + v * h];
    }),
  );
}

/** Whether two lists are the same patches. */
function same(a: readonly ExpectedPatch[], b: readonly ExpectedPatch[]): boolean {
  const text = ({ role, points }: ExpectedPatch) =>
    `${role} ${points
      .map((p) => p.map((n) => Math.round(n * 1e4)).join())
      .sort()
      .join(' ')}`;
  const all = new Set(a.map(text));
  return a.length === b.length && b.every((patch) => all.has(text(patch)));
}
