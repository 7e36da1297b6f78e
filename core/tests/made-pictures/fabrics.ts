/** Fabrics as a made-up photograph shows them: a ground, and perhaps something printed on it. */
import { differenceCiede2000, formatHex, toRgb } from '../../src/ink/colour-spaces';
import type { Chances } from './chances';

export type Rgb = readonly [r: number, g: number, b: number];

export interface MadeFabric {
  ground: Rgb;
  ink: Rgb;
  pattern: 'plain' | 'dots' | 'stripes' | 'checks' | 'sprigs';
  /** A repeat, as a share of the block's side. */
  repeat: number;
  /** How far the print is turned, in radians. */
  turn: number;
}

/** Whether the print's ink lies at a place of the block, both coordinates from 0 to 1. */
export function inked({ pattern, repeat, turn }: MadeFabric, x: number, y: number): boolean {
  if (pattern === 'plain') return false;
  const [c, s] = [Math.cos(turn), Math.sin(turn)];
  const [u, v] = [(x * c + y * s) / repeat, (y * c - x * s) / repeat].map((n) => n - Math.floor(n)) as [number, number];
  switch (pattern) {
    case 'dots':
      return Math.hypot(u - 0.25, v - 0.25) < 0.17 || Math.hypot(u - 0.75, v - 0.75) < 0.17;
    case 'stripes':
      return u < 0.3 || (u > 0.6 && u < 0.68);
    case 'checks':
      return u < 0.5 !== v < 0.5;
    case 'sprigs':
      return (Math.abs(u - 0.3) < 0.05 && v < 0.5) || Math.abs(u - 0.3) + Math.abs(v - 0.3) * 2 < 0.2;
  }
}

/** A plain fabric of a colour, '#rrggbb'. */
export function clothOf(colour: string): MadeFabric {
  const { r, g, b } = toRgb(colour)!;
  const ground = [r, g, b].map((n) => Math.round(n * 255)) as unknown as Rgb;
  return { ground, ink: ground, pattern: 'plain', repeat: 0.03, turn: 0 };
}

export const hex = ([r, g, b]: Rgb) => formatHex({ mode: 'rgb', r: r / 255, g: g / 255, b: b / 255 });
const differ = differenceCiede2000();
/** The average of a fabric, as '#rrggbb'. */
export function averageOf({ ground, ink, pattern }: MadeFabric): string {
  const share = { plain: 0, dots: 0.18, stripes: 0.38, checks: 0.5, sprigs: 0.12 }[pattern];
  return hex([0, 1, 2].map((k) => ground[k]! * (1 - share) + ink[k]! * share) as unknown as Rgb);
}

/** How far two colours, as '#rrggbb', are from each other (CIEDE2000). */
export const farness = (a: string, b: string): number => differ(toRgb(a)!, toRgb(b)!);

const colour = (by: Chances): Rgb => [by.whole(15, 245), by.whole(15, 245), by.whole(15, 245)];
const toward = (from: Rgb, to: Rgb, share: number): Rgb =>
  [0, 1, 2].map((k) => Math.round(from[k]! * (1 - share) + to[k]! * share)) as unknown as Rgb;

/** Fabrics of which any two averages are at least so far apart; `printed`: the chance that one has a print. */
export function madeFabrics(
  by: Chances,
  { many, apart, printed }: { many: number; apart: number; printed: number },
): MadeFabric[] {
  const found: MadeFabric[] = [];
  for (let tries = 0; found.length < many; tries += 1) {
    if (tries > 400) return madeFabrics(by, { many, apart: apart * 0.9, printed });
    const ground = colour(by);
    const fabric: MadeFabric = {
      ground,
      ink: toward(ground, colour(by), by.between(0.3, 0.8)),
      pattern: by.next() < printed ? by.oneOf(['dots', 'stripes', 'checks', 'sprigs'] as const) : 'plain',
      repeat: by.between(0.012, 0.045),
      turn: by.oneOf([0, Math.PI / 2, 0.3]),
    };
    if (found.every((other) => farness(averageOf(other), averageOf(fabric)) >= apart)) found.push(fabric);
  }
  return found;
}
