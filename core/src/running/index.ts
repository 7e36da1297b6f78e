/** running: the organiser's year with its people, from the first idea to the last kit. */
export {
  blankPerson,
  getsKits,
  handings,
  personFaults,
  rosterCounts,
  rosterStates,
  stateNames,
  type Handing,
  type Person,
  type RosterCounts,
  type RosterState,
} from './person';
export { changedPeople, inverseRoster, type RosterChange, type RosterMeeting } from './roster-changes';
export { awayOn, dayAfter, daysBetween, isDay, mondayOf, releaseInstant } from '../programme';
export { firstSteps, nextStep, type FirstFacts, type FirstStep, type FirstStepId } from './first-steps';
export { deskKinds, deskTasks, type DeskChecks, type DeskFacts, type DeskKind, type DeskTask } from './desk';
export {
  calendarSteps,
  releaseDays,
  releaseSteps,
  stepKinds,
  stepNames,
  type CalendarStep,
  type ReleaseDay,
  type StepKind,
} from './calendar';
export { tableLoad, type TableJob, type TableLoad, type TableWeek } from './load';
export { PAGE, answerLetter, erratumLetter, releaseLetter, reminderLetter, type FabricComes, type Letter } from './letters';
export { progressSteps, type ProgressStep } from './progress';
export { progressNames } from './progress-words';
export { monthMinutes } from './month-minutes';
export { catchUp, type CatchUpWeek, type MonthToDo } from './catch-up';
export { embargoed, monthNumber } from './embargo';
export { copiedProgramme, newProgramme, type NewProgramme } from './new-programme';
export { readSizes, writtenLength, type WrittenSize } from './written-sizes';
export { diagnose, missedSizes, type Measured, type SeamDiagnosis } from './diagnosis';
export {
  buyNow,
  chanceOfMore,
  enoughFor,
  forecast,
  seenSince,
  type BuyAdvice,
  type ForecastMonth,
  type RosterSeen,
} from './forecast';
export { clothToBuy, type ClothAdvice, type ClothQuestion } from './buying';
export { monthCosts, netPrice, yearMoney, type MonthCost, type MonthMoney, type YearMoney } from './money';
export { sewingPace } from './sewing-pace';
export { sayCheckpoint, type Ahead, type CheckpointSaid } from './checkpoint-said';
export { mergedMarks, newestMarks, type Mark, type Marks } from './sewing-marks';
