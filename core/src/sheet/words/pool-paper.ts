/** The words of sheet/pool-paper. */
import { plural, type Said, say, spoken } from '../../words';

export const words = spoken('sheet/pool-paper', {
  yourPiecesToChooseFrom: 'Your pieces to choose from',
  makeYourOfUnits: (length: number) => say`Make your ${plural(length, { one: 'pool', other: 'pools' })} of units`,
  sewThemInBatchesAndMix: 'Sew them in batches, and mix the finished ones well. A block takes any of them.',
  theyAreCutNotSewn: (takeWords: Said) => say`They are cut, not sewn. ${takeWords}`,
  eachTakes: (from: Said) => say`Each takes ${from}.`,
  eachBatchTakesAndMakes: (from: Said, yields: Said) => say`Each batch takes ${from}, and makes ${yields}.`,
  theseStand: (pool: Said, prints: Said, n: number) =>
    say`Sew them as ${pool}, step by step. In the block these stand and those of ${pool} lie, so turn ${prints} by a quarter: then ${plural(n, { one: 'the print is', other: 'the prints are' })} upright in both.`,
  theseLie: (pool: Said, prints: Said, n: number) =>
    say`Sew them as ${pool}, step by step. In the block these lie and those of ${pool} stand, so turn ${prints} by a quarter: then ${plural(n, { one: 'the print is', other: 'the prints are' })} upright in both.`,
  fabric: 'Fabric',
  oneBatchWithEachOf: 'One batch with each of',
  batches: 'Batches',
  makes: 'Makes',
  forWords: (takes: Said, month: Said) => say`${takes} for ${month}`,
  keepTheOthersInABag: (name: Said, list: Said) => say` Keep the others in a bag marked ${name}: ${list}.`,
  overInCaseOneGoesWrong: (over: number) =>
    say` ${over} ${plural(over, { one: 'comes', other: 'come' })} over, in case one goes wrong.`,
  thisMonthTakesAny: (takes: Said, others: Said, spare: Said) => say`This month takes any ${takes}.${others}${spare}`,
  anyOfWhichYouBeganWith: (takes: Said, title: Said, name: Said, madeWith: Said) =>
    say`any ${takes} ${title} of ${name}, which you began with ${madeWith}`,
  outOfYour: (length: number, list: Said) => say`Out of your ${plural(length, { one: 'pool', other: 'pools' })}: ${list}.`,
  ofWords: (name: Said, made: Said, title: Said, value: Said) => say`${name}: ${made} ${title} of ${value}. `,
  makeOf: (name: Said, made: Said, title: Said, value: Said, method: Said) =>
    say`${name}: make ${made} ${title} of ${value}, ${method}`,
});
