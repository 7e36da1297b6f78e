/** A block read out of a picture that lies straight: its grid, its patches, and which of them are of one fabric. */
import { PER_CELL, doubleArea, type Point, type Polygon } from '../block';
import { toldBy, type Leaf } from './cells';
import { bendOf, laidOn, type Bend } from './bend';
import { Codes } from './codes';
import { between, type Colour } from './colours';
import { evidenceIn } from './evidence';
import { fabricsOf, isTorn, meanWithin } from './fabrics';
import { joinedParts, type Meeting } from './joining';
import { labelled } from './labels';
import { laidStraight } from './long-lines';
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
  const lattice = { columns, rows, margin: 0 };
  const share = (point: Point) => shareOf(lattice, point);
  /** The picture as it is laid by the edges of these leaves. */
  const laidBy = (told: readonly Leaf[], colours: readonly Colour[]) => {
    const bend = bendOf(photographed, found, told, colours);
    const picture = laidOn(photographed, bend);
    return { bend, picture, labels: labelled(halved(picture), 2) };
  };
  let laid = laidBy(toldBy(first, found, firstCodes).leaves, first.colours);
  const { labels, picture: looked } = laid;
  const codes = new Codes(labels.colours.length, labels.width * labels.height);
  const evidence = evidenceIn(looked, labels, lattice, toldBy(labels, lattice, codes).leaves);
  let joining = joinedParts(toldBy(labels, lattice, codes, evidence).leaves, codes, evidence);
  const straight = laidStraight(joining.parts, (point, label, other) => {
    const seen = colourAt(looked, share(point));
    return between(seen, labels.colours[label]!) < between(seen, labels.colours[other]!);
  });
  if (straight) {
    // Steps that were one line have bent the picture: it is laid once more, by the line.
    laid = laidBy(straight, labels.colours);
    joining = joinedParts(straight, codes, evidenceIn(laid.picture, laid.labels, lattice, straight));
  }
  const { bend, picture } = laid;
  const { parts, apart, joined } = joining;
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

const colourAt = ({ width, height, lab }: LabPicture, [x, y]: readonly [number, number]): Colour => {
  const within = (n: number, of: number) => Math.max(0, Math.min(of - 1, Math.floor(n * of)));
  const i = (within(y, height) * width + within(x, width)) * 3;
  return [lab[i]!, lab[i + 1]!, lab[i + 2]!];
};

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
