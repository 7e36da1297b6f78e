/** foresee: how likely a block comes out at its size when people sew it. */
export { groupOf, intervalOf, type Calibrated, type Interval, type SizeBySeams } from './calibrate';
export {
  amongForty,
  cutLarge,
  easedBetween,
  easedOf,
  EASED,
  foresee,
  measuredBy,
  FORTY,
  SPOILT,
  type CutLarge,
  type Foreseen,
  type ForeseenPart,
  type MeasuredBlock,
  type Sized,
} from './foresee';
export { causes, type Cause } from './outcome';
export { foreseeQuilt, type ForeseenQuilt, type QuiltAsked } from './programme-quilt';
export { usualPeople, type People } from './people';
