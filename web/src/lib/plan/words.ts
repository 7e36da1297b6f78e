/** The words of plan. */
import { plural, say, spoken, type Said } from '@aggrega/core/words';

export const words = spoken('plan', {
  // bought-view.ts
  forThePiecesOfKits: (yards: Said, kits: number) =>
    say`${yards} for the pieces of ${kits} ${plural(kits, { one: 'kit', other: 'kits' })}, cut together`,

  // planning.ts, year-work.ts
  thisMonthOrColourwayIs: 'this month or colourway is no longer in the programme',

  // room-plan.ts
  eachKit: (name: Said) => say`each ${name} kit`,
  eachPlainKit: 'each plain kit',
  eachKit2: 'each kit',

  // scatter-view.ts
  of: (made: Said, title: Said, sidesWords: Said) => say`${made} ${title} of ${sidesWords}`,

  // year-asker.svelte.ts
  thisCouldNotBeWorked: 'this could not be worked out; load the page again',

  // year-views.ts
  boltsOf: (bolts: number, yards: Said) => say`${bolts} ${plural(bolts, { one: 'bolt', other: 'bolts' })} of ${yards}`,
  aPieceIsWiderThan: 'a piece is wider than the fabric',
  aPieceIsLargerThan: 'a piece is larger than one',
  by: (write: Said, write2: Said) => say`${write} by ${write2}`,
  for: (bagText: Said, name: Said) => say`${bagText} for ${name}`,
  useAmountOf: (use: Said, amount: Said, name: Said) => say`${use}: ${amount} of ${name}`,
});
