/** The words of sheet/cautions. */
import { spoken } from '../../words';

export const words = spoken('sheet/cautions', {
  closeTheBlade: 'Close the blade whenever it leaves your hand, and cut away from your body.',
  keepYourFingersBehind:
    'Keep your fingers behind the ruler’s edge. For long runs use a gripping or guarded ruler, or a cut-resistant glove.',
  changeDullBlades: 'Change dull blades, which slip, and dispose of them in a sharps container as local rules say.',
  doNotStackMore: 'Do not stack more layers than the blade cuts cleanly.',
  standAtATable: 'Stand at a table of hip height and take breaks. Keep children and pets away.',
  standTheIron: 'Stand the iron on its heel and unplug it when you finish. Keep pins out of your mouth.',
  atWork: 'For employees and for classes, the local rules on workplace safety come first; this text does not replace them.',
  safety:
    'Safety: close the blade whenever you put the cutter down, cut away from yourself, and keep your fingers behind the ruler’s edge.',
});
