/** running: the organiser's year with its people, from the first idea to the last kit. */
export {
  blankPerson,
  getsKits,
  handings,
  isDay,
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
