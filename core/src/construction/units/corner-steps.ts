/** The steps that all stitch-and-flip corners share, in both schools: cut off and then pressed out, or pressed out and then cut off. */
import { cornersAt, cornersPressed, flipped, squaresMarked, type Cornered } from '../scenes/corners';
import { seamWords } from './reading';
import type { SewingStyle } from '../style';
import type { Step } from './step';
import { words } from './words/corner-steps';

/** How a sewn corner is finished, in a sentence. */
export const cornerOff = (style: SewingStyle): string =>
  style.corners === 'pressed-first'
    ? words.pressItOutThenFoldIt(seamWords(style))
    : words.cutOutsideTheSeamAndPress(seamWords(style));

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
    text: words.foldItOutAlongTheSeam,
    scene: () => flipped(cornered, first),
  };
  const cut: Step = {
    act: 'apart',
    text: words.outsideTheSeamThroughBothLayers(pressedFirst ? words.foldTheCornerBackAndCut : words.cut, seam),
    scene: () => cornersAt(cornered, first, 'cut'),
  };
  const press: Step = {
    act: 'press',
    text: pressedFirst ? words.pressItOutSoThatIt : words.pressOutwards,
    scene: () => (pressedFirst ? flipped(cornered, first) : cornersPressed(cornered, first.length, first)),
  };
  return [
    {
      act: 'mark',
      text: words.drawADiagonalLineOnThe,
      scene: () => squaresMarked(cornered),
    },
    { act: 'place', text: laid, scene: () => cornersAt(cornered, first, 'place') },
    {
      act: 'sew',
      text: words.sewOnTheLineOrOne,
      scene: () => cornersAt(cornered, first, 'sew'),
    },
    ...(bonus ? [{ act: 'bonus', text: bonus, scene: () => cornersAt(cornered, first, 'bonus') } as const] : []),
    ...(pressedFirst ? [press, cut] : [check, cut, press]),
  ];
}
