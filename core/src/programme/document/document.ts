/** The programme document: as the file holds it, and as the rest of Aggrega reads it. */
import { kitKindEntries, type KitKindEntry } from './kit-kinds';
import type { Block, BlockFile, Problem } from '../../block';
import type { PlanAim, Rates } from '../../cutting';
import type { BlockReading as PictureReading, SeenSlip, SewingStyle } from '../../construction';
import type { Print, PrintPattern, ValueBand } from '../../fabric';
import type { Exact, Rational, LengthUnit, SoldBy } from '../../measure';
import type { PartGroup, PlaceChoice, Setting, SettingKind, Turning } from '../../setting';
import type { Note, OwnWords, SheetPart } from './notes';

/** The file `NAME.aggrega.json` after its schema was checked; see core/schemas/aggrega-programme.schema.json. */
export interface ProgrammeFile {
  format: 'aggrega-programme';
  version: 1;
  title?: string;
  unit?: LengthUnit;
  currency?: string;
  contact?: string;
  welcome?: string;
  mystery?: boolean;
  house?: {
    seam?: LengthFile;
    rounding?: LengthFile;
    wof?: LengthFile;
    sizing?: 'exact' | 'trim-down';
    oversize?: Record<string, LengthFile>;
    methods?: Record<string, string>;
    pressing?: 'nest' | 'dark' | 'open';
    trimming?: 'opened' | 'folded';
    corners?: 'trimmed-first' | 'pressed-first';
    allowance?: LengthFile;
    shrinkage?: number;
    soldBy?: SoldBy;
    sellingStep?: LengthFile;
    layers?: number;
    dies?: { kind: string; finished: LengthFile; width: LengthFile; length: LengthFile; units: number }[];
    saleable?: LengthFile;
    rates?: Partial<Rates>;
    mat?: { width?: LengthFile; length?: LengthFile; gap?: LengthFile };
  };
  fabrics?: FabricFile[];
  colourways?: ColourwayFile[];
  melts?: [string, string][];
  blocks: BlockFile[];
  months?: MonthFile[];
  setting?: SettingFile;
  participants?: Record<string, number>;
  sizes?: { id: string; name?: string; make: number; participants?: Record<string, number>; setting?: SettingFile }[];
  kits?: {
    kind?: KitKind;
    packets?: string[][];
    spares?: number;
    demoSets?: number;
    most?: number;
    stepOuts?: { month: string; colourway?: string; stages?: number }[];
    bundle?: Record<string, number>;
    keepWhole?: string[];
    otherKinds?: { colourway: string; size?: string; kind: KitKind; people: number }[];
  };
  shelf?: ShelfFile[];
  orders?: OrderFile[];
  calendar?: CalendarFile;
  money?: Partial<Money>;
}

export interface CalendarFile {
  timeZone?: string;
  time?: string;
  cadence?: { kind: 'weekly' | 'fortnightly' | 'monthly'; start: string; last?: boolean };
  away?: { id: string; from: string; to: string; name?: string }[];
  hours?: number;
  days?: Partial<CalendarDays>;
}

interface OrderLineFile {
  fabric: string;
  length?: LengthFile;
  pieces?: number;
  dyeLot?: string;
}

export interface OrderFile {
  id: string;
  supplier: string;
  placed: string;
  due?: string;
  closed?: boolean;
  lines: OrderLineFile[];
  deliveries?: { id: string; date: string; lines: OrderLineFile[] }[];
}

interface StripFile {
  finished: LengthFile;
  role: string;
}

export interface SettingFile {
  kind?: SettingKind;
  across?: number;
  down?: number;
  turning?: Turning;
  sashing?: StripFile & { outer?: boolean };
  cornerstone?: { role: string };
  frame?: StripFile;
  coping?: { role: string };
  alternate?: { role: string };
  triangles?: { role: string; float?: LengthFile };
  rounds?: { finished: LengthFile; role?: string }[];
  borders?: (StripFile & { corners?: 'butted' | 'mitred'; strips?: 'whole' | 'joined' })[];
  binding?: { cut: LengthFile; role: string; over?: LengthFile };
  backing?: {
    overage?: LengthFile;
    role: string;
    seams?: 'least' | 'upright' | 'level';
    width?: LengthFile;
    seam?: LengthFile;
  };
  wadding?: { fabric?: string };
  leftOver?: number;
  places?: Record<string, PlaceChoice>;
  months?: Partial<Record<PartGroup, string>>;
}

export type LengthFile = string | number;

export type KitKind = (typeof kitKindEntries)[number]['id'];
export const kitKinds: readonly KitKind[] = kitKindEntries.map(({ id }) => id);
/** How a kind of kit is handed out. */
export const wayOf = Object.fromEntries(kitKindEntries.map(({ id, way }) => [id, way])) as Readonly<
  Record<KitKind, KitKindEntry['way']>
>;
/** 'a length of each fabric', for whoever is handed it. */
export const kitTitle = (kind: KitKind): string => kitKindEntries.find(({ id }) => id === kind)!.title;

export interface ShelfFile {
  id?: string;
  fabric: string;
  /** One of the two: a length, or pieces of a cut form. */
  length?: LengthFile;
  pieces?: number;
  dyeLot?: string;
}

export interface ColourwayFile {
  id: string;
  name?: string;
  fabrics: Record<string, string>;
  choices?: Record<string, ValueBand>;
  locked?: string[];
  pools?: Record<string, PoolFile>;
  scatter?: ScatterFile;
}

/** What has a fabric of its own: each patch, each patch with none twice in a block, each block, or the whole quilt. */
export type PoolPer = 'patch' | 'once' | 'block' | 'quilt';

export interface PoolFile {
  fabrics: string[];
  per?: PoolPer;
  units?: UnitPooling;
}

/** What one pool of units serves: the whole programme, a packet, or a block. */
export const poolScopes = ['programme', 'packet', 'block'] as const;
export type PoolScope = (typeof poolScopes)[number];

/** A scrappy letter whose units are made as a pool, in batches, and dealt to the blocks, instead of every patch being named (docs/craft.md, Scrappy fabrics). */
export interface UnitPooling {
  for: PoolScope;
  /** Its value: letters of one value take one another's place in the units of a pool. */
  as?: ValueBand;
  /** Units that are alike, at most. */
  alike?: number;
}

export interface ScatterFile {
  seed?: number;
  most?: Record<string, number>;
  pins?: Record<string, string>;
}

export interface FabricFile {
  id: string;
  name?: string;
  sku?: string;
  colour?: string;
  directional?: boolean;
  form?: string;
  usableWidth?: LengthFile;
  usableLength?: LengthFile;
  pricePerYard?: number;
  supplier?: string;
  boltLength?: LengthFile;
  planFor?: PlanAim;
  leadDays?: number;
  gone?: number;
  value?: number;
  volume?: number;
  print?: { pattern: PrintPattern; ink: string; repeat?: LengthFile };
  photo?: string;
  photoSide?: LengthFile;
}

export interface MonthFile {
  id: string;
  name?: string;
  release?: string;
  blocks?: MonthBlockFile[];
  homework?: string;
  uses?: string[];
  unitsWith?: string;
  notes?: Partial<Record<SheetPart, string | readonly Note[]>>;
  words?: Record<string, readonly OwnWords[]>;
}

export interface MonthBlockFile {
  block: string;
  finished: LengthFile | [LengthFile, LengthFile];
  make?: number;
  sizing?: 'exact' | 'trim-down';
  methods?: Record<string, string>;
  readings?: Record<string, PictureReading>;
  joining?: string;
  slip?: SeenSlip;
}

export interface House extends SewingStyle {
  /** Layers that are cut at once at most. */
  layers: number;
  allowance: Rational;
  shrinkage: Rational;
  soldBy: SoldBy;
  sellingStep: Rational;
  /** The shortest remainder of a bolt that can still be sold. */
  saleable: Rational;
  rates: Rates;
  /** Of a cutting machine: its mat, and what stays between pieces. */
  mat: { width: Rational; length: Rational; gap: Rational };
}

export interface Fabric {
  id: string;
  name: string;
  sku: string;
  colour: string;
  directional: boolean;
  form: string;
  usableWidth: Rational;
  /** Of a cut form; undefined for yardage, and for a panel or scrap that nobody measured. */
  usableLength?: Rational;
  /** In the shop's currency, per yard; undefined when not known. */
  pricePerYard?: number;
  supplier: string;
  /** Undefined where it is ordered by length. */
  boltLength?: Rational;
  /** What its cutting plan is best for; the least cloth where nobody chose. */
  planFor?: PlanAim;
  /** Undefined when nobody knows. */
  leadDays?: number;
  /** The chance that it cannot be had again later; undefined when nobody said. */
  gone?: number;
  /** L* of its average, measured or worked out. */
  value: number;
  /** How loud its print is: spread of L* at arm's length. */
  volume: number;
  print?: Print;
  /** A kept photo, and how much cloth its side shows. */
  photo?: { id: string; side: number };
  /** Cast by every participant herself; no fabric of the shop. */
  own?: boolean;
}

export interface Colourway {
  id: string;
  name: string;
  /**
   * Role to fabric; a letter of one's own choice to a fabric of that value. A scrappy letter B stands for the first of its pool where one
   * fabric has to do, and the pool's are Ba, Bb, …
   */
  fabrics: ReadonlyMap<string, Fabric>;
  /** Scrappy letters. */
  pools: ReadonlyMap<string, Pool>;
  scatter: { seed: number; most: ReadonlyMap<string, number>; pins: ReadonlyMap<string, string> };
  /** Letters whose fabric stays when others are cast anew. */
  locked: ReadonlySet<string>;
}

export interface Pool {
  fabrics: Fabric[];
  per: PoolPer;
  /** Undefined where every patch is named. */
  units?: UnitPooling;
}

export interface MonthBlock {
  block: Block;
  finished: readonly [Exact, Exact];
  make: number;
  style: SewingStyle;
  /** The block's name in labels: its id, with the size where it stands in the month more than once. */
  key: string;
  /** Its place in the document. */
  path: string;
}

export interface Month {
  id: string;
  name: string;
  /** ISO date, or undefined while it is not settled. */
  release?: string;
  blocks: MonthBlock[];
  /** What to have done by the next month. */
  homework: string;
  notes: Partial<Record<SheetPart, readonly Note[]>>;
  /** Her own words in the place of computed ones, by the name of the place. */
  words: Readonly<Record<string, readonly OwnWords[]>>;
  /** Earlier months whose left-over units its blocks use, by id. */
  uses: readonly string[];
  /** The earlier month, by id, whose sheet cuts and makes its units. */
  unitsWith?: string;
  /** Whether parts of the quilt come with it: a month without blocks that hands them out is not one whose block is still to be drawn. */
  parts?: boolean;
}

/** A larger quilt from the same months. */
export interface SizeOption {
  id: string;
  name: string;
  /** How many times each month's blocks are made. */
  make: number;
  /** People who take it, per colourway id. */
  participants: ReadonlyMap<string, number>;
  /** How it is set; undefined without a setting. */
  setting?: Setting;
}

export interface Kits {
  kind: KitKind;
  /** Which months are handed out together, in the order of their release; every month is in one. */
  packets: readonly (readonly Month[])[];
  spares: number;
  demoSets: number;
  /** No more kits than that are given; who comes later waits. */
  most?: number;
  /** Blocks stopped at each stage; in every colourway unless one is named. */
  stepOuts: readonly { month: string; colourway?: string; stages?: number }[];
  /** Pieces of a cut form in each participant's bundle, by fabric id. */
  bundle: ReadonlyMap<string, number>;
  /** First months of the packets in which the end of a strip that a later month needs is kept whole instead of being cut and bagged. */
  keepWhole: ReadonlySet<string>;
  /** Participants whose kit is of another kind than the programme's; they are counted in `participants` and in their size's. */
  otherKinds: readonly { colourway: string; size?: string; kind: KitKind; people: number }[];
}

/** A length on the shelf, or pieces of a cut form. */
export interface ShelfLength {
  id: string;
  fabric: Fabric;
  length: Rational;
  /** 0 for a length. */
  pieces: number;
  dyeLot: string;
}

/** Of one fabric: a length, or pieces of a cut form. */
export interface OrderLine {
  fabric: Fabric;
  length: Rational;
  pieces: number;
  dyeLot: string;
}

/** Cloth ordered of a supplier; dates as ISO writes them. */
export interface Order {
  id: string;
  supplier: string;
  placed: string;
  due?: string;
  /** Nobody waits for the rest. */
  closed: boolean;
  lines: OrderLine[];
  deliveries: { id: string; date: string; lines: OrderLine[] }[];
}

/** Days before a release by which each is done. */
export interface CalendarDays {
  proof: number;
  sample: number;
  pack: number;
  cut: number;
  house: number;
}

/** When what is done; days as ISO writes them, where the shop is. */
export interface Calendar {
  timeZone: string;
  /** Of day, '09:00': when a month is released. */
  time: string;
  cadence?: { kind: 'weekly' | 'fortnightly' | 'monthly'; start: string; last: boolean };
  away: { id: string; from: string; to: string; name: string }[];
  /** For cutting and packing, a week. */
  hours: number;
  days: CalendarDays;
}

/** In the document's currency. */
export interface Money {
  /** What a participant pays a month, tax included; undefined while nobody said. */
  price?: number;
  /** A kit's printing, its bag and label, and its postage where it is posted. */
  print: number;
  packing: number;
  postage: number;
  /** An hour at the table. */
  rate: number;
  packMinutes: number;
  /** However many take part. */
  fixed: number;
  /** Per cent that is in the price. */
  tax: number;
}

export interface Programme {
  title: string;
  unit: LengthUnit;
  /** ISO 4217 code of the prices, if the document names one. */
  currency?: string;
  /** Where participants ask. */
  contact: string;
  /** The organiser's letter in the first packet. */
  welcome: string;
  /** No month is shown before its release. */
  mystery: boolean;
  house: House;
  fabrics: Fabric[];
  colourways: Colourway[];
  blocks: Block[];
  months: Month[];
  /** How the plain size is set; undefined while nobody said. */
  setting?: Setting;
  /** People per colourway id. */
  participants: ReadonlyMap<string, number>;
  sizes: SizeOption[];
  kits: Kits;
  shelf: ShelfLength[];
  orders: Order[];
  calendar: Calendar;
  money: Money;
  /** Pairs of letters that are meant to melt together, as 'A B'. */
  melts: ReadonlySet<string>;
  /** Roles that some colourway casts with a directional fabric. */
  directional: ReadonlySet<string>;
  /** How light the fabrics of each role are (L*), on average over the colourways. */
  lightness: ReadonlyMap<string, number>;
}

/** Either a programme with what is worth a warning, or every reason why it is refused. */
export type ReadResult =
  { ok: true; programme: Programme; file: ProgrammeFile; warnings: Problem[] } | { ok: false; errors: Problem[] };
