/** The words of sheet/lay-words. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/lay-words', {
  inTheCorner: (fabricWord: Said, corner: Said) => say`${fabricWord} in the ${corner} corner`,
  pointing: (where: Said) => say`pointing ${where}`,
  toTheRight: 'to the right',
  toTheLeft: 'to the left',
  down: 'down',
  up: 'up',
  pressed: (toThe: Said) => say`pressed ${toThe}`,
  pressedLikeTheOnes: (value: Said) => say`pressed like the ${value} ones`,
  soThatTheSeamsNestLay: (rows: Said) => say`So that the seams nest, lay them like this. ${rows}`,
  fromTheLeft: 'From the left',
  top: 'Top',
  bottom: 'Bottom',
  middle: 'Middle',
  row: (more: Said) => say`${more} row`,
  row2: (value: Said) => say`Row ${value}`,
  clockwise: 'clockwise',
  anticlockwise: 'anticlockwise',
  layOneAtTheAsYou: (label: Said, corner: Said, clockwise: Said) =>
    say`Lay one ${label} at the ${corner}, as you sewed it. Give each of the next three a quarter turn ${clockwise} as you go round.`,
  quarterClockwise: 'a quarter turn clockwise',
  upsideDown: 'upside down',
  quarterAnticlockwise: 'a quarter turn anticlockwise',
  topLeft: 'top left',
  topRight: 'top right',
  bottomRight: 'bottom right',
  bottomLeft: 'bottom left',
  right: 'right',
  left: 'left',
});
