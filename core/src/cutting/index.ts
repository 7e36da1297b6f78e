/** cutting: demand on a fabric, strips across the width, a proven lower bound, lengths to buy. */
export { DoesNotFit, type Piece } from './pieces';
export { layoutSvg } from './layout-svg';
export { labourOf, passesOf, shareOut, stepMinutes, usualRates, type Labour, type Rates } from './labour';
export { subCuts, type CutDown, type SubCut } from './steps';
export {
  lengthToBuy,
  longestRuler,
  longestStrip,
  planFabric,
  planFabricSteps,
  type Buying,
  type FabricPlan,
  type Rect,
  type Request,
  type Strip,
  type StripColumn,
} from './strips';
export { planSheets, sheetsAtMost, type SheetPlan } from './sheets';
export { fewestBins } from './fewest';
export { allocate, type BoltCut, type BoltOnShelf, type BoltPlan, type LengthSet } from './bolts';
export { tryOnMachine, type CutterFile, type MachinePath, type MachineRun } from './machine';
export { paceOf, type LoggedEvening } from './pace';
export { gramsOf, wasteOf, worthKeeping, type Remainder, type Waste } from './waste';
export { planBundle, type BundleMonth, type BundlePlan } from './bundle';
export { stagesOfPlan, tailOf, type Stage, type Tail } from './staged';
export { planAims, type PlanAim } from './workshop';
