/** Which patches are of one fabric, by their mean colours. */
import { boxOf } from '../block';
import { between, type Colour } from './colours';
import type { LabPicture } from './pixels';
import type { Place } from './seam-evidence';

/** Fabrics whose means are nearer than this are one. */
const ALIKE = 9;

/** Whether a colour is nearly as near to another fabric as to its own. */
export function isTorn(colour: Colour, own: number, fabrics: readonly Colour[]): boolean {
  const far = between(colour, fabrics[own]!);
  return fabrics.some((other, f) => f !== own && between(colour, other) < far + ALIKE / 2);
}

/** The mean colour of the places within a convex outline, away from its edges where it is wide enough for that. */
export function meanWithin({ width, height, lab }: LabPicture, outline: readonly Place[]): Colour {
  const points = outline.map(([x, y]) => [x * width, y * height] as const);
  const box = boxOf(points);
  for (const inset of [5, 3, 1.5, 0]) {
    const sum = [0, 0, 0];
    let n = 0;
    for (let y = Math.max(0, Math.floor(box.y)); y < Math.min(height, box.y + box.h); y += 1)
      for (let x = Math.max(0, Math.floor(box.x)); x < Math.min(width, box.x + box.w); x += 1) {
        if (!isWithin(points, x + 0.5, y + 0.5, inset)) continue;
        const i = (y * width + x) * 3;
        for (let k = 0; k < 3; k += 1) sum[k]! += lab[i + k]!;
        n += 1;
      }
    if (n >= 12 || (inset === 0 && n > 0)) return sum.map((s) => s / n) as unknown as Colour;
  }
  return [50, 0, 0];
}

function isWithin(points: readonly Place[], x: number, y: number, inset: number): boolean {
  return points.every((p, i) => {
    const q = points[(i + 1) % points.length]!;
    const far = ((q[0] - p[0]) * (y - p[1]) - (q[1] - p[1]) * (x - p[0])) / Math.hypot(q[0] - p[0], q[1] - p[1]);
    return far >= inset;
  });
}

/** Patches of like colour put together, the two groups with the nearest means first; groups by what they cover. */
export function fabricsOf(seen: readonly Colour[], areas: readonly number[]): { fabrics: Colour[]; of: number[] } {
  let groups = seen.map((colour, i) => ({ colour, area: areas[i]!, members: [i] }));
  for (;;) {
    let pair: [number, number] | undefined;
    let near = ALIKE;
    for (let i = 0; i < groups.length; i += 1)
      for (let j = 0; j < i; j += 1) {
        const far = between(groups[i]!.colour, groups[j]!.colour);
        if (far < near) [near, pair] = [far, [j, i]];
      }
    if (!pair) break;
    const [a, b] = [groups[pair[0]]!, groups[pair[1]]!];
    const area = a.area + b.area;
    const colour = [0, 1, 2].map((k) => (a.colour[k]! * a.area + b.colour[k]! * b.area) / area) as unknown as Colour;
    groups = [...groups.filter((g) => g !== a && g !== b), { colour, area, members: [...a.members, ...b.members] }];
  }
  groups.sort((a, b) => b.area - a.area || a.members[0]! - b.members[0]!);
  const of: number[] = [];
  groups.forEach(({ members }, g) => members.forEach((i) => (of[i] = g)));
  return { fabrics: groups.map((g) => g.colour), of };
}
