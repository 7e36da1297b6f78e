/** The words of sheet/difference. */
import { plural, type Said, say, spoken } from '../../words';

export const words = spoken('sheet/difference', {
  someStepsAreExplainedBetterNo: 'Some steps are explained better. No sizes have changed.',
  theStepsOfHaveChangedFollow: (label: Said) => say`The steps of ${label} have changed: follow the new sheet.`,
  newOnTheSheet: (label: Said, list: Said) => say`${label}, new on the sheet: ${list}`,
  noLongerOnTheSheet: (label: Said, list: Said) => say`${label}, no longer on the sheet: ${list}`,
  theMonthIsCalledNoLonger: (month: Said, month2: Said) => say`The month is called ${month}, no longer ${month2}.`,
  theSeamAllowanceIsInsteadOf: (seam: Said, unit: Said, seam2: Said) =>
    say`The seam allowance is ${seam} ${unit} instead of ${seam2}.`,
  youAlsoNeed: 'You also need',
  youNoLongerNeed: 'You no longer need',
  fabricIsNew: (role: Said, name: Said, more: Said, more2: Said) => say`Fabric ${role} is new: ${name}${more}${more2}.`,
  fabricIsNoLongerNeeded: (role: Said, name: Said) => say`Fabric ${role}, ${name}, is no longer needed.`,
  fabricIsNowWas: (role: Said, name: Said, name2: Said) => say`Fabric ${role} is now ${name} (was ${name2}).`,
  none: 'none',
  hasTheNumberInsteadOf: (name: Said, value: Said, value2: Said) => say`${name} has the number ${value} instead of ${value2}.`,
  youNeedOfNot: (amount: Said, name: Said, amount2: Said) => say`You need ${amount} of ${name}, not ${amount2}.`,
  theIsInsteadOf: (use: Said, value: Said, was: Said) => say`The ${use} is ${value} instead of ${was}.`,
  newForLaterMonths: 'New for later months:',
  noLonger: 'No longer:',
  squares: (qty: number) => say`${plural(qty, { one: 'square', other: 'squares' })}`,
  pieces: (qty: number) => say`${plural(qty, { one: 'piece', other: 'pieces' })}`,
  cutNot: (qty: Said, name: Said, qty2: Said) => say`Cut ${qty} ${name}, not ${qty2}.`,
  cutAtNot: (name: Said, size: Said, unit: Said, size2: Said) => say`Cut ${name} at ${size} ${unit}, not ${size2} ${unit}.`,
  notCutAnyFurther: 'not cut any further',
  cutOfNot: (name: Said, fabric: Said, fabric2: Said) => say`Cut ${name} of ${fabric}, not ${fabric2}.`,
  newOf: (nameOf: Said, piecesOf: Said, fabric: Said, more: Said) => say`New: ${nameOf}, ${piecesOf} of ${fabric}${more}.`,
  isNoLongerCut: (nameOf: Said, piecesOf: Said) => say`${nameOf} (${piecesOf}) is no longer cut.`,
  ofWords: (title: Said, value: Said) => say`${title} of ${value}`,
  poolIsNew: (name: Said, made: Said, named: Said) => say`Pool ${name} is new: ${made} ${named}.`,
  not: (named: Said, named2: Said) => say`${named}, not ${named2}`,
  makeNot: (made: Said, made2: Said) => say`make ${made}, not ${made2}`,
  takeNot: (takes: Said, takes2: Said) => say`take ${takes}, not ${takes2}`,
  measuresNot: (size: Said, size2: Said) => say`measures ${size}, not ${size2}`,
  pressedTheNewWaySeeThe: 'pressed the new way: see the sheet',
  otherFabricsGoTogetherSeeThe: 'other fabrics go together: see the table',
  pool: (name: Said, list: Said) => say`Pool ${name}: ${list}.`,
  poolIsNoLongerNeeded: (name: Said, named: Said) => say`Pool ${name} (${named}) is no longer needed.`,
  isNewOnThisSheet: (name: Said) => say`${name} is new on this sheet.`,
  isNoLongerOnThisSheet: (name: Said) => say`${name} is no longer on this sheet.`,
  isCalledNow: (name: Said, name2: Said) => say`${name} is called ${name2} now.`,
  makeOfNot: (make: Said, name: Said, make2: Said) => say`Make ${make} of ${name}, not ${make2}.`,
  ofNot: (mirrored: number, name: Said, mirrored2: Said) =>
    say`${mirrored} of ${name} ${plural(mirrored, { one: 'is a mirror image', other: 'are mirror images' })}, not ${mirrored2}.`,
  nowFinishesAtUnfinishedNot: (name: Said, finished: Said, unit: Said, unfinished: Said, finished2: Said) =>
    say`${name} now finishes at ${finished} ${unit} (unfinished ${unfinished} ${unit}), not ${finished2} ${unit}.`,
  thePictureOfHasChangedUse: (name: Said) => say`The picture of ${name} has changed: use the new one.`,
  inNowADifferentFabricSee: (recast: number, name: Said) =>
    say`${recast} ${plural(recast, { one: 'patch', other: 'patches' })} in ${name} ${plural(recast, { one: 'is', other: 'are' })} now a different fabric: see the new picture.`,
  theOrderOfPuttingTogetherOr: (name: Said) =>
    say`The order of putting ${name} together, or its pressing, has changed: follow the new sheet from ‘Put the block together’.`,
  newUnit: (label: Said, make: Said, title: Said, method: Said) => say`New unit ${label}: ${make} ${title}, ${method}.`,
  from: (from: Said, batches: number) => say`from ${from}, ${batches} ${plural(batches, { one: 'time', other: 'times' })}`,
  unitIsNoLongerMade: (label: Said) => say`Unit ${label} is no longer made.`,
  areNowOf: (nameOf: Said, piecesOf: Said, nameOf2: Said, fabric: Said) =>
    say`${nameOf}: ${piecesOf} are now ${nameOf2}, of ${fabric}.`,
});
