/** The words of programme/stock. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('core/programme/stock', {
  // orders
  isNoDateOfTheCalendar: (date: Said) => say`${date} is no date of the calendar`,
  thereIsNoFabric: (fabric: Said) => say`there is no fabric '${fabric}'`,
  lot: (dyeLot: Said) => say`, lot ${dyeLot}`,
  ofWords: (amount: Said, name: Said, more: Said) => say`${amount} of ${name}${more}`,

  // shelf-csv
  theFirstLineHasToName: (text: Said) => say`the first line has to name its columns, 'name' among them; it reads '${text}'`,
  linesAreMoreThan500Fabrics: (length: Said) => say`${length} lines are more than 500 fabrics`,
  noName: '(no name)',
  aFabricNeedsAName: 'a fabric needs a name',
  thisFabricStandsInTheFile: 'this fabric stands in the file already',
  nothing: 'nothing',
  onTheShelfBecomes: (value: Said, listOf: Said) => say`on the shelf: ${value} becomes ${listOf}`,
  itMeetsAnotherLineOfThe: 'it meets another line of the file',

  // within-stock
  noLimitsWereFoundInTime: 'No limits were found in time with which the shelf is enough; those found so far come nearer to it.',
  theShelfHasTooLittleFor: (names: Said) =>
    say`The shelf has too little for everybody: ${names} would still have to be ordered. Add fabrics to the pools, or order.`,
  becomes: (heading: Said, string: Said, string2: Said) => say`${heading}: ${string} becomes ${string2}`,
});
