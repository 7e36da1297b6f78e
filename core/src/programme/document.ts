/** The programme document: as the file holds it, and as the rest of Aggrega reads it. */
import type { Block, BlockFile, Problem } from '../block';
import type { Reading as PictureReading, SewingStyle } from '../construction';
import type { Exact, Rational, Unit } from '../measure';

/** The file `NAME.aggrega.json` after its schema was checked; see core/schemas/aggrega-programme.schema.json. */
export interface ProgrammeFile {
  format: 'aggrega-programme';
  version: 1;
  title?: string;
  unit?: Unit;
  currency?: string;
  house?: {
    seam?: LengthFile;
    rounding?: LengthFile;
    wof?: LengthFile;
    sizing?: 'exact' | 'trim-down';
    oversize?: Record<string, LengthFile>;
    methods?: Record<string, string>;
    pressing?: 'nest' | 'dark' | 'open';
    allowance?: LengthFile;
    shrinkage?: number;
    sellingStep?: LengthFile;
    layers?: number;
    dies?: { kind: string; finished: LengthFile; width: LengthFile; length: LengthFile; units: number }[];
  };
  fabrics?: FabricFile[];
  colourways?: { id: string; name?: string; fabrics: Record<string, string> }[];
  blocks: BlockFile[];
  months?: MonthFile[];
  setting?: object;
  participants?: Record<string, number>;
  kits?: { kind?: string; packets?: string[][]; spares?: number; demoSets?: number };
  shelf?: { fabric: string; length: LengthFile; dyeLot?: string }[];
}

export type LengthFile = string | number;

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
}

export interface MonthFile {
  id: string;
  name?: string;
  release?: string;
  blocks?: MonthBlockFile[];
}

export interface MonthBlockFile {
  block: string;
  finished: LengthFile | [LengthFile, LengthFile];
  make?: number;
  sizing?: 'exact' | 'trim-down';
  methods?: Record<string, string>;
  readings?: Record<string, PictureReading>;
}

export interface House extends SewingStyle {
  /** Layers that are cut at once at most. */
  layers: number;
  allowance: Rational;
  shrinkage: Rational;
  sellingStep: Rational;
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
}

export interface Colourway {
  id: string;
  name: string;
  /** Role to fabric. */
  fabrics: ReadonlyMap<string, Fabric>;
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
}

export interface Programme {
  title: string;
  unit: Unit;
  /** ISO 4217 code of the prices, if the document names one. */
  currency?: string;
  house: House;
  fabrics: Fabric[];
  colourways: Colourway[];
  blocks: Block[];
  months: Month[];
  /** People per colourway id. */
  participants: ReadonlyMap<string, number>;
  kits: { spares: number; demoSets: number };
  /** Roles that some colourway casts with a directional fabric. */
  directional: ReadonlySet<string>;
  /** How light the fabrics of each role are (L*), on average over the colourways. */
  lightness: ReadonlyMap<string, number>;
}

/** Either a programme with what is worth a warning, or every reason why it is refused. */
export type Reading =
  { ok: true; programme: Programme; file: ProgrammeFile; warnings: Problem[] } | { ok: false; errors: Problem[] };
