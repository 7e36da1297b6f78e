/** The words of ask. */
import { spoken } from '@aggrega/core/words';

export const words = spoken('ask', {
  // saver.svelte.ts
  theServerCouldNotSave: 'The server could not save just now.',
  weCantReachTheServer: 'We can’t reach the server. Your change is kept on this device and will be sent again.',
  theProgrammeIsNoLonger: 'We can’t find that programme any more.',
});
