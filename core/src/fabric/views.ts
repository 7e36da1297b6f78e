/** A colour as others see it: in grey, and without one of the eye's three kinds of cones. */
import {
  filterDeficiencyDeuter,
  filterDeficiencyProt,
  filterDeficiencyTrit,
  formatHex,
  toLab,
  toRgb,
} from '../ink/colour-spaces';

export const views = ['colour', 'grey', 'no-red', 'no-green', 'no-blue'] as const;
export type View = (typeof views)[number];

const without = {
  'no-red': filterDeficiencyProt(1),
  'no-green': filterDeficiencyDeuter(1),
  'no-blue': filterDeficiencyTrit(1),
};

/** The colour in that view, as '#rrggbb'; in grey it keeps its L*. What is no colour stays as it is. */
export function asSeen(colour: string, view: View): string {
  if (view === 'colour') return colour;
  if (view === 'grey') {
    const lab = toLab(colour);
    return lab ? formatHex({ mode: 'lab', l: lab.l, a: 0, b: 0 }) : colour;
  }
  const rgb = toRgb(colour);
  return rgb ? formatHex(without[view](rgb)) : colour;
}
