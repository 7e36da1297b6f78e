/** The words of the desk: what needs a hand, and why. */
import { plural, type Said, say, spoken } from '../words';

export const words = spoken('core/desk', {
  mailBack: (n: number) => say`${n} ${plural(n, { one: 'message', other: 'messages' })} came back`,
  mailBackWhy: 'Correct the address, then send it again.',
  answerOne: (name: Said) => say`Answer ${name}`,
  answerAll: (n: Said) => say`Answer ${n} questions`,
  asks: (asks: Said) => say`‘${asks}’`,
  waitsLongest: (name: Said, n: number) => say`${name} has waited longest: ${n} ${plural(n, { one: 'day', other: 'days' })}.`,
  stops: (month: Said) => say`Fix the sheet for ${month}`,
  stopsWhy: (n: number, first: Said) =>
    say`${n} ${plural(n, { one: 'problem', other: 'problems' })} would spoil kits. ${first}`,
  drawn: (month: Said) => say`Draw the block for ${month}`,
  drawnWhy: 'Nothing is drawn for it yet.',
  proof: (month: Said) => say`Proof the sheet for ${month}`,
  proofWhy: 'Read it as a participant would, then mark it proofed.',
  schedule: (month: Said) => say`Schedule the release of ${month}`,
  scheduleWhy: 'The sheet is proofed. Nobody gets it until it is scheduled or released.',
  stuck: (month: Said) => say`${month} couldn’t go out`,
  stuckWhy: 'Something in it is wrong, and we keep trying. Proof it again, or ask whoever runs this server to look in the log.',
  overdue: (month: Said) => say`Release ${month}`,
  overdueMore: (month: Said, more: number) =>
    say`Release ${month} and ${more} ${plural(more, { one: 'other', other: 'others' })}`,
  overdueWhy: (n: number) =>
    say`${plural(n, { one: 'Its day has', other: 'Their days have' })} passed and participants haven’t got ${plural(n, { one: 'it', other: 'them' })}.`,
  sample: (month: Said) => say`Sew the test block for ${month}`,
  sampleWhy: 'A test block shows what a sheet can’t.',
  cut: (n: number, month: Said) => say`Cut ${n} ${plural(n, { one: 'kit', other: 'kits' })} for ${month}`,
  pack: (n: number, month: Said) => say`Pack ${n} ${plural(n, { one: 'kit', other: 'kits' })} for ${month}`,
  back: (n: number) => say`Cut ${n} ${plural(n, { one: 'kit', other: 'kits' })} for people who joined late`,
  hand: (n: number) => say`${n} ${plural(n, { one: 'kit waits', other: 'kits wait' })} to be collected or posted`,
  orderNow: 'Order fabric',
  late: (supplier: Said) => say`Ask ${supplier} about a late order`,
  waitsFor: (line: Said) => say`${line} is still to come.`,
  waitsForMore: (first: Said, more: number) =>
    say`${first} and ${more} ${plural(more, { one: 'other line', other: 'other lines' })} are still to come.`,
  arrives: (supplier: Said) => say`Check in the order from ${supplier}`,
  unpaid: (n: number, month: Said) =>
    say`${n} ${plural(n, { one: 'person hasn’t', other: 'people haven’t' })} paid up to ${month}`,
  behind: (n: number) => say`${n} ${plural(n, { one: 'person is', other: 'people are' })} two months behind or more`,
  names: (name: Said) => say`${name}.`,
  namesMore: (first: Said, more: number) => say`${first}, and ${more} ${plural(more, { one: 'other', other: 'others' })}.`,
});
