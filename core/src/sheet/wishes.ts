/** What a participant's sheet can be like; every kind of it is made from the same month. */
import { Temporal } from 'temporal-polyfill';
import type { KitKind, SizeOption } from '../programme';
import { spokenTag } from '../words';
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
}

/** '13 March 2027' for '2027-03-13', or as the reader's language has it. */
export const plainDate = (iso: string): string =>
  Temporal.PlainDate.from(iso).toLocaleString(spokenTag(), { day: 'numeric', month: 'long', year: 'numeric' });

/** The paper, with the language that it was written in. */
export const inLanguage = (paper: Paper): Paper => ({ ...paper, lang: spokenTag() });
