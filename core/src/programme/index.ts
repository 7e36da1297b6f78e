/** programme: the document, its schema and checks, and the plans that follow from it. */
export type { Colourway, Fabric, House, Month, MonthBlock, MonthFile, Programme, ProgrammeFile, Reading } from './document';
export { formName, yardsOf } from './forms';
export { ChangeError, applyChanges, inverse, type Change, type Conflict } from './changes';
export {
  PlanError,
  constructMonthBlock,
  kitCount,
  labourOf,
  planContract,
  planCutting,
  type Basis,
  type CuttingPlan,
  type PlanRequest,
  type PlannedFabric,
} from './plan';
export { readProgramme } from './read';
export { programmeSchema } from './schema';
