/** What a participant's sheet can be like; every kind of it is made from the same month. */
import type { KitKind, Programme, SizeOption } from '../programme';
import { inAmerican } from '../words';
import type { Paper } from './paper';

export interface SheetWishes {
  size?: SizeOption;
  /** What she is handed; the programme's own kind of kit when left out. */
  kind?: KitKind;
  /** Whether the end of a strip that a later month needs is kept whole; as the packet says when left out. */
  keep?: 'cut' | 'whole';
  /** For somebody new to it every word is said and every size drawn; somebody versed gets numbers and pictures. */
  level?: 'new' | 'usual' | 'versed';
  /** Every cut size as a drawn ruler too. */
  rulers?: boolean;
  large?: boolean;
  /** Cutting is drawn from the right. */
  left?: boolean;
  /** False: pictures to colour in, and room to glue swatches. */
  coloured?: boolean;
  /** Said at the foot of every page: 'Version 2, 9 January 2027'. */
  version?: string;
  /** Months that may be shown, by id; the others are hidden, name and all. Left out, the programme's own word on mystery stands. */
  out?: ReadonlySet<string>;
  /** What the organiser needs to say it in her own words. */
  writing?: boolean;
  /** The reader's English; British when left out. */
  english?: 'american';
  /** How a date is written; as her English has it when left out. */
  date?: (iso: string) => string;
}

const OPTIONS = { day: 'numeric', month: 'long', year: 'numeric', timeZone: 'UTC' } as const;
const british = new Intl.DateTimeFormat('en-GB', OPTIONS);
const american = new Intl.DateTimeFormat('en-US', OPTIONS);

/** '13 March 2027' for '2027-03-13'. */
export const plainDate = (iso: string): string => british.format(new Date(`${iso}T00:00:00Z`));

/** How dates are written for whoever wishes that: '13 March 2027', or 'March 13, 2027'. */
export const dateOf = ({ date, english }: SheetWishes): ((iso: string) => string) =>
  date ?? (english ? (iso) => american.format(new Date(`${iso}T00:00:00Z`)) : plainDate);

/** The paper in the reader's English. */
export const inEnglish = (paper: Paper, programme: Programme, { english }: SheetWishes): Paper =>
  english ? { ...inAmerican(paper, programme), lang: 'en-US' } : paper;
