/** The words of sheet/month-paper. */
import { plural, type Said, say, spoken } from '../../words';

export const words = spoken('sheet/month-paper', {
  forWords: (list: Said) => say` for ${list}`,
  instructionSheet: (more: Said) => say`Instruction sheet${more}`,
  blocks: (make: Said) => say`${make} blocks. `,
  ofTheBlocksMakeWithLeft: (text: Said, inWords: Said, mirrored: number) =>
    say` ${text} of the ${inWords} blocks ${plural(mirrored, { one: 'is a mirror image', other: 'are mirror images' })}: make ${plural(mirrored, { one: 'it', other: 'them' })} with left and right reversed.`,
  finishedSize: (named: Said, many: Said) => say`${named}${many}Finished size `,
  square: (size: Said, unit: Said) => say`${size} ${unit} square`,
  withItsItMeasuresUnfinished: (name: Said, size: Said) => say` With its ${name} it measures ${size} unfinished.`,
  unfinished: 'unfinished ',
  frame: 'frame',
  coping: 'coping',
  youWillNeed: 'You will need',
  cut: 'Cut',
  stepByStep: 'Step by step',
  layOut: 'Lay it out',
  putItTogether: 'Put it together',
  check: 'Check',
});
