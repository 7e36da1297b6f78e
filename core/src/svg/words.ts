/** The words of drawings from other programs. */
import { type Said, say, spoken } from '../words';

export const words = spoken('core/svg', {
  theDrawingIsNoSvg: 'this file isn’t an SVG drawing',
  theDrawingIsTooLarge: 'this drawing is larger than a block can be: 2 MB, 4,096 shapes',
  aShapeCannotBeRead: (start: Said) => say`the shape that begins with ‘${start}’ can’t be read`,
  nothingIsDrawn: 'nothing is drawn here: no shape and no line with straight edges',
  seamsCrossOffTheGrid: (x: Said, y: Said) =>
    say`two seams cross at ${x} across and ${y} down, which is off this grid. Try a finer one`,
  theDrawingIsTooIntricate: 'there are more seams here than a block can have',
});
