/** eye: blocks seen in photographs. Pixels in, data out; nothing here knows of files or pages. */
export { checkLayout, type LayoutAnswer } from './layout/check';
export type { LayoutUnit } from './layout/table';
export type { Lie } from './layout/templates';
export { layoutOf, someOf, type ExpectedPatch, type ExpectedUnit, type Layout } from './layout/expected';
export { clothWithin } from './cloth';
export { likelyCorners } from './corners';
export { evenLight } from './light';
export { oneOf, type Corner, type Corners } from './homography';
export { flipped } from './mending';
export type { PictureBlock } from './picture-block';
export { isPicture, type Pixels } from './pixels';
export { readPicture, type PictureReading } from './read-picture';
export type { Grid } from './lattice';
export type { Doubt } from './reading';
export { straightPixels } from './straighten';
