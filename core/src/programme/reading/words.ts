/** The words of programme/reading. */
import { plural, type Said, say, spoken } from '../../words';

export const words = spoken('core/programme/reading', {
  // bounds
  tooManyBlocks: (blocks: Said, most: Said) =>
    say`have ${blocks} blocks together; ${most} are the most for one programme. Make two programmes of it`,
  tooManyPatches: (patches: Said, most: Said) =>
    say`have blocks of ${patches} patches together; ${most} are the most for one programme. Make two programmes of it`,

  // read-cloth
  fabric: (role: Said) => say`Fabric ${role}`,
  oneColourway: 'One colourway',
  thereIsNoFabric: (id: Said) => say`there is no fabric '${id}'`,
  roleHasAFabricAlready: (role: Said) => say`role ${role} has a fabric already`,
  yourChoice: (band: Said) => say`Your choice, ${band}`,
  blockUsesLetterWhichHasNo: (block: Said, role: Said) =>
    say`block ‘${block}’ uses letter ${role}, which has no fabric here. Choose one under Fabrics`,
  eachBlock: 'each block',
  theWholeQuilt: 'the whole quilt',
  aPoolDealsEveryUnitBy: (role: Said, eachBlock: Said) =>
    say`a pool deals every unit by itself, and ${role} has one fabric for ${eachBlock}: give each patch a fabric of its own, or name every patch`,

  // read-house
  unitsOfThatKindAreNot: (list: Said) => say`units of that kind are not cut large; ${list} are`,
  noRulerShowsStepsAsSmall: 'no ruler shows steps as small as that',
  twoLargeSquaresAreMadeFor: 'two large squares are made for a seam of 1/4 in; this house sews another one',

  // read-kits
  thereIsNoColourway: (colourway: Said) => say`there is no colourway '${colourway}'`,
  thereIsNoMonth: (id: Said) => say`there is no month '${id}'`,
  monthIsInPacketAlready: (id: Said, value: Said) => say`month '${id}' is in packet ${value} already`,
  thereIsNoSize: (size: Said) => say`there is no size '${size}'`,
  comesByTheLengthNotIn: (name: Said) => say`'${name}' comes by the length, not in pieces`,
  peopleOfTakeALargerSize: (people: Said, colourway: Said, enrolled: Said) =>
    say`${people} people of '${colourway}' take a larger size, but only ${enrolled} are enrolled`,

  // read-length
  mustBeMoreThanZero: 'must be more than zero',
  isBeyondReasonAtMost: (length: Said, limit: Said, unit: Said) => say`${length} is beyond reason; at most ${limit} ${unit}`,

  // read-setting
  round: (value: Said) => say`round ${value}`,
  border: (value: Said) => say`border ${value}`,
  ofWhichLeftOver: (leftOver: number) => say`, of which ${leftOver} ${plural(leftOver, { one: 'is', other: 'are' })} left over`,
  theQuiltNeedsBlocksButThe: (places: Said, made: Said, over: Said) =>
    say`the quilt needs ${places} blocks but the months make ${made}${over}`,
  fabricOfTheIsNotCast: (role: Said, part: Said) => say`fabric ${role} of the ${part} is not cast in every colourway`,

  // read-year
  isNoTimeZoneWriteIt: (timeZone: Said) => say`'${timeZone}' is no time zone; write it like Europe/London`,
  isNoDateOfTheCalendar: (iso: Said) => say`${iso} is no date of the calendar`,
  isBefore: (value: Said, from: Said) => say`${value} is before ${from}`,

  // read
  untitledProgramme: 'Untitled programme',
  theIdIsTakenAlreadyBy: (id: Said, path: Said, get: Said) => say`the id '${id}' is taken already by ${path}/${get}`,
  thereIsNoBlock: (block: Said) => say`there is no block '${block}'`,
  isInThisMonthAlreadyAt: (key: Said) =>
    say`‘${key}’ is in this month already at this size. Change ‘Blocks in a kit’ (make) instead`,
  thereIsNoMonthBeforeIt: (other: Said) => say`there is no month '${other}' before it`,
  hasBlocksOfItsOwnUnits: (id: Said) => say`'${id}' has blocks of its own; units are made ahead in a month without any`,
  theUnitsOfAnotherMonthAre: (id: Said) => say`the units of another month are made with '${id}' already`,
  isInAnotherPacketItsFabric: (id: Said) => say`'${id}' is in another packet; its fabric has to come with '${id}'`,
  theMonthsBlocksFinishAtDifferent: (list: Said) =>
    say`the months’ blocks finish at different sizes (${list}); they will not meet in one plain grid`,
  blockStandsInNoMonth: (id: Said) => say`block '${id}' stands in no month`,

  // schema
  isMissing: (string: Said) => say`'${string}' is missing`,
  mustBeNot: (article: Said, shown: Said) => say`must be ${article}, not ${shown}`,
  mustBeOneOfNot: (list: Said, shown: Said) => say`must be one of ${list}; not ${shown}`,
  isNotWrittenAsItShould: (shown: Said, string: Said) => say`${shown} is not written as it should be (${string})`,
  mustBeAtLeastNot: (string: Said, shown: Said) => say`must be at least ${string}, not ${shown}`,
  mustBeAtMostNot: (string: Said, shown: Said) => say`must be at most ${string}, not ${shown}`,
  needsAtLeastEntries: (string: Said) => say`needs at least ${string} entries`,
  hasMoreThanEntries: (string: Said) => say`has more than ${string} entries`,
  isNotAsItShouldBe: 'is not as it should be',

  // unanswered
  thereIsNoUnitKindMethods: (kind: Said, list: Said) => say`there is no unit kind '${kind}'; methods are chosen for ${list}`,
  thereIsNoMethodForThere: (name: Said, kind: Said, list: Said) =>
    say`there is no method '${name}' for '${kind}'; there are ${list}`,
  noBlockAndNoPartOf: (role: Said) => say`no block and no part of the quilt uses fabric ${role}`,
  theQuiltHasNoPlace: (value: Said) => say`the quilt has no place '${value}'`,
  hasNoUnitAtThisSize: (name: Said, key: Said) => say`${name} has no unit '${key}' at this size`,
  cannotBePutTogetherSoIt: (name: Said) => say`${name} cannot be put together so; it is planned in its usual way`,

  // unknown-fields
  aggregaDoesNotKnowTheField: (name: Said) => say`Aggrega does not know the field '${name}' and keeps it unread`,
});
