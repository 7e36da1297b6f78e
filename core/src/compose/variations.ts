/** New blocks from a drawing: its parts turned in their places, so that the block still looks the same from its four sides. */
import { seeded } from '../measure';
import { PER_CELL, boxOf, tidy, turnBlock, mirrorBlock, type Block, type Patch, type Point } from '../block';

/** The rings of parts that a turn of the block carries into one another, by how many parts stand along a side. */
const LATTICES = [2, 3, 4];

/** How a drawing is varied: it is cut `side` times across and down, and each ring of its parts is turned by so many quarters. */
export interface Turns {
  side: number;
  quarters: readonly number[];
}

/** More ways than that are not all tried: as many as chance gives. */
const TRIES = 24;

/**
 * Ways of varying a square block; no drawing that they give looks like the block itself, or like another, or is one of them turned, seen in a mirror, or
 * with its letters exchanged.
 */
export function variationsOf(block: Block): Turns[] {
  if (block.grid[0] !== block.grid[1]) return [];
  const random = seeded(1);
  const seen = new Set([lookOf(block)]);
  return LATTICES.flatMap((side) => {
    const rings = ringsOf(block, side)?.length ?? 0;
    const ways = 4 ** rings;
    return Array.from({ length: Math.min(ways, TRIES) - 1 }, (_, i): Turns => {
      const way = ways <= TRIES ? i + 1 : 1 + Math.floor(random() * (ways - 1));
      return { side, quarters: Array.from({ length: rings }, (_ring, ring) => Math.floor(way / 4 ** ring) % 4) };
    }).filter((turns) => seen.size < seen.add(lookOf(varied(block, turns))).size);
  });
}

/** The block with its rings of parts turned. Throws RangeError where it cannot be cut like that. */
export function varied(block: Block, { side, quarters }: Turns): Block {
  const rings = ringsOf(block, side);
  if (rings?.length !== quarters.length) throw new RangeError(`${block.id} has no such rings`);
  return turnedRings(block, rings, quarters);
}

interface Part {
  /** Corner of its box, in twelfths of a cell. */
  at: Point;
  patches: Patch[];
}

interface Ring {
  size: number;
  parts: Part[];
}

/** The parts of a block that is cut `side` times across and down, ring by ring; undefined where a patch lies across a cut. */
function ringsOf(block: Block, side: number): Ring[] | undefined {
  const whole = block.grid[0] * PER_CELL;
  if (whole % side !== 0) return undefined;
  const size = whole / side;
  const parts = new Map<string, Part>();
  for (const patch of block.patches) {
    const { x, y, w, h } = boxOf(patch.points);
    const [i, j] = [Math.floor(x / size), Math.floor(y / size)];
    if (x + w > (i + 1) * size || y + h > (j + 1) * size) return undefined;
    const part = parts.get(`${i},${j}`) ?? { at: [i * size, j * size], patches: [] };
    part.patches.push(patch);
    parts.set(`${i},${j}`, part);
  }
  const rings: Ring[] = [];
  const taken = new Set<string>();
  for (const [name] of parts) {
    if (taken.has(name)) continue;
    let [i, j] = name.split(',').map(Number) as [number, number];
    const ring: Ring = { size, parts: [] };
    for (let n = 0; n < 4; n += 1) {
      if (!taken.has(`${i},${j}`)) ring.parts.push(parts.get(`${i},${j}`)!);
      taken.add(`${i},${j}`);
      [i, j] = [side - 1 - j, i];
    }
    // A ring of plain squares looks the same however it is turned.
    if (ring.parts.some((p) => p.patches.length > 1)) rings.push(ring);
  }
  return rings.length > 0 ? rings : undefined;
}

function turnedRings(block: Block, rings: readonly Ring[], quarters: readonly number[]): Block {
  const moved = new Map<Patch, Patch>();
  rings.forEach(({ size, parts }, ring) => {
    for (const { at, patches } of parts)
      for (const patch of patches) moved.set(patch, turnedPatch(patch, at, size, quarters[ring]!));
  });
  return { ...block, patches: block.patches.map((p) => moved.get(p) ?? p) };
}

function turnedPatch({ role, points }: Patch, [x, y]: Point, size: number, quarters: number): Patch {
  let turned: readonly Point[] = points;
  for (let n = 0; n < quarters; n += 1) turned = turned.map(([px, py]): Point => [x + size - (py - y), y + (px - x)]);
  return { role, points: tidy([...turned]) };
}

/** The same text for drawings that are one another turned, seen in a mirror, or with their letters exchanged. */
export function lookOf(block: Block): string {
  const sides = [0, 1, 2, 3].flatMap((quarters) => {
    const turned = turnBlock(block, quarters);
    return [turned, mirrorBlock(turned)];
  });
  return sides.map(withoutLetters).sort()[0]!;
}

/** Its outlines in order, each with the number at which its letter first comes. */
function withoutLetters({ patches }: Block): string {
  const outlines = patches
    .map(({ role, points }) => ({ role, text: points.join(' ') }))
    .sort((a, b) => (a.text < b.text ? -1 : 1));
  const numbers = new Map<string, number>();
  return outlines
    .map(({ role, text }) => {
      const number = numbers.get(role) ?? numbers.size;
      numbers.set(role, number);
      return `${number}:${text}`;
    })
    .join('; ');
}

/** Whether one of its mirror images is the block itself, letters and all. */
export function isEven(block: Block): boolean {
  const text = ({ patches }: Block) =>
    patches
      .map(({ role, points }) => `${role} ${points.join(' ')}`)
      .sort()
      .join(';');
  const own = text(block);
  return [0, 1, 2, 3].some((quarters) => text(mirrorBlock(turnBlock(block, quarters))) === own);
}
