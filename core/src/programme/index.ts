/** programme: the document, its schema and checks, and the plans that follow from it. */
export { kitKinds } from './document';
export { notesOf, sheetParts, type Note, type NotePicture, type OwnWords, type SheetPart } from './notes';
export type {
  Calendar,
  CalendarDays,
  CalendarFile,
  Colourway,
  ColourwayFile,
  Fabric,
  FabricFile,
  House,
  KitKind,
  Money,
  Month,
  MonthBlock,
  MonthFile,
  Order,
  OrderFile,
  OrderLine,
  Pool,
  PoolPer,
  PoolScope,
  UnitPooling,
  Programme,
  ProgrammeFile,
  SettingFile,
  Reading,
  ShelfFile,
  ShelfLength,
  SizeOption,
} from './document';
export { frozen, frozenLike } from './frozen';
export { formName, yardsOf } from './forms';
export { castMends, castSeams, type CastSeam } from './casting';
export {
  castChanges,
  choiceChanges,
  copyChanges,
  pooledChanges,
  poolChanges,
  scatterChange,
  schoolChanges,
  schools,
  schoolsOf,
  swapChanges,
  unitsChanges,
  withPer,
  type School,
} from './cast-changes';
export { ChangeError, applyChanges, inverse, same, sharing, type Change, type Conflict } from './changes';
export { changeWords, differences } from './differences';
export { constructApart, constructMonthBlock, constructSeries, usefulLeftovers } from './constructing';
export { demandOf, poolKey, stagesOf, type Basis, type DemandRequest, type FabricDemand } from './demand';
export { kitCount, kitGroups, kitsBySize, kitsFor, type KitGroup, type SizeShare } from './kit-groups';
export {
  bookChanges,
  comingOf,
  lineWords,
  newOrder,
  orderState,
  outstanding,
  paperLines,
  type DeliveryFile,
  type OrderState,
  type SuppliedFabric,
} from './orders';
export { DEEPEST, nestedTooDeep } from './nesting';
export { PlanError } from './plan-error';
export { mirroredBlocks, quiltOf, quiltWith, topOf, type Quilt } from './quilt';
export { lettersOf, lettersOfFabric, letterOf } from './letters';
export {
  blocksAsCast,
  castBlocks,
  castPicture,
  dealtBlock,
  mirroredInMonth,
  poolMaking,
  poolOfUnit,
  quiltAsCast,
  scatteredOf,
  type Scattered,
} from './scrappy';
export { poolsContract } from './pool-contract';
export { cutsOfPool, drawnWith, homeworkOf, type PoolMaking, type PoolOfUnits } from './unit-pools';
export {
  backingCloth,
  quiltContract,
  settingPieces,
  waddingOf,
  type BackingCloth,
  type SettingPiece,
  type Wadding,
} from './setting-pieces';
export { laidOnQuilt, quiltPicture, quiltSvg, type PicturePlace, type QuiltPicture } from './quilt-picture';
export { blocksInOrder, handsOut, hasSheet, isLesson, madeAhead, setBlocks, type BlockToSet } from './set-blocks';
export {
  labourOf,
  planContract,
  planCutting,
  planPieces,
  type CuttingPlan,
  type PlanRequest,
  type PlannedFabric,
} from './plan';
export { costCurve, loadByWeek, packetFigures, type CostPoint, type PacketFigures, type WeekLoad } from './figures';
export {
  boughtIn,
  costOf,
  costOfAll,
  groupName,
  lengthOfAll,
  packetAccount,
  packetAccounts,
  type AccountQuestion,
  type Bought,
  type CutUse,
  type PacketAccount,
  type ShopCut,
} from './account';
export { asProofed } from './as-proofed';
export { accountContract } from './account-contract';
export { handedOf, wayOf, type Handed } from './handed';
export { awayOn, dayAfter, daysBetween, mondayOf, nthWeekday, placeOfDay, releaseInstant } from './days';
export { fabricsOfPacket, lettersOfMonths } from './packet-fabrics';
export { orderDay, workingDay } from './order-day';
export { ownCloth, type OwnCloth } from './own-cloth';
export { bundleContract, ownClothContract, packetContract, stockContract } from './packet-contract';
export {
  finishingOf,
  planBundles,
  planPacket,
  type BundledFabric,
  type Finishing,
  type PacketFabric,
  type PacketPlan,
} from './packets';
export {
  baggedOf,
  monthShares,
  packetOfMonth,
  type Bagged,
  type KeptWhole,
  type MonthShare,
  type WhoseShare,
} from './month-share';
export { cutterMats, outlines, type CutterMat } from './cutter-files';
export { differenceInWords, piecesOfStep, planRest, together, type CutPiece, type Recut } from './recut';
export { withinStock, type WithinStock } from './within-stock';
export { planStock, type FabricOrder, type FabricStock, type StockRequest } from './stock';
export { placesAndBlocks } from './read-setting';
export { readProgramme } from './read';
export { unansweredUnits } from './unanswered';
export { programmeSchema } from './schema';
export { making } from './making';
export { eveningLists, eveningTasks, type EveningKits, type EveningTask } from './evening';
export { blockNames, monthInWords, monthTitle } from './month-title';
