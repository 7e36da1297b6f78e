/** A grid over a picture's labels: how each of its squares is best told, and what that takes (the shortest description). */
import { PER_CELL, type Point, type Polygon } from '../block';
import { FINE, cellLines, partsOf, pieces, wholeCell, type CellPart } from './cell-lines';
import type { Codes } from './codes';
import { shared, type Seam } from './outlines';
import { NO_COLOUR, type Labels } from './labels';
import type { Lattice } from './lattice';

/** A part of one square that is of one fabric, as far as the square itself tells. */
export interface Leaf {
  /** In twelfths of a square, from the block's top left corner. */
  points: Polygon;
  /** Places by label. */
  counts: Float64Array;
}

/** A square that takes no more than so many bits is of one fabric. */
const PLAIN = 9;
/** So many squares to a side and fewer are looked at two seams deep before one is chosen. */
const DEEP = 12;
const DEEPEST = 6;
/** Bits beyond its own that a seam within one fabric and one square has to have for itself: such seams are rare. */
const SURE = 6;

interface Region {
  part: CellPart;
  counts: Float64Array;
  bits: number;
}

/** The squares' counts of places: square by square, piece by piece, label by label. */
function countedIn({ width, height, label }: Labels, kinds: number, { columns, rows, margin }: Lattice): Float64Array {
  const counts = new Float64Array(columns * rows * pieces.count * kinds);
  const across = Array.from({ length: width }, (_, x) => placed((x + 0.5) / width, columns, margin));
  for (let y = 0; y < height; y += 1) {
    const down = placed((y + 0.5) / height, rows, margin);
    for (let x = 0; x < width; x += 1) {
      const kind = label[y * width + x]!;
      if (kind === NO_COLOUR) continue;
      const right = across[x]!;
      const piece = pieces.of[down.fine * FINE + right.fine]!;
      counts[((down.cell * columns + right.cell) * pieces.count + piece) * kinds + kind]! += 1;
    }
  }
  return counts;
}

/** Places in the margin are of the outer squares. */
function placed(share: number, cells: number, margin: number): { cell: number; fine: number } {
  const at = Math.max(0, Math.min(cells - 1e-9, ((share - margin) / (1 - 2 * margin)) * cells));
  const cell = Math.floor(at);
  return { cell, fine: Math.floor((at - cell) * FINE) };
}

/**
 * The best telling of every square, and the bits of them all. `evidence`: what the picture speaks for a seam between two pieces of one fabric, in bits; without
 * it only seams between two fabrics are looked for.
 */
export function toldBy(
  labels: Labels,
  lattice: Lattice,
  codes: Codes,
  evidence?: (seam: Seam) => number,
): { leaves: Leaf[]; bits: number } {
  const kinds = labels.colours.length;
  const counts = countedIn(labels, kinds, lattice);
  const { columns, rows } = lattice;
  const leaves: Leaf[] = [];
  let bits = 4 * Math.log2(columns + rows);
  const size = pieces.count * kinds;
  for (let row = 0; row < rows; row += 1)
    for (let column = 0; column < columns; column += 1) {
      const at = (row * columns + column) * size;
      const cell = new Cell(counts.subarray(at, at + size), kinds, codes, Math.max(columns, rows) <= DEEP);
      const shown = evidence && ((from: Point, to: Point) => evidence({ from: moved(from), to: moved(to) }));
      const moved = ([x, y]: Point): Point => [x + column * PER_CELL, y + row * PER_CELL];
      for (const { part, counts: own, bits: its } of cell.told(shown)) {
        bits += its + 1;
        leaves.push({ points: part.points.map(moved), counts: own });
      }
      bits += cell.seamBits;
    }
  return { leaves, bits };
}

class Cell {
  seamBits = 0;

  constructor(
    readonly counts: Float64Array,
    readonly kinds: number,
    readonly codes: Codes,
    readonly deep: boolean,
  ) {}

  told(evidence?: (from: Point, to: Point) => number): Region[] {
    const regions = this.split(this.region(wholeCell), DEEPEST);
    return evidence ? regions.flatMap((region) => this.seen(region, evidence, 2)) : regions;
  }

  /** A region of one fabric parted along the seams that the picture shows in it. */
  private seen(region: Region, evidence: (from: Point, to: Point) => number, depth: number): Region[] {
    let best: [Region, Region] | undefined;
    let most = 0;
    for (const [l, line] of cellLines.entries()) {
      const parts = this.partsBy(region, l);
      const seam = parts && shared(parts[0].part.points, parts[1].part.points);
      const speaks = seam ? evidence(seam.from, seam.to) - line.bits - SURE : 0;
      if (speaks > most) [most, best] = [speaks, parts];
    }
    return best && depth > 0 ? best.flatMap((part) => this.seen(part, evidence, depth - 1)) : [region];
  }

  private region(part: CellPart): Region {
    const { kinds } = this;
    const counts = new Float64Array(kinds);
    for (const p of part.pieces) for (let k = 0, at = p * kinds; k < kinds; k += 1, at += 1) counts[k]! += this.counts[at]!;
    return { part, counts, bits: this.codes.bits(counts) };
  }

  /** The region as it is best told, by one seam after another. */
  private split(region: Region, depth: number): Region[] {
    if (depth === 0 || region.bits <= PLAIN) return [region];
    let best: { parts: [Region, Region]; seam: number } | undefined;
    let least = region.bits;
    for (let l = 0; l < cellLines.length; l += 1) {
      const parts = this.partsBy(region, l);
      if (!parts) continue;
      const seam = cellLines[l]!.bits;
      let bits = seam + 2;
      for (const part of parts) bits += this.deep ? this.next(part) : part.bits;
      if (bits < least) [least, best] = [bits, { parts, seam }];
    }
    if (!best) return [region];
    this.seamBits += best.seam;
    return best.parts.flatMap((part) => this.split(part, depth - 1));
  }

  /** What a region takes with one seam more at most. */
  private next(region: Region): number {
    if (region.bits <= PLAIN) return region.bits;
    let least = region.bits;
    for (let l = 0; l < cellLines.length; l += 1) {
      const seam = cellLines[l]!.bits + 2;
      if (seam >= least) continue;
      const parts = this.partsBy(region, l);
      if (parts) least = Math.min(least, seam + parts[0].bits + parts[1].bits);
    }
    return least;
  }

  private partsBy({ part, counts }: Region, line: number): [Region, Region] | undefined {
    const parts = partsOf(part, line);
    if (!parts) return undefined;
    const right = this.region(parts[0]);
    const left = counts.map((n, k) => n - right.counts[k]!);
    return [right, { part: parts[1], counts: left, bits: this.codes.bits(left) }];
  }
}
