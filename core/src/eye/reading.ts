/** A block read out of a picture that lies straight: its grid, its patches, and which of them are of one fabric. */
import { PER_CELL, doubleArea, type Point, type Polygon } from '../block';
import { toldBy } from './cells';
import { bendOf, laidOn, type Bend } from './bend';
import { Codes } from './codes';
import type { Colour } from './colours';
import { evidenceIn } from './evidence';
import { fabricsOf, isTorn, meanWithin } from './fabrics';
import { joinedParts, type Meeting } from './joining';
import { labelled } from './labels';
import { bestLattice, gridsOf, shareOf, type Grid } from './lattice';
import type { Seam } from './outlines';
import type { LabPicture } from './pixels';

export interface ReadPatch {
  points: Polygon;
  /** Which of the reading's fabrics. */
  fabric: number;
  /** Whether another fabric is nearly as like. */
  doubtful: boolean;
}

/** A line within one fabric where the picture does not say clearly whether there is a seam. */
export interface Doubt extends Seam {
  /** Whether the reading has a seam there. */
  drawn: boolean;
}

export interface Reading {
  grid: Grid;
  patches: readonly ReadPatch[];
  /** The mean colours of the fabrics, what covers most first. */
  fabrics: readonly Colour[];
  doubts: readonly Doubt[];
  /** Where the block's places lie in the picture. */
  bend: Bend;
}

/** Bits for or against a seam that leave it in doubt. */
const UNCLEAR = 7;

/**
 * `photographed`: in even light, of an even number of places to a side. `wide`: how many times as wide as high the block is, as far as that is known; `grid`: where
 * somebody has said it.
 */
export function readPatches(photographed: LabPicture, { wide = 1, grid }: { wide?: number; grid?: Grid } = {}): Reading {
  const first = labelled(halved(photographed), 2);
  const firstCodes = new Codes(first.colours.length, first.width * first.height);
  const found = bestLattice(first, firstCodes, grid ? [grid] : gridsOf(wide));
  const { columns, rows } = found;
  const bend = bendOf(photographed, found, toldBy(first, found, firstCodes).leaves, first.colours);
  const picture = laidOn(photographed, bend);
  const labels = labelled(halved(picture), 2);
  const codes = new Codes(labels.colours.length, labels.width * labels.height);
  const lattice = { columns, rows, margin: 0 };
  const share = (point: Point) => shareOf(lattice, point);
  const evidence = evidenceIn(picture, labels, lattice, toldBy(labels, lattice, codes).leaves);
  const { leaves } = toldBy(labels, lattice, codes, evidence);
  const { parts, apart, joined } = joinedParts(leaves, codes, evidence);
  const seen = parts.map(({ points }) => meanWithin(picture, points.map(share)));
  const { fabrics, of } = fabricsOf(
    seen,
    parts.map(({ points }) => doubleArea(points)),
  );
  const patches = parts.map(({ points }, i) => ({ points, fabric: of[i]!, doubtful: isTorn(seen[i]!, of[i]!, fabrics) }));
  const unclear = ({ bits }: Meeting) => Math.abs(bits) < UNCLEAR;
  const doubts = [
    ...apart.filter((m) => unclear(m) && of[m.parts[0]] === of[m.parts[1]]).map((m) => ({ ...m, drawn: true })),
    ...joined.filter((m) => unclear(m) && onGrid(m)).map((m) => ({ ...m, drawn: false })),
  ].map(({ from, to, drawn }) => ({ from, to, drawn }));
  return { grid: [columns, rows], patches, fabrics, doubts, bend };
}

/** Between corners of squares: where patchwork has its seams, and a part of a square need not. */
const onGrid = ({ from, to }: Seam) => [...from, ...to].every((n) => n % PER_CELL === 0);

/** Each two by two places as one. */
function halved({ width, height, lab }: LabPicture): LabPicture {
  const [w, h] = [width >> 1, height >> 1];
  const half = new Float32Array(w * h * 3);
  for (let y = 0; y < h; y += 1)
    for (let x = 0; x < w; x += 1)
      for (let k = 0; k < 3; k += 1) {
        const i = (2 * y * width + 2 * x) * 3 + k;
        half[(y * w + x) * 3 + k] = (lab[i]! + lab[i + 3]! + lab[i + width * 3]! + lab[i + width * 3 + 3]!) / 4;
      }
  return { width: w, height: h, lab: half };
}
