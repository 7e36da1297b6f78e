/** programme: the document, its schema and checks, and the plans that follow from it. */
export { kitKinds, kitTitle, wayOf } from './document/document';
export { notesOf, sheetParts, type Note, type NotePicture, type OwnWords, type SheetPart } from './document/notes';
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
  ReadResult,
  ShelfFile,
  ShelfLength,
  SizeOption,
} from './document/document';
export { frozen, frozenLike } from './document/frozen';
export { formName, yardsOf } from './document/forms';
export { castMends, castSeams, type CastSeam } from './casting/casting';
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
} from './changes/cast-changes';
export { arePatches, patchKey } from './changes/join-drawings';
export { ChangeError, applyChanges, inverse, same, sharing, type Change, type Conflict } from './changes/changes';
export { differenceWords, differences } from './changes/differences';
export { differentParts, documentParts, partTitle, withParts, type DocumentPart } from './changes/parts';
export {
  withBlockCopied,
  withBlockInMonth,
  withBlockMoved,
  withMonth,
  withMonthCopied,
  withMonthsInOrder,
  withoutBlock,
  withoutMonth,
} from './changes/month-edits';
export { lettersIn, usesOfLetter, withLetter, withLetterRenamed, withoutLetter } from './changes/letter-edits';
export { constructApart, constructMonthBlock, constructSeries, constructSewn, usefulLeftovers } from './demand/constructing';
export { demandOf, stagesOf, type Basis, type DemandRequest, type FabricDemand } from './demand/demand';
export { kitCount, kitGroups, kitsBySize, kitsFor, type KitGroup, type SizeShare } from './demand/kit-groups';
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
} from './stock/orders';
export { unreadable } from './document/json-bounds';
export { PlanError } from './document/plan-error';
export { mirroredBlocks, quiltOf, quiltWith, topOf, type Quilt } from './quilt/quilt';
export { lettersOf, lettersOfFabric, letterOf } from './document/letters';
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
} from './casting/scrappy';
export { poolsContract } from './casting/pool-contract';
export { cutsOfPool, drawnWith, homeworkOf, type PoolMaking, type PoolOfUnits } from './casting/unit-pools';
export {
  backingCloth,
  quiltContract,
  settingPieces,
  waddingOf,
  type BackingCloth,
  type SettingPiece,
  type Wadding,
} from './quilt/setting-pieces';
export { quiltLayout, type QuiltLayout } from './quilt/quilt-layout';
export { laidOnQuilt, quiltPicture, quiltSvg, type PicturePlace, type QuiltPicture } from './quilt/quilt-picture';
export { blocksInOrder, handsOut, hasSheet, isLesson, madeAhead, setBlocks, type BlockToSet } from './document/set-blocks';
export {
  labourOf,
  planContract,
  planCutting,
  planPieces,
  type CuttingPlan,
  type PlanRequest,
  type PlannedFabric,
} from './plans/plan';
export { costCurve, loadByWeek, packetFigures, type CostPoint, type PacketFigures, type WeekLoad } from './figures/figures';
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
} from './figures/account';
export { asProofed } from './document/as-proofed';
export { accountContract } from './figures/account-contract';
export { handedOf, type Handed } from './packets/handed';
export { awayOn, dayAfter, daysBetween, isDay, mondayOf, nthWeekday, placeOfDay, releaseInstant } from './document/days';
export { fabricsOfPacket, lettersOfMonths, mayBeIn } from './demand/packet-fabrics';
export { orderDay, workingDay } from './stock/order-day';
export { ownCloth, type OwnCloth } from './demand/own-cloth';
export { bundleContract, ownClothContract, packetContract, stockContract } from './packets/packet-contract';
export {
  finishingOf,
  planBundles,
  planPacket,
  type BundledFabric,
  type Finishing,
  type PacketFabric,
  type PacketPlan,
} from './packets/packets';
export {
  baggedOf,
  monthShares,
  packetOfMonth,
  type Bagged,
  type KeptWhole,
  type MonthShare,
  type WhoseShare,
} from './packets/month-share';
export { cutterMats, outlines, type CutterMat } from './plans/cutter-files';
export { differenceInWords, piecesOfStep, planRest, together, type CutPiece, type Recut } from './plans/recut';
export { withinStock, type WithinStock } from './stock/within-stock';
export { planStock, type FabricOrder, type FabricStock, type StockRequest } from './stock/stock';
export { placesAndBlocks } from './reading/read-setting';
export { MOST_BLOCKS_IN_MONTHS } from './reading/bounds';
export { readProgramme } from './reading/read';
export { unansweredUnits } from './reading/unanswered';
export { programmeSchema } from './reading/schema';
export { making } from './document/making';
export { eveningLists, eveningTasks, type EveningKits, type EveningTask } from './plans/evening';
export { blockNames, monthInWords, monthTitle } from './document/month-title';
export { fieldName } from './document/field-names';
export {
  QUILT,
  isPoolKey,
  monthOfSetBlock,
  pieceLabel,
  pieceTitle,
  poolKey,
  readLaidKey,
  readPieceLabel,
  type PieceLabel,
} from './document/labels';
