/** Prints that Aggrega draws itself: one repeat as shapes, in shares of the repeat, so that it can be shown at true scale. */

export const printPatterns = ['dots', 'stripes', 'checks', 'sprigs'] as const;
export type PrintPattern = (typeof printPatterns)[number];

/** Of a fabric: its pattern, the colour printed on the ground, and how long a repeat is in the document's unit. */
export interface Print {
  pattern: PrintPattern;
  ink: string;
  repeat: number;
}

/** A shape of one repeat: an SVG path in a square of side 1, and how much of the ink it takes. */
export interface PrintShape {
  path: string;
  strength: number;
}

const dot = (x: number, y: number, r: number) => `M${x - r} ${y}a${r} ${r} 0 1 0 ${2 * r} 0a${r} ${r} 0 1 0 ${-2 * r} 0z`;
/** A leaf from a point, leaning left (-1) or right. */
const leaf = (x: number, y: number, lean: 1 | -1) =>
  `M${x} ${y}q${0.02 * lean} -0.14 ${0.17 * lean} -0.15q${-0.02 * lean} 0.14 ${-0.17 * lean} 0.15z`;
const sprig = (x: number, y: number) =>
  `M${x - 0.012} ${y}v-0.3h0.024v0.3z${leaf(x, y - 0.05, 1)}${leaf(x, y - 0.05, -1)}${dot(x, y - 0.32, 0.05)}`;

const SHAPES: Record<PrintPattern, PrintShape[]> = {
  // A half drop: every second column half a repeat lower.
  dots: [{ path: dot(0.25, 0.25, 0.12) + dot(0.75, 0.75, 0.12), strength: 1 }],
  stripes: [
    { path: 'M0 0h0.3v1h-0.3z', strength: 1 },
    { path: 'M0.6 0h0.08v1h-0.08z', strength: 1 },
  ],
  checks: [
    { path: 'M0 0h0.5v1h-0.5z', strength: 0.5 },
    { path: 'M0 0h1v0.5h-1z', strength: 0.5 },
  ],
  sprigs: [{ path: sprig(0.25, 0.42) + sprig(0.75, 0.92), strength: 1 }],
};

/** One repeat of a pattern. */
export const printShapes = (pattern: PrintPattern): readonly PrintShape[] => SHAPES[pattern];

/** The share of the ground that the ink covers: what the average colour of the print is mixed from. */
export const inkShare: Record<PrintPattern, number> = { dots: 0.09, stripes: 0.38, checks: 0.5, sprigs: 0.1 };
