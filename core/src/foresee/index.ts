/** foresee: how likely a block comes out at its size when people sew it. */
export {
  cutLarge,
  easedOf,
  EASED,
  foresee,
  FORTY,
  SPOILT,
  type CutLarge,
  type Foreseen,
  type ForeseenPart,
  type Sized,
} from './foresee';
export { causes, type Cause } from './outcome';
export { usualPeople, type People } from './people';
