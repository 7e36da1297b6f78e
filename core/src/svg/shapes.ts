/** The straight-edged shapes of an SVG drawing, where they lie on the page, in the order in which they are painted. */
import svgpath from 'svgpath';
import { elementsOf, Unreadable, type Element } from './elements';
import { lookOf, rulesOf, type Look } from './style';
import { words } from './words';

/** x to the right, y down, in the drawing's own unit. */
export type Place = readonly [x: number, y: number];

export interface Shape {
  outlines: readonly (readonly Place[])[];
  /** '#rrggbb', a pattern's address, or nothing for lines alone. */
  fill?: string;
  evenOdd: boolean;
  /** The letter that the drawing itself names for the shape. */
  letter?: string;
}

export interface SvgDrawing {
  title?: string;
  /** Columns and rows that the drawing itself names. */
  grid?: readonly [number, number];
  shapes: readonly Shape[];
  /** What was left out, by kind: shapes with curves, text and pictures. */
  curved: number;
  other: number;
}

const SKIPPED = new Set(['defs', 'symbol', 'clipPath', 'mask', 'pattern', 'marker', 'style', 'metadata', 'title', 'desc']);
const CURVED = new Set(['circle', 'ellipse']);
const OTHER = new Set(['text', 'image', 'foreignObject']);
const MOST_SHAPES = 4096;
const MOST_USES = 8;
/** Elements that are looked at, again for each use of them: uses of uses grow without bound otherwise. */
const MOST_VISITS = 40_000;
/** Units of length in pixels of a drawing. */
const UNITS: Record<string, number> = { '': 1, px: 1, in: 96, cm: 96 / 2.54, mm: 96 / 25.4, pt: 96 / 72, pc: 16 };

/** Reads a drawing. Throws Unreadable with a sentence for the reader. */
export function readSvg(text: string): SvgDrawing {
  const root = elementsOf(text);
  const rules = rulesOf(root);
  const named = new Map<string, Element>();
  const index = (e: Element): void => {
    if (e.attributes.id) named.set(e.attributes.id, e);
    e.children.forEach(index);
  };
  index(root);
  const view = (root.attributes.viewBox ?? '').split(/[\s,]+/).map(Number);
  const sheet: Place =
    view.length === 4 ? [view[2]!, view[3]!] : [lengthOf(root.attributes.width, 0), lengthOf(root.attributes.height, 0)];
  const shapes: Shape[] = [];
  let [curved, other, visits] = [0, 0, 0];
  const add = (element: Element, look: Look, transforms: readonly string[]) => {
    const d = pathOf(element, sheet);
    if (d === undefined) return;
    if (shapes.length >= MOST_SHAPES) throw new Unreadable(words.theDrawingIsTooLarge);
    const outlines = outlinesOf(d, transforms);
    if (!outlines) curved += 1;
    else if (look.fill !== 'none' && !['line'].includes(element.name))
      shapes.push({ outlines, fill: look.fill, evenOdd: look.evenOdd, letter: element.attributes['data-role'] });
    else if (look.stroke !== 'none') shapes.push({ outlines, evenOdd: false });
  };
  const visit = (element: Element, from: Look | undefined, above: readonly string[], uses: number): void => {
    visits += 1;
    if (visits > MOST_VISITS) throw new Unreadable(words.theDrawingIsTooLarge);
    if (SKIPPED.has(element.name)) return;
    const look = lookOf(element, rules, from);
    if (look.hidden) return;
    if (CURVED.has(element.name)) curved += 1;
    else if (OTHER.has(element.name)) other += 1;
    const { transform, x, y } = element.attributes;
    const moved = element.name === 'use' && (x || y) ? [`translate(${lengthOf(x, sheet[0])},${lengthOf(y, sheet[1])})`] : [];
    const transforms = [...moved, ...(transform ? [transform] : []), ...above];
    add(element, look, transforms);
    if (element.name === 'use') {
      const target = named.get((element.attributes.href ?? '').replace(/^#/, ''));
      if (target && uses < MOST_USES)
        visit(target.name === 'symbol' ? { ...target, name: 'g' } : target, look, transforms, uses + 1);
    } else for (const child of element.children) visit(child, look, transforms, uses);
  };
  visit(root, undefined, [], 0);
  const grid = /^(\d{1,2}) (\d{1,2})$/.exec(root.attributes['data-grid'] ?? '');
  return {
    title: root.children.find((e) => e.name === 'title')?.text.trim() || undefined,
    ...(grid ? { grid: [Number(grid[1]), Number(grid[2])] as const } : {}),
    ...{ shapes, curved, other },
  };
}

function lengthOf(written: string | undefined, whole: number): number {
  const [, number, unit] = /^\s*([-+.\deE]+)\s*([a-z%]*)\s*$/.exec(written ?? '') ?? [];
  const value = Number(number ?? 0);
  return Number.isFinite(value) ? (unit === '%' ? (value / 100) * whole : value * (UNITS[unit ?? ''] ?? 1)) : 0;
}

/** An element's outline as path data; nothing for what has none, or no extent. */
function pathOf({ name, attributes: a }: Element, sheet: Place): string | undefined {
  if (name === 'path') return a.d || undefined;
  if (name === 'polygon' || name === 'polyline') {
    const points = (a.points ?? '').trim();
    return points ? `M${points}${name === 'polygon' ? 'Z' : ''}` : undefined;
  }
  const [x, y] = [lengthOf(a.x, sheet[0]), lengthOf(a.y, sheet[1])];
  if (name === 'rect') {
    const [w, h] = [lengthOf(a.width, sheet[0]), lengthOf(a.height, sheet[1])];
    return w > 0 && h > 0 ? `M${x} ${y}h${w}v${h}h${-w}Z` : undefined;
  }
  if (name === 'line')
    return `M${lengthOf(a.x1, sheet[0])} ${lengthOf(a.y1, sheet[1])}L${lengthOf(a.x2, sheet[0])} ${lengthOf(a.y2, sheet[1])}`;
  return undefined;
}

/** The outlines of path data; nothing when it curves. Throws Unreadable for what is no path. */
function outlinesOf(d: string, transforms: readonly string[]): Place[][] | undefined {
  const path = transforms
    .reduce((p, t) => p.transform(t), svgpath(d))
    .abs()
    .unshort();
  if ((path as unknown as { err: string }).err) throw new Unreadable(words.aShapeCannotBeRead(d.slice(0, 40)));
  const outlines: Place[][] = [];
  let straight = true;
  path.iterate((segment, _, x, y) => {
    const [kind, ...numbers] = segment as unknown as [string, ...number[]];
    const to: Place =
      kind === 'H' ? [numbers[0]!, y] : kind === 'V' ? [x, numbers[0]!] : (numbers.slice(-2) as unknown as Place);
    if (kind === 'Z') {
      const outline = outlines.at(-1);
      if (outline) outlines.push([outline[0]!]);
      if (outline) outline.push(outline[0]!);
      return;
    }
    if (kind === 'A' || (['C', 'Q'].includes(kind) && bends([x, y], numbers))) straight = false;
    if (kind === 'M') outlines.push([to]);
    else outlines.at(-1)?.push(to);
  });
  if (outlines.some((o) => o.some((p) => !p.every(Number.isFinite))))
    throw new Unreadable(words.aShapeCannotBeRead(d.slice(0, 40)));
  return straight ? outlines.filter((o) => o.length > 1) : undefined;
}

/** Whether a curve leaves the straight line between its ends: many programs write straight edges as curves. */
function bends([x, y]: Place, numbers: readonly number[]): boolean {
  const [ex, ey] = numbers.slice(-2) as [number, number];
  const length = Math.hypot(ex - x, ey - y);
  for (let i = 0; i + 2 < numbers.length; i += 2) {
    const off = Math.abs((ex - x) * (numbers[i + 1]! - y) - (ey - y) * (numbers[i]! - x)) / (length || 1);
    if (off > 0.01 * length) return true;
  }
  return false;
}
