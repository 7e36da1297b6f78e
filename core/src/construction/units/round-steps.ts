/** The steps of triangles that are sewn round a square: two opposite ones, then the other two, then the trim about the centre. */
import type { Ply } from '../../hands';
import { ears, underRuler } from '../scenes/pairs';
import { roundStep, type RoundPieces, type Rounded } from '../scenes/rounds';
import type { SewingStyle } from '../style';
import { seamOf, seamWords, sizeWords } from './reading';
import type { Step } from './step';
import type { UnitInBlock } from './unit-kind';

export const fourOf = (roles: readonly string[]): RoundPieces['roles'] => [roles[0]!, roles[1]!, roles[2]!, roles[3]!];

/** One round, sewn and pressed. */
export function roundSteps(rounded: Rounded, round: number, style: SewingStyle): Step[] {
  return [
    {
      act: 'sew',
      text: `Lay two triangles on opposite sides of the square, right sides together, centres matched. Their tips reach beyond it evenly. Sew ${seamWords(style)} from the edge, the square on top.`,
      scene: () => roundStep(rounded, round, 0, 'sew'),
    },
    {
      act: 'press',
      text: 'Press outwards. Trim the tips even with the square.',
      scene: () => roundStep(rounded, round, 0, 'press'),
    },
    {
      act: 'sew',
      text: 'Sew the other two triangles to the other sides in the same way.',
      scene: () => roundStep(rounded, round, 1, 'sew'),
    },
    { act: 'press', text: 'Press outwards.', scene: () => roundStep(rounded, round, 1, 'press') },
  ];
}

/** The trim of a round about its centre, or of its ears where it is sewn to size. `sewn`: the unit, its middle at the origin. */
export function aboutCentre({ w }: Pick<UnitInBlock, 'w'>, style: SewingStyle, sewn: () => Ply[], large: boolean): Step {
  const s = seamOf(style);
  const unfinished = w.plus(s.times(2));
  const u = unfinished.toNumber();
  if (!large) return { act: 'trim', text: 'Trim the dog-ears.', scene: () => ears(sewn(), u) };
  return {
    act: 'trim',
    text: `Trim to ${sizeWords(unfinished, style)} square about the centre: every side lies ${sizeWords(w.over(2).plus(s), style)} from the middle, ${seamWords(style)} beyond the points.`,
    scene: (hand) => underRuler(sewn(), [u, u], hand, { diagonal: false }),
  };
}
