/** programme: the document, its schema and checks, and the plans that follow from it. */
export type { Colourway, Fabric, House, Month, MonthBlock, MonthFile, Programme, ProgrammeFile, Reading } from './document';
export { ChangeError, applyChanges, inverse, type Change, type Conflict } from './changes';
export {
  PlanError,
  constructMonthBlock,
  kitCount,
  planContract,
  planCutting,
  type Basis,
  type CuttingPlan,
  type PlannedFabric,
} from './plan';
export { readProgramme } from './read';
export { programmeSchema } from './schema';
