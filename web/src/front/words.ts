/** What is said where no process can answer. */
import { spoken } from '@aggrega/core/words';

export const words = spoken('front', {
  interrupted: 'The server was interrupted while it worked on this. What was shown as saved is safe; try again in a moment.',
});
