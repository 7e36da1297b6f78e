/** block: patches on a grid, the exact tiling check, turning and mirroring. */
export { readBlock, roleShares, rolesOf, type Block, type BlockFile, type Patch, type PatchFile, type Problem } from './block';
export { blockDrawing, type Drawing, type DrawnShape } from './drawing';
export {
  PER_CELL,
  boxOf,
  clipped,
  cross,
  crossProperly,
  doubleArea,
  gridText,
  hull,
  insideOf,
  locate,
  onSegment,
  pointText,
  tidy,
  type Box,
  type Point,
  type Polygon,
} from './geometry';
export { tilingFaults, tilingProblems, type TilingFault } from './tiling';
export {
  drawSeam,
  images,
  joinPatches,
  patchAt,
  plainBlock,
  recast,
  refineGrid,
  resizeGrid,
  stamp,
  turnPart,
  type Drafted,
  type Symmetry,
} from './draft';
export { blockDocument, blockFile, blockSvg, patchFiles, readBlockDocument, type BlockDocument, type ReadBlock } from './files';
export { joined } from './draft';
export { laidStamp, stamps, type Stamp } from './stamps';
export { library, type LibraryBlock } from './library';
export { touching, type Touching } from './touching';
export { mirrorBlock, turnBlock } from './turning';
