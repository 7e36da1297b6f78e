/** What the Sheet station says about the organiser's own words. */
import type { SheetPart } from '@aggrega/core/programme';

/** Where notes go. */
export const PARTS: Record<SheetPart, string> = {
  start: 'at the top',
  need: 'after “You will need”',
  cut: 'after “Cut”',
  units: 'after “Make the units”',
  layout: 'after the layout',
  join: 'after the block is joined',
  check: 'after the size to measure',
  end: 'at the end',
};

export const PLACE = {
  begin: 'Write this in your own words',
  field: 'Your own words',
  save: 'Put it on the sheet',
  cancel: 'Cancel',
  leaveOut: 'Leave it out',
  mine: 'Yours, instead of: ',
  computedAgain: 'use the computed words again',
  hidden: 'Left out: ',
  putBack: 'put it back',
  aside: 'You wrote, for other words than these: ',
  useHere: 'use it here too',
  forget: 'delete it',
};

export const WRITING = {
  begin: 'Change the words of a step',
  end: 'Done with the words',
  hint: 'Choose any sentence on the sheet and write it your way. The computed one is kept, and you are told when it changes.',
};

export const NOTES = {
  title: 'Your own notes',
  where: 'Place',
  none: 'No notes here yet.',
  add: 'Add a note',
  addPhoto: 'Add a photo',
  hide: 'hide',
  show: 'show',
  hiddenNow: 'not on the sheet',
  up: 'Move it up',
  down: 'Move it down',
  remove: 'remove',
  takeOff: 'remove the photo',
  sending: 'Sending the photo…',
};
