/** construction: units, methods and formulas, the seam tree, pressing. */
export { methodChoices, otherReadings, type MethodChoice, type OtherReading } from './choices';
export { batchOf, constructUnits, type UnitSet, type WantedUnits } from './batches';
export { effortOf, stepMinutes, type Effort, type StepMinutes, type Work } from './effort';
export { neighbourPressing, type Neighbours } from './pressing/neighbours';
export { isSeen, slipKinds, slipsOf, type SeenSlip, type Slip, type SlipKind } from './slips';
export { kindOfName } from './unit-name';
export { construct, type Construction, type Cut, type ConstructionRequest, type UnitPlan } from './construct';
export { gridRemedies, type Remedy } from './awkward';
export { constructionContract } from './contract';
export { outlineWithSeam, partDrawing, pressedBands, unitDrawing } from './drawing';
export { balance, extent, type LaidPatch } from './picture';
export { sectionsOf, type Section } from './sections';
export { templateDrawing, templateSvg, type TemplateDrawing } from './template-svg';
export { seamsAcross } from './seams-across';
export { unfinishedSize } from './sizes';
export { leftOverUnits, likeBefore, unitLook } from './unit-look';
export { unitMeasure, type UnitMeasure } from './unit-measure';
export {
  branchesOf,
  pressingPlan,
  type Press,
  type PressVariant,
  type PressedSeam,
  type Pressing,
  type UnitPress,
} from './pressing';
export { oversizeOf } from './units/reading';
export {
  insideOf,
  isLeaf,
  leaves,
  outermost,
  seamTree,
  unitsOf,
  type Branch,
  type Leaf,
  type SeamWay,
  type Tree,
} from './seam-tree';
export { inchStyle, type Die, type BlockReading, type SewingStyle, type Sizing } from './style';
export { unitKind, unitKinds } from './units';
export { isBlockPart } from './units/block-part';
export {
  marker,
  starch,
  PER_SQUARE,
  isHanded,
  lieInBlock,
  liesOnPoint,
  type Method,
  type BatchCut,
  type Reason,
  type Recipe,
  type UnitInBlock,
  type Sub,
  type UnitKind,
} from './units/unit-kind';
export { canJoin, joiningsOf, type Joining } from './joinings';
export { stepsInOrder, type Act, type Hand, type Step } from './units/step';
export {
  skillOf,
  skillOfTechnique,
  skillTitle,
  skills,
  techniqueTitle,
  techniques,
  techniquesOf,
  type Skill,
  type Technique,
} from './techniques';
