/** The words of programme/casting. */
import { plural, type Said, say, spoken } from '../../words';

export const words = spoken('core/programme/casting', {
  // cast-quilt
  areWantedAndAtMostMay: (length: Said, what: Said, alike: Said, pairs: Said, most: Said) =>
    say`${length} ${what} are wanted and at most ${alike} may be alike, but there are only ${pairs} ways to make them: up to ${most} are alike. Add fabrics to the pool, or allow more alike.`,

  // scatter-doubts
  times: (length: Said) => say`${length} times`,
  equalFabricsTouch: (times: Said, names: Said, why: Said) => say`Equal fabrics touch ${times}: ${names}. ${why}`,
  timesInsteadOf: (name: Said, get: Said, mayBe: Said) => say`${name} ${get} times instead of ${mayBe}`,
  allLimitsTogetherLeaveTooLittle: (list: Said) =>
    say`All limits together leave too little for the quilt: ${list}. Raise a limit, or add a fabric to the pool.`,
  isNotUsedQuiteEvenlyTimes: (role: Said, value: Said, least: Said, value2: Said, most: Said) =>
    say`${role} is not used quite evenly: ${value} ${least} times, ${value2} ${most} times. No exchange evens it out further: what is pinned, limited or touches its like stands in the way.`,
  inPiecesTouchEachOtherBut: (where: Said, n: Said, k: number, names: Said, value: Said) =>
    say`In ${where}, ${n} pieces touch each other but the pool has only ${k} ${plural(k, { one: 'fabric', other: 'fabrics' })} for them (${names}). Add ${value} more.`,
  inNoArrangementWorksAddA: (where: Said) => say`In ${where} no arrangement works. Add a fabric to the pool, or remove a pin.`,
  inWeFoundNoArrangementNot: (where: Said) =>
    say`In ${where} we found no arrangement (not every one was tried). Another fabric in the pool makes it easy.`,

  // scatter-task
  hasPatchesThatAreAllTo: (name: Said, length: Said, size: Said, value: Said) =>
    say`${name} has ${length} patches that are all to be of different fabrics, and only ${size} to choose from: ${value} more are wanted in the pool. Equal ones are kept from touching.`,
  liesBesideItselfAsAndAs: (name: Said, role: Said, role2: Said) =>
    say`${name} lies beside itself, as ${role} and as ${role2}: nothing else may lie there.`,
});
