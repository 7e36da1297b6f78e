/** The words of sheet/units-ahead. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/units-ahead', {
  putTheUnitsAndThePieces: (name: Said) =>
    say`Put the units, and the pieces that are left, in a bag marked ‘${name}’. The sheet of ${name} tells how they go together.`,
  youWillNeed: 'You will need',
  youCutAndSewedTheUnits: (name: Said) => say`You cut and sewed the units with ${name}. Take out its bag and count:`,
  unitOrPiece: 'Unit or piece',
  howMany: 'How many',
  measures: 'Measures',
});
