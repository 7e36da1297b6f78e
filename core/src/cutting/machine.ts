/**
 * A small simulated cutting machine: it reads a cutter file back, checks it as a careful operator would, and tells the way of its blade. It
 * knows nothing of how the file was made.
 */
import { boxOf, crossProperly, doubleArea, insideOf, locate, type Point, type Polygon } from '../block';
import type { LengthUnit } from '../measure';
import { words as said } from './words';

export interface MachinePath {
  name: string;
  /** In the file's unit, from the mat's corner. */
  points: Polygon;
}

export interface CutterFile {
  unit: LengthUnit;
  width: number;
  height: number;
  paths: MachinePath[];
}

export interface MachineRun {
  file: CutterFile;
  /** What keeps the machine from cutting, in plain sentences with the path; empty when all is well. */
  faults: string[];
  /** Length that the blade cuts, and that it is carried over the cloth. */
  cut: number;
  carried: number;
  minutes: number;
}

/** Coordinates are compared as whole numbers of this many to a unit: even ones, divisible by three, so that middles are whole too. */
const FINE = 60_000;
/** Inches a second that the simulated blade cuts and is carried. */
const SPEED = { cut: 3, carried: 10 };
const MOST_PATHS = 5000;
const MOST_POINTS = 50_000;

/** Reads a cutter file and tries it on a mat; a file that cannot be read at all has one fault and no paths. */
export function tryOnMachine(svg: string): MachineRun {
  const faults: string[] = [];
  const file = readFile(svg, faults);
  if (faults.length === 0) checkPaths(file, faults);
  let at: Point = [0, 0];
  let [cut, carried] = [0, 0];
  for (const { points } of file.paths) {
    carried += distance(at, points[0]!);
    points.forEach((p, i) => void (cut += distance(p, points[(i + 1) % points.length]!)));
    at = points[0]!;
  }
  const inch = file.unit === 'in' ? 1 : 2.54;
  const minutes = (cut / SPEED.cut + carried / SPEED.carried) / inch / 60;
  return { file, faults, cut, carried, minutes };
}

const distance = (a: Point, b: Point) => Math.hypot(a[0] - b[0], a[1] - b[1]);

function readFile(svg: string, faults: string[]): CutterFile {
  const empty: CutterFile = { unit: 'in', width: 0, height: 0, paths: [] };
  const root = /<svg\b[^>]*>/.exec(svg)?.[0] ?? '';
  const size = (name: string) => new RegExp(`\\b${name}="([\\d.]+)(in|cm)"`).exec(root);
  const view = /\bviewBox="0 0 ([\d.]+) ([\d.]+)"/.exec(root);
  const [width, height] = [size('width'), size('height')];
  if (!width || !height || !view || width[2] !== height[2]) {
    faults.push(said.theFileIsNoSvgWith);
    return empty;
  }
  const scale = Number(width[1]) / Number(view[1]);
  if (!(scale > 0) || Math.abs(Number(height[1]) / Number(view[2]) - scale) > 1e-6) {
    faults.push(said.theViewboxHasNotTheShape);
    return empty;
  }
  const file = { unit: width[2] as LengthUnit, width: Number(width[1]), height: Number(height[1]), paths: [] as MachinePath[] };
  if (/<(g|svg)\b[^>]*\btransform=|<path\b[^>]*\btransform=/.test(svg)) faults.push(said.theFileMovesItsShapesBy);
  let count = 0;
  for (const [, attributes] of svg.matchAll(/<path\b([^>]*)>/g)) {
    const value = (name: string) => new RegExp(`\\s${name}="([^"]*)"`).exec(attributes!)?.[1] ?? '';
    const name = value('data-cut') || `path ${file.paths.length + 1}`;
    const read = readPath(value('d'));
    if (typeof read === 'string') {
      faults.push(`${name} ${read}.`);
      continue;
    }
    count += read.length;
    file.paths.push({ name, points: read.map(([x, y]): Point => [x * scale, y * scale]) });
    if (file.paths.length > MOST_PATHS || count > MOST_POINTS) {
      faults.push(said.theFileHoldsMoreThanThis);
      return { ...file, paths: [] };
    }
  }
  if (file.paths.length === 0 && faults.length === 0) faults.push(said.theFileHoldsNoPathTo);
  return file;
}

/** The corners of one closed outline of straight lines, or what is wrong with it. */
function readPath(d: string): Point[] | string {
  const words = d.match(/[a-zA-Z]|[-+]?(?:\d+\.?\d*|\.\d+)(?:e[-+]?\d+)?/g) ?? [];
  const points: Point[] = [];
  let [x, y] = [0, 0];
  let command = '';
  let closed = false;
  for (let i = 0; i < words.length;) {
    if (/[a-zA-Z]/.test(words[i]!)) {
      if (closed) return said.holdsMoreThanOneOutline;
      command = words[i]!;
      i += 1;
      if (/[zZ]/.test(command)) {
        closed = true;
        continue;
      }
      if (/[mM]/.test(command) && points.length > 0) return said.holdsMoreThanOneOutline;
    }
    if (!/[mMlLhHvV]/.test(command)) return command ? said.hasAStepOnlyStraightLines(command) : said.isEmpty;
    const relative = command === command.toLowerCase();
    const kind = command.toLowerCase();
    const numbers = kind === 'h' || kind === 'v' ? 1 : 2;
    const given = words.slice(i, i + numbers).map(Number);
    if (given.length < numbers || given.some((n) => !Number.isFinite(n))) return said.breaksOffInTheMiddleOf;
    i += numbers;
    const [a, b = 0] = given as [number, number?];
    if (kind === 'h') x = relative ? x + a : a;
    else if (kind === 'v') y = relative ? y + a : a;
    else [x, y] = relative ? [x + a, y + b] : [a, b];
    points.push([x, y]);
    // Further pairs after a move are lines.
    if (kind === 'm') command = relative ? 'l' : 'L';
  }
  if (!closed) return said.isNotClosed;
  const [first, last] = [points[0], points.at(-1)];
  if (first && last && points.length > 1 && distance(first, last) < 1e-9) points.pop();
  return points.length < 3 ? said.hasFewerThanThreeCorners : points;
}

function checkPaths({ width, height, paths }: CutterFile, faults: string[]): void {
  const whole = paths.map(({ points }) => points.map(([x, y]): Point => [fine(x), fine(y)]));
  const boxes = whole.map(boxOf);
  paths.forEach(({ name }, i) => {
    const box = boxes[i]!;
    if (box.x < 0 || box.y < 0 || box.x + box.w > fine(width) || box.y + box.h > fine(height))
      faults.push(said.leavesTheMat(name));
    if (crossesItself(whole[i]!)) faults.push(said.crossesItself(name));
    else if (doubleArea(whole[i]!) === 0) faults.push(said.enclosesNothing(name));
  });
  // From left to right, so that only neighbours are compared.
  const order = paths.map((_, i) => i).sort((a, b) => boxes[a]!.x - boxes[b]!.x);
  order.forEach((a, n) => {
    for (const b of order.slice(n + 1)) {
      if (boxes[b]!.x >= boxes[a]!.x + boxes[a]!.w) break;
      if (boxes[b]!.y >= boxes[a]!.y + boxes[a]!.h || boxes[a]!.y >= boxes[b]!.y + boxes[b]!.h) continue;
      if (overlap(whole[a]!, whole[b]!)) faults.push(said.overlaps(paths[a]!.name, paths[b]!.name));
    }
  });
}

const fine = (n: number) => 6 * Math.round((n * FINE) / 6);

const edges = (p: Polygon) => p.map((a, i): [Point, Point] => [a, p[(i + 1) % p.length]!]);

function crossesItself(polygon: Polygon): boolean {
  const sides = edges(polygon);
  return sides.some(([a, b], i) => sides.slice(i + 1).some(([c, d]) => crossProperly(a, b, c, d)));
}

/** Whether two outlines share more than their edges. */
function overlap(p: Polygon, q: Polygon): boolean {
  if (edges(p).some(([a, b]) => edges(q).some(([c, d]) => crossProperly(a, b, c, d)))) return true;
  const within = (inner: Polygon, outer: Polygon) =>
    [...inner, ...edges(inner).map(([a, b]): Point => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]), insideOf(inner)].some(
      (point) => locate(point, outer) === 'inside',
    );
  return within(p, q) || within(q, p);
}
