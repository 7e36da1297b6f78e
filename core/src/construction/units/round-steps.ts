/** The steps of triangles that are sewn round a square: two opposite ones, then the other two, then the trim about the centre. */
import type { Ply } from '../../hands';
import { ears, underRuler } from '../scenes/pairs';
import { roundStep, type RoundPieces, type Rounded } from '../scenes/rounds';
import type { SewingStyle } from '../style';
import { seamOf, seamWords, sizeWords } from './reading';
import type { Step } from './step';
import type { UnitInBlock } from './unit-kind';
import { words } from './words/round-steps';

export const fourOf = (roles: readonly string[]): RoundPieces['roles'] => [roles[0]!, roles[1]!, roles[2]!, roles[3]!];

/** One round, sewn and pressed. */
export function roundSteps(rounded: Rounded, round: number, style: SewingStyle): Step[] {
  return [
    {
      act: 'sew',
      text: words.layTwoTrianglesOnOppositeSides(seamWords(style)),
      scene: () => roundStep(rounded, round, 0, 'sew'),
    },
    {
      act: 'press',
      text: words.pressOutwardsTrimTheTipsEven,
      scene: () => roundStep(rounded, round, 0, 'press'),
    },
    {
      act: 'sew',
      text: words.sewTheOtherTwoTrianglesTo,
      scene: () => roundStep(rounded, round, 1, 'sew'),
    },
    { act: 'press', text: words.pressOutwards, scene: () => roundStep(rounded, round, 1, 'press') },
  ];
}

/** The trim of a round about its centre, or of its ears where it is sewn to size. `sewn`: the unit, its middle at the origin. */
export function aboutCentre({ w }: Pick<UnitInBlock, 'w'>, style: SewingStyle, sewn: () => Ply[], large: boolean): Step {
  const s = seamOf(style);
  const unfinished = w.plus(s.times(2));
  const u = unfinished.toNumber();
  if (!large) return { act: 'trim', text: words.trimTheDogEars, scene: () => ears(sewn(), u) };
  return {
    act: 'trim',
    text: words.trimToSquareAboutTheCentre(sizeWords(unfinished, style), sizeWords(w.over(2).plus(s), style), seamWords(style)),
    scene: (hand) => underRuler(sewn(), [u, u], hand, { diagonal: false }),
  };
}
