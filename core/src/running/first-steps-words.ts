/** The words of the first steps. */
import { plural, type Said, say, spoken } from '../words';

export const words = spoken('core/first-steps', {
  fabrics: 'Choose the fabrics',
  fabricsSay: (names: Said, n: number) =>
    say`${names} ${plural(n, { one: 'needs', other: 'need' })} two fabrics at least, one for each letter of the blocks.`,
  block: (month: Said) => say`Draw the block of ${month}`,
  blockSay: (month: Said) => say`${month} has no block. Take one from the library and change it, or draw it on a grid.`,
  people: 'Say for how many people',
  peopleSay: 'Add participants, or import them as CSV. Without a list, turn the head count on any page of a month.',
  quilt: 'Lay out the quilt',
  quiltSay: 'Without a layout we can’t count sashing, borders, binding and backing. It can wait until you order.',
  months: 'Draw the other months',
  monthsSay: (n: number) => say`${n} ${plural(n, { one: 'month has', other: 'months have' })} no block yet. They can wait.`,
  proof: (month: Said) => say`Proof the sheet of ${month}`,
  proofSay: 'Read it as a participant would, sew one, tick what you checked, and lock it.',
  kits: 'Cut the first kits',
  kitsSay: 'Open the cutting list, cut along it, and tick what is cut. It can wait until the evening that you cut.',
  release: (month: Said) => say`Release ${month}`,
  releaseSay: 'Set its day. It goes out by itself, to everybody by email and on their own pages.',
});
