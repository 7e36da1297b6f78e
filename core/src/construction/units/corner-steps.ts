/** The steps that all stitch-and-flip corners share, in both schools: cut off and then pressed out, or pressed out and then cut off. */
import { cornersAt, cornersPressed, flipped, squaresMarked, type Cornered } from '../scenes/corners';
import { seamWords } from './reading';
import type { SewingStyle } from '../style';
import type { Step } from './step';

/** How a sewn corner is finished, in a sentence. */
export const cornerOff = (style: SewingStyle): string =>
  style.corners === 'pressed-first'
    ? `Press it out. Then fold it back and cut ${seamWords(style)} outside the seam.`
    : `Cut ${seamWords(style)} outside the seam and press outwards.`;

/**
 * The first corners from their drawn line to the iron. `laid`: how the squares are laid; `first`: which corners, by their number in
 * the order of sewing.
 */
export function cornerSteps(
  cornered: Cornered,
  style: SewingStyle,
  { laid, first, bonus }: { laid: string; first: readonly number[]; bonus?: string },
): Step[] {
  const seam = seamWords(style);
  const pressedFirst = style.corners === 'pressed-first';
  const check: Step = {
    act: 'check',
    text: 'Fold it out along the seam: it must reach the corner of the base exactly.',
    scene: () => flipped(cornered, first),
  };
  const cut: Step = {
    act: 'apart',
    text: `${pressedFirst ? 'Fold the corner back and cut' : 'Cut'} ${seam} outside the seam, through both layers.`,
    scene: () => cornersAt(cornered, first, 'cut'),
  };
  const press: Step = {
    act: 'press',
    text: pressedFirst ? 'Press it out, so that it reaches the corner of the base exactly.' : 'Press outwards.',
    scene: () => (pressedFirst ? flipped(cornered, first) : cornersPressed(cornered, first.length, first)),
  };
  return [
    {
      act: 'mark',
      text: 'Draw a diagonal line on the back of each small square.',
      scene: () => squaresMarked(cornered),
    },
    { act: 'place', text: laid, scene: () => cornersAt(cornered, first, 'place') },
    {
      act: 'sew',
      text: 'Sew on the line, or one thread to the side of the corner.',
      scene: () => cornersAt(cornered, first, 'sew'),
    },
    ...(bonus ? [{ act: 'bonus', text: bonus, scene: () => cornersAt(cornered, first, 'bonus') } as const] : []),
    ...(pressedFirst ? [press, cut] : [check, cut, press]),
  ];
}
