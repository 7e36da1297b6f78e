/** block: patches on a grid, the exact tiling check, turning and mirroring. */
export { readBlock, roleShares, rolesOf, type Block, type BlockFile, type Patch, type PatchFile, type Problem } from './block';
export { blockDrawing, type Drawing, type Shape } from './drawing';
export {
  PER_CELL,
  boxOf,
  cross,
  doubleArea,
  gridText,
  onSegment,
  pointText,
  tidy,
  type Box,
  type Point,
  type Polygon,
} from './geometry';
export { tilingFaults, tilingProblems, type TilingFault } from './tiling';
export { library, type LibraryBlock } from './library';
export { mirrorBlock, turnBlock } from './turning';
