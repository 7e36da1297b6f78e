/** sheet: what a sheet says, as data, with the doubts and the reasons behind its numbers. */
export { atWork, cautions } from './cautions';
export { monthDoubts, type Doubt, type Rank } from './doubts';
export type { JoinStep } from './joining';
export { monthSheet, type MonthSheet, type SheetBlock, type SheetCut, type SheetFabric } from './month-sheet';
export { homeworkWords, sheetPools, sidesWords, type SheetPool } from './sheet-pool';
export { fabricWord, type SheetUnit } from './sheet-unit';
export { backView, sewingWalk, toleranceText, type Arrow, type BackView, type LoosePart, type WalkStep } from './walk';
export { coloursOf, partSewn } from './pictures';
export type { SheetStep } from './sheet-step';
export { stepsPiece } from './unit-steps';
export { whyCut, type Why } from './why';
export { sheetDifference } from './difference';
export { monthPaper } from './month-paper';
export { cardsOf, type Card } from './cards';
export { ownWordsFor, photosIn } from './own-words';
export { lostWords, wordsAside, wordsStanding, type OwnStanding } from './words-standing';
export {
  plainWords,
  type PictureWithPieces,
  type Paper,
  type PaperCell,
  type PaperColumn,
  type PaperLine,
  type PaperPhoto,
  type PaperPicture,
  type PaperPiece,
  type PaperRow,
  type PaperStep,
  type PaperShape,
  type PaperText,
  type Place,
  type Tone,
  type Words,
} from './paper';
export { inWords } from './in-words';
export type { SheetWishes } from './wishes';
export { demonstrationPaper } from './demonstration';
export { firstPacketPaper } from './first-packet';
export { templatesPaper } from './templates-paper';
export { proofPoints, type ProofFacts, type ProofPoint } from './proof';
export { finishingAmounts, handedAmounts, type HandedAmount } from './handed-amounts';
export { bagText, wholeText } from './keeping';
export { kitContents, type KitLabel } from './kit-labels';
