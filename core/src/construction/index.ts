/** construction: units, methods and formulas, the seam tree, pressing. */
export { construct, type Construction, type Cut, type Order, type UnitPlan } from './construct';
export { constructionContract } from './contract';
export { pressingPlan, type Press, type Pressing } from './pressing';
export { ConstructionError, leaves, seamTree, type Branch, type Leaf, type SeamWay, type Tree } from './seam-tree';
export { inchStyle, type SewingStyle, type Sizing } from './style';
export { unitKind } from './units';
export type { Method, Piece, Reason, Recipe, Seen, Sub, UnitKind } from './units/unit-kind';
