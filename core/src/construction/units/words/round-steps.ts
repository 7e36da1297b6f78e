/** The words of units/round-steps. */
import { type Said, say, spoken } from '../../../words';

export const words = spoken('units/round-steps', {
  layTwoTrianglesOnOppositeSides: (seamWords: Said) =>
    say`Lay two triangles on opposite sides of the square, right sides together, centres matched. Their tips reach beyond it evenly. Sew ${seamWords} from the edge, the square on top.`,
  pressOutwardsTrimTheTipsEven: 'Press outwards. Trim the tips even with the square.',
  sewTheOtherTwoTrianglesTo: 'Sew the other two triangles to the other sides in the same way.',
  pressOutwards: 'Press outwards.',
  trimTheDogEars: 'Trim the dog-ears.',
  trimToSquareAboutTheCentre: (sizeWords: Said, sizeWords2: Said, seamWords: Said) =>
    say`Trim to ${sizeWords} square about the centre: every side lies ${sizeWords2} from the middle, ${seamWords} beyond the points.`,
});
