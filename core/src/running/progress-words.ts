/** The words of progress: a participant's page needs no others of this room. */
import { spoken } from '../words';

/** What a participant ticks off. */
export const progressNames = spoken('core/running-progress', {
  cut: 'cut',
  units: 'units sewn',
  block: 'block finished',
});
