/** What a picture speaks for seams within one fabric, each asked in all places that are alike. */
import type { Leaf } from './cells';
import type { Labels } from './labels';
import { shareOf, type Lattice } from './lattice';
import { imagesOf } from './likeness';
import { clockwise, shared, type Seam } from './outlines';
import type { LabPicture } from './pixels';
import { depthOf, seamBits, valleyAlong, type Place } from './seam-evidence';

/** Bits for a seam, or against it. `leaves`: the squares' parts, between which it is seen how deep seams are in this picture. */
export function evidenceIn(
  picture: LabPicture,
  labels: Labels,
  lattice: Lattice,
  leaves: readonly Leaf[],
): (seam: Seam) => number {
  const reach = 0.45 / Math.max(lattice.columns, lattice.rows);
  const valley = (from: Place, to: Place) => valleyAlong(picture, from, to, reach);
  const ends = ({ from, to }: Seam) => [shareOf(lattice, from), shareOf(lattice, to)] as const;
  const deep = depthOf(seamsBetween(leaves).flatMap((seam) => valley(...ends(seam)) ?? []));
  const images = imagesOf(labels);
  return remembered((seam) => {
    const all = images.map((image) => ends(seam).map(image) as [Place, Place]);
    // A seam that is its own image is asked once.
    const apart = new Map(all.map((one) => [nameOf(one), one]));
    return pooled(
      [...apart.values()].map((one) => {
        const seen = valley(...one);
        return seen ? seamBits(seen, deep) : 0;
      }),
    );
  });
}

const nameOf = (seam: readonly Place[]) =>
  seam
    .map((place) => place.map((n) => Math.round(n * 4096)).join())
    .sort()
    .join(' ');

/** A place that clearly shows no seam is believed; any other is asked with its images. */
const CLEAR = 8;
const pooled = (bits: readonly number[]): number =>
  bits[0]! <= -CLEAR
    ? bits[0]!
    : Math.max(
        -CLEAR,
        bits.reduce((sum, b) => sum + b, 0),
      );

function remembered(ask: (seam: Seam) => number): (seam: Seam) => number {
  const known = new Map<string, number>();
  return (seam) => {
    const name = [seam.from, seam.to].map(String).sort().join(' ');
    const bits = known.get(name) ?? ask(seam);
    known.set(name, bits);
    return bits;
  };
}

/** Where parts meet. */
function seamsBetween(leaves: readonly Leaf[]): Seam[] {
  const outlines = leaves.map(({ points }) => clockwise(points));
  return outlines.flatMap((a, i) => outlines.slice(i + 1).flatMap((b) => shared(a, b) ?? []));
}
