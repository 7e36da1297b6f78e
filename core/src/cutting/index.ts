/** cutting: demand on a fabric, strips across the width, a proven lower bound, lengths to buy. */
export { TooWide, type Piece } from './pieces';
export { rulerSettings, subCuts, type SubCut } from './steps';
export { lengthToBuy, planFabric, type Buying, type FabricPlan, type Rect, type Strip } from './strips';
