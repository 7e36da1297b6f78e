/** svg: drawings of blocks from other programs, laid on a grid and made into patches. */
export { Unreadable } from './elements';
export { extentOf, likelyGrids, type Grid, type LikelyGrid } from './grids';
export { likelyLetters } from './letters';
export { readSvg, type Shape, type SvgDrawing } from './shapes';
export { blockOfTracing, trace, type Paint, type Tracing } from './tracing';
