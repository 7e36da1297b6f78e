/** The words of sheet/need-paper. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/need-paper', {
  youWillNeed: 'You will need',
  from: `From `,
  packet: (number: Said) => say`packet ${number}`,
  whichYouStartedWith: (monthInWords: Said) => say`, which you started with ${monthInWords}:`,
  packetHoldsYourFabricForAnd: (number: Said, monthInWords: Said, others: Said) =>
    say`Packet ${number} holds your fabric for ${monthInWords} and ${others}. Cut only what this sheet says now; keep the rest.`,
  fromYour: 'From your ',
  fabric: 'Fabric',
  number: 'Number',
  length: (unit: Said) => say`Length, ${unit}`,
  amount: 'Amount',
  number2: (sku: Said) => say`; number ${sku}`,
  alreadyCutWith: (name: Said, bagText: Said) => say`already cut with ${name}: ${bagText}`,
  youKept: (name: Said, list: Said, text: Said) => say`${name} (${list}): you kept ${text}.`,
  youKept2: 'You kept',
  wofIsTheWidthOfThe: 'WOF is the width of the fabric, selvedge to selvedge.',
  inYourBag: 'In your bag',
  thePiecesAreCutCountThem: 'The pieces are cut. Count them before you begin, and lay them in piles with their labels.',
  piece: 'Piece',
  howMany: 'How many',
  size: (unit: Said) => say`Size, ${unit}`,
  forWords: 'For',
  forWords2: (name: Said, list: Said, qty: Said, cutPrefix: Said, label: Said, size: Said, more: Said, list2: Said) =>
    say`${name} (${list}): ${qty} ${cutPrefix}${label}, ${size}${more}, for ${list2}.`,
  whatToBring: 'What to bring',
  fromTheBolt: 'From the bolt',
  orFatQuarters: 'Or fat quarters',
  orScrapsNoSmallerThan: (unit: Said) => say`Or scraps no smaller than, ${unit}`,
  noAPieceIsWider: 'no: a piece is wider',
  noAPieceIsLarger: 'no: a piece is larger',
  byWords: (qty: Said, length: Said, length2: Said) => say`${qty} × ${length} by ${length2}`,
  thisBlockIsScrappyItIs: (inWords: Said) =>
    say`This block is scrappy. It is made in ${inWords} fabric arrangements, each with its own instructions.`,
  scrappyUnitsAreNotNamedOne: 'Scrappy units are not named one by one: they come out of a pool, and any of its units will do.',
  bundle: 'bundle',
});
