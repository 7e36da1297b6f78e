/** practice: a block or a quilt laid out on screen before it is sewn. */
export {
  faceOfPiece,
  fitted,
  inTray,
  isFull,
  isRight,
  laid,
  lies,
  madeSlips,
  takenUp,
  turned,
  type Board,
  type Lain,
  type MadeSlip,
  type PlaceLie,
} from './board';
export { deal, dealSlip, type Deal } from './deal';
export { faceOf, roleAt, spots, spotToLookAt, type Face, type FabricOf, type Spot, type SpotToLookAt } from './face';
