/** Photographs of blocks that nobody took: everything that light, lens and table do to one, from a seed. */
import type { Block } from '../../src/block';
import { fromUnitSquare, inverse, taken, type Corner, type Corners } from '../../src/eye/homography';
import type { Pixels } from '../../src/eye/pixels';
import { SIDE, blockMap } from './block-map';
import type { Chances } from './chances';
import { averageOf, farness, hex, inked, type MadeFabric, type Rgb } from './fabrics';

export interface Conditions {
  /** Pixels of the picture. */
  width: number;
  height: number;
  /** Degrees from looking straight down. */
  tilt: number;
  /** Degrees that the block lies turned. */
  roll: number;
  /** The block's side as a share of the picture's shorter side. */
  fills: number;
  /** How much the light falls from one side to the other, as a share. */
  gradient: number;
  /** A shadow that lies across, as a share of the light; 0 for none. */
  shadow: number;
  /** Red and blue of the lamp, 1 for daylight. */
  cast: readonly [red: number, blue: number];
  /** How dark seams are, as a share, and how wide, as a share of the side. */
  seams: readonly [dark: number, wide: number];
  /** Spread of the noise, of 255. */
  noise: number;
  /** Radius of the blur in pixels. */
  blur: number;
  /** How much the lens bends, as a share at the picture's corner. */
  lens: number;
  /** How far the cloth goes on beyond the block's edge, as a share of its side: seam allowances. */
  allowance: number;
  ground: Rgb;
}

export interface MadePicture extends Pixels {
  corners: Corners;
}

/** What lies at a place of the thing that is photographed, both from 0 to 1, and how light it is there; undefined where the table shows. */
export type Scene = (x: number, y: number) => { colour: Rgb; shade: number } | undefined;

export function madePicture(block: Block, fabrics: readonly MadeFabric[], of: Conditions, by: Chances): MadePicture {
  const { patch, seam } = blockMap(block, of.seams[1]);
  const roles = [...new Set(block.patches.map((p) => p.role))].sort();
  const fabricOf = block.patches.map((p) => fabrics[roles.indexOf(p.role)]!);
  const wide = block.grid[0] / block.grid[1];
  return photographed(wide, of, by, () => {
    // Each piece was cut from another place of its fabric.
    const shift = block.patches.map(() => [by.next(), by.next()] as const);
    return (x, y) => {
      // Beyond its edge the block's outer patches go on, with their print.
      const [u, v] = [x, y].map((n) => n * (1 + 2 * of.allowance) - of.allowance) as [number, number];
      const [column, row] = [u, v].map((n) => Math.max(0, Math.min(SIDE - 1, Math.floor(n * SIDE)))) as [number, number];
      const at = row * SIDE + column;
      const i = patch[at]!;
      const fabric = fabricOf[i]!;
      const colour = inked(fabric, u + shift[i]![0], v + shift[i]![1]) ? fabric.ink : fabric.ground;
      return { colour, shade: 1 - of.seams[0] * seam[at]! };
    };
  });
}

/** A photograph of a scene that is so many times as wide as high. `laid`: makes it, when its corners are known. */
export function photographed(wide: number, of: Conditions, by: Chances, laid: () => Scene): MadePicture {
  const { width, height } = of;
  const corners = projected(of, wide, by);
  const back = inverse(fromUnitSquare(corners)!)!;
  const scene = laid();
  const lightAt = by.between(0, 2 * Math.PI);
  const [lx, ly] = [Math.cos(lightAt), Math.sin(lightAt)];
  const across = by.between(-0.2, 0.2);
  const grain = Array.from({ length: 4096 }, () => by.normal());
  const light = new Float32Array(width * height * 3);
  const centre = [width / 2, height / 2] as const;
  const far = Math.hypot(...centre);
  for (let y = 0; y < height; y += 1)
    for (let x = 0; x < width; x += 1) {
      const [dx, dy] = [(x - centre[0]) / far, (y - centre[1]) / far];
      const bent = 1 + of.lens * (dx * dx + dy * dy);
      const [u, v] = taken(back, centre[0] + dx * far * bent, centre[1] + dy * far * bent);
      const there = u >= 0 && u < 1 && v >= 0 && v < 1 ? scene(u, v) : undefined;
      const colour = there?.colour ?? of.ground;
      let shade = there?.shade ?? 1 + 0.06 * Math.sin((x * 0.13 + y * 0.02) * (900 / width)) * grain[(x >> 3) & 4095]!;
      const side = dx * lx + dy * ly;
      shade *= 1 + of.gradient * side;
      if (side > across) shade *= 1 - of.shadow * Math.min(1, (side - across) * 12);
      const at = (y * width + x) * 3;
      light[at] = linear(colour[0]) * shade * of.cast[0];
      light[at + 1] = linear(colour[1]) * shade;
      light[at + 2] = linear(colour[2]) * shade * of.cast[1];
    }
  const soft = blurred(light, width, height, of.blur);
  const data = new Uint8ClampedArray(width * height * 4);
  for (let i = 0; i < width * height; i += 1) {
    for (let k = 0; k < 3; k += 1) data[4 * i + k] = 255 * Math.max(0, soft[3 * i + k]!) ** (1 / 2.2) + of.noise * by.normal();
    data[4 * i + 3] = 255;
  }
  return { width, height, data, corners };
}

const LINEAR = Array.from({ length: 256 }, (_, n) => (n / 255) ** 2.2);
const linear = (n: number) => LINEAR[Math.max(0, Math.min(255, Math.round(n)))]!;

/** Where a block's corners come to lie: a pinhole camera above the table. */
function projected({ width, height, tilt, roll, fills }: Conditions, wide: number, by: Chances): Corners {
  const side = Math.min(width, height) * fills;
  const [w, h] = wide >= 1 ? [side, side / wide] : [side * wide, side];
  const towards = by.between(0, 2 * Math.PI);
  const [t, r] = [(tilt * Math.PI) / 180, (roll * Math.PI) / 180];
  const focal = Math.max(width, height) * 1.2;
  const at = (x: number, y: number): Corner => {
    const [rx, ry] = [x * Math.cos(r) - y * Math.sin(r), x * Math.sin(r) + y * Math.cos(r)];
    // Tilted about an axis in the table that looks `towards`.
    const along = rx * Math.cos(towards) + ry * Math.sin(towards);
    const across = ry * Math.cos(towards) - rx * Math.sin(towards);
    const [low, deep] = [across * Math.cos(t), across * Math.sin(t)];
    const near = focal / (focal + deep);
    const [px, py] = [along * near, low * near];
    return [
      width / 2 + px * Math.cos(towards) - py * Math.sin(towards),
      height / 2 + px * Math.sin(towards) + py * Math.cos(towards),
    ];
  };
  return [at(-w / 2, -h / 2), at(w / 2, -h / 2), at(w / 2, h / 2), at(-w / 2, h / 2)];
}

/** Each place the mean of those around it, by a bell curve of that radius. */
function blurred(light: Float32Array, width: number, height: number, radius: number): Float32Array {
  if (radius <= 0) return light;
  let from = light;
  const far = Math.ceil(2.5 * radius);
  const shares = Array.from({ length: 2 * far + 1 }, (_, i) => Math.exp(-(((i - far) / radius) ** 2) / 2));
  for (const [step, line, count, lines] of [
    [3, width * 3, width, height],
    [width * 3, 3, height, width],
  ] as const) {
    const to = new Float32Array(from.length);
    for (let l = 0; l < lines; l += 1)
      for (let k = 0; k < 3; k += 1) {
        const start = l * line + k;
        for (let i = 0; i < count; i += 1) {
          let [sum, weight] = [0, 0];
          for (let d = Math.max(-far, -i); d <= far && i + d < count; d += 1) {
            const share = shares[d + far]!;
            sum += share * from[start + (i + d) * step]!;
            weight += share;
          }
          to[start + i * step] = sum / weight;
        }
      }
    from = to;
  }
  return from;
}

/** Conditions by how hard they are for the eye. */
export function conditions(
  by: Chances,
  hard: 'clean' | 'fair' | 'hard',
  { size, fabrics }: { size: readonly [number, number]; fabrics: readonly MadeFabric[] },
): Conditions {
  const [width, height] = size;
  const grounds: Rgb[] = [
    [150, 111, 70],
    [228, 226, 220],
    [48, 46, 52],
    [120, 128, 118],
    [186, 160, 128],
  ];
  // Somebody who takes a photograph lays the block where it can be seen.
  const apart = grounds.filter((ground) => fabrics.every((fabric) => farness(hex(ground), averageOf(fabric)) >= 15));
  const base = {
    width,
    height,
    allowance: 0,
    ground: by.oneOf(apart.length > 0 ? apart : grounds),
    fills: by.between(0.6, 0.78),
  };
  if (hard === 'clean')
    return {
      ...{ ...base, tilt: 0, roll: 0, gradient: 0, shadow: 0, cast: [1, 1], seams: [0.2, 0.006], noise: 0, blur: 0.5, lens: 0 },
    };
  if (hard === 'fair')
    return {
      ...{ ...base, tilt: by.between(0, 25), roll: by.between(-12, 12), gradient: by.between(0, 0.35), shadow: 0 },
      ...{ cast: [by.between(0.95, 1.15), by.between(0.8, 1.05)], seams: [by.between(0.12, 0.3), by.between(0.004, 0.009)] },
      ...{ noise: by.between(1, 5), blur: by.between(0.5, 1.2), lens: by.between(-0.01, 0.01) },
      allowance: by.oneOf([0, by.between(0.015, 0.04)]),
    };
  return {
    ...{
      ...base,
      tilt: by.between(20, 40),
      roll: by.between(-20, 20),
      gradient: by.between(0.2, 0.6),
      shadow: by.between(0, 0.4),
    },
    ...{ cast: [by.between(0.9, 1.3), by.between(0.6, 1.1)], seams: [by.between(0.05, 0.2), by.between(0.003, 0.008)] },
    ...{ noise: by.between(4, 12), blur: by.between(1, 2.5), lens: by.between(-0.04, 0.04) },
  };
}
