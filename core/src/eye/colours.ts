/** Colours that a picture is made of. */
export type Colour = readonly [l: number, a: number, b: number];

export const between = (p: Colour, q: Colour): number => Math.hypot(p[0] - q[0], p[1] - q[1], p[2] - q[2]);

export function nearestOf(colour: Colour, of: readonly Colour[]): number {
  let [best, near] = [0, Infinity];
  for (let k = 0; k < of.length; k += 1) {
    const c = of[k]!;
    const far = (colour[0] - c[0]) ** 2 + (colour[1] - c[1]) ** 2 + (colour[2] - c[2]) ** 2;
    if (far < near) [best, near] = [k, far];
  }
  return best;
}

const ROUNDS = 8;

/**
 * At most `most` colours that stand for all of these, any two at least `apart` from each other (as CIELAB measures): k-means, begun at the colours that lie
 * farthest from one another so that no chance is in it, then the nearest joined.
 */
export function gathered(all: readonly Colour[], { most, apart }: { most: number; apart: number }): Colour[] {
  if (all.length === 0) return [];
  const centres: Colour[] = [meanOf(all)];
  const far = all.map((c) => between(c, centres[0]!));
  while (centres.length < most) {
    const at = nearlyFarthest(far);
    if (far[at]! < apart) break;
    const next = all[at]!;
    centres.push(next);
    for (let i = 0; i < all.length; i += 1) far[i] = Math.min(far[i]!, between(all[i]!, next));
  }
  let found = rounds(all, centres);
  // Two that have come too near become one.
  for (;;) {
    let pair: [number, number] | undefined;
    let near = apart;
    for (let i = 0; i < found.length; i += 1)
      for (let j = 0; j < i; j += 1) {
        const d = between(found[i]!.colour, found[j]!.colour);
        if (d < near) [near, pair] = [d, [j, i]];
      }
    if (!pair) break;
    const [a, b] = [found[pair[0]]!, found[pair[1]]!];
    const count = a.count + b.count;
    const colour = [0, 1, 2].map((k) => (a.colour[k]! * a.count + b.colour[k]! * b.count) / count) as unknown as Colour;
    found = [...found.filter((f) => f !== a && f !== b), { colour, count }];
  }
  return found.map((f) => f.colour);
}

/** The place that is farther than all but one in two hundred: a single odd place is no fabric. */
function nearlyFarthest(far: readonly number[]): number {
  const sorted = Float64Array.from(far).sort();
  return far.indexOf(sorted[sorted.length - 1 - Math.floor(far.length / 200)]!);
}

function rounds(all: readonly Colour[], begun: readonly Colour[]): { colour: Colour; count: number }[] {
  let centres = [...begun];
  let counts: number[] = [];
  for (let round = 0; round < ROUNDS; round += 1) {
    const sums = centres.map(() => [0, 0, 0]);
    counts = centres.map(() => 0);
    for (const c of all) {
      const k = nearestOf(c, centres);
      counts[k]! += 1;
      for (let j = 0; j < 3; j += 1) sums[k]![j]! += c[j]!;
    }
    centres = centres.map((c, k) => (counts[k]! > 0 ? (sums[k]!.map((s) => s / counts[k]!) as unknown as Colour) : c));
  }
  return centres.map((colour, k) => ({ colour, count: counts[k]! })).filter((c) => c.count > 0);
}

export const meanOf = (all: readonly Colour[]): Colour =>
  [0, 1, 2].map((k) => all.reduce((sum, c) => sum + c[k]!, 0) / all.length) as unknown as Colour;
