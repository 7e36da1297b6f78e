/** setting: blocks set into a quilt, its parts, borders, binding, backing and batting. */
export { cellOf } from './cells';
export { type ExactPoint, type LaidPart, type LaidPlace } from './lay';
export { groupName, packagedName, partName } from './part-words';
export { quiltParts, type QuiltPart } from './parts';
export type { SettingKindEntry } from './kinds';
export { quiltTop } from './quilt-top';
export {
  SettingError,
  partGroups,
  settingKind,
  settingKinds,
  type SettingKind,
  type Border,
  type PartGroup,
  type PlaceChoice,
  type SetBlock,
  type Setting,
} from './setting';
export { backingOf, bindingLength, joinedStrips, packagedBatting, type Backing } from './strips-round';
export { turnAt, turnings, type Turning } from './turning';
export type { Top } from './lattice';
export {
  assembly,
  isJoin,
  piecesOf,
  reachOf,
  sidesOf,
  type Assembly,
  type SetJoin,
  type SetNode,
  type SetPiece,
} from './assembly';
