/** A cutting list as somebody wrote it, pasted or read from a file: line by line what it asks for, and of which fabric. */
import type { LengthUnit } from '../measure';
import { fabricsIn, headName, nameKey, type KnownFabric } from './fabric-names';
import { rowsOf } from './list-rows';
import { readLine, type ReadCut, type Strip, type Unread } from './read-line';
import {
  BEYOND,
  BOUGHT,
  CUTS,
  FOR_BLOCKS,
  HEADINGS,
  LATER,
  MEASURED,
  PICTURE,
  PIECES,
  PIECES_FIRST,
  PLAIN,
  PURPOSE,
  SEWING,
  SIZE,
} from './vocabulary';
import { counted, plainly } from './written';

/** A line that says what to cut, with its fabrics; one that cannot be read; or one about something else. */
type Cutting = { is: 'cuts'; fabrics: string[]; cuts: ReadCut[]; strip?: Strip };
type Lost = { is: 'unread'; why: Unread; fabrics: string[] };
type Aside = { is: 'aside' };
export type ListLine = {
  /** Of the text, from 1. */
  line: number;
  text: string;
} & (Cutting | Lost | Aside);

export interface ReadList {
  lines: ListLine[];
  /** Blocks that the list says it is for. */
  blocks?: number;
  /** The unit that its sizes are written in, where it says so. */
  unit?: LengthUnit;
}

/** More than any cutting list has. */
const MOST_LINES = 2000;
const LONGEST = 600;
const ASIDE: Aside = { is: 'aside' };

/** Reads a list. `known`: the fabrics of the drawing with their names. */
export function readList(text: string, known: readonly KnownFabric[]): ReadList {
  const written = plainly(text.slice(0, MOST_LINES * LONGEST));
  const unit = unitOf(written);
  const reader = new Reader(known, /\d,\d+ ?(?:cm|mm)\b/i.test(written));
  const originals = text.split(/\r\n|\r|\n/);
  const lines = rowsOf(written, MOST_LINES).map(({ line, to, text: row }): ListLine => {
    const shown = originals.slice(line - 1, to).map((part) => part.trim());
    return { line, text: shown.join(' ').slice(0, LONGEST), ...reader.read(row) };
  });
  return { lines, ...(reader.blocks !== undefined && { blocks: reader.blocks }), ...(unit && { unit }) };
}

/** Reads line after line: a heading names the fabric of those under it, a strip what the next are cut from. */
class Reader {
  blocks: number | undefined;
  private heading: string[] = [];
  /** The heading is of something that is no block: a border, the binding. */
  private beyond = false;
  private strip: (Strip & { fabrics: string[] }) | undefined;

  constructor(
    private readonly known: readonly KnownFabric[],
    /** A comma between digits is a decimal one. */
    private readonly comma: boolean,
  ) {}

  read(row: string): Cutting | Lost | Aside {
    const line = row
      .trim()
      .replace(/^[-*•·‣▪◦–☐□✓]+\s*/, '')
      // '1. Cut 8 squares' without the number of the step; '1·A1' without that of the block.
      .replace(/^\d{1,2}[.)]\s+(?=\p{L})/u, '')
      .replace(/\b\d·(?=[A-Z]\d)/g, '');
    if (!/[\p{L}\p{N}]/u.test(line) || PICTURE.test(line)) return ASIDE;
    if (row.length > LONGEST) return { is: 'unread', why: 'words', fabrics: [] };
    if (HEADINGS.test(line)) return this.begin([]);
    const blocks = blocksIn(line);
    if (blocks !== undefined) {
      this.blocks ??= blocks;
      return ASIDE;
    }
    if (isSewing(line) || LATER.test(line) || MEASURED.test(line)) return ASIDE;
    const found = fabricsIn(line, this.known);
    const head = found.keys.length === 0 ? headName(line) : undefined;
    const keys = head ? [head.key] : found.keys;
    const rest = head ? head.rest : found.rest;
    if (BEYOND.test(line) && !/\d.*\b(?:square|rectangle)s?\b/i.test(line)) {
      this.beyond = true;
      return ASIDE;
    }
    if (!isCutting(rest)) return this.headed(line, keys, rest);
    const read = readLine(rest, { strip: this.strip, comma: this.comma });
    if (!read) return this.headed(line, keys, rest);
    if (this.beyond && keys.length === 0) return ASIDE;
    if (keys.length > 0) this.beyond = false;
    return this.cutting(read, keys, line);
  }

  private cutting(read: NonNullable<ReturnType<typeof readLine>>, keys: string[], line: string): Cutting | Lost {
    const own = [...new Set(read.rest.map((r) => nameKey(r.replace(PURPOSE, ' '))).filter(Boolean))];
    const goesOn = this.strip !== undefined && keys.length === 0 && read.cuts.some((cut) => cut.strips);
    const named = keys.length > 0 ? keys : own.length === 1 && this.heading.length === 0 ? own : this.heading;
    const fabrics = goesOn ? this.strip!.fabrics : named;
    const each = fabrics.length < 2 || /\beach\b/i.test(line);
    const why = read.unread ?? (keys.length === 0 && own.length > 1 ? 'words' : each ? undefined : 'fabric');
    if (why) return { is: 'unread', why, fabrics };
    if (read.strip) this.strip = { ...read.strip, fabrics };
    else if (!goesOn) this.strip = undefined;
    // Whoever goes on without a name means the same fabric.
    if (keys.length > 0 && this.heading.length > 0) this.heading = keys;
    return { is: 'cuts', fabrics, cuts: read.cuts, ...(read.strip && { strip: read.strip }) };
  }

  /** A line without a cut: a fabric's name, with what to buy of it or without, begins the lines of that fabric. */
  private headed(line: string, keys: string[], rest: string): Aside {
    if (keys.length > 0) return SIZE.test(line) && !BOUGHT.test(line) ? ASIDE : this.begin(keys);
    const naked = rest.replace(/\([^)]*\)/g, ' ');
    const name = nameKey(naked);
    const isName = !/\d/.test(line) && wordsIn(naked).length <= 4 && naked.search(PURPOSE) < 0 && name !== '';
    return isName && !/[.!?]\s*$/.test(line) ? this.begin([name]) : ASIDE;
  }

  private begin(heading: string[]): Aside {
    [this.heading, this.beyond, this.strip] = [heading, false, undefined];
    return ASIDE;
  }
}

const wordsIn = (text: string): string[] => text.match(/\p{L}[\p{L}'-]*/gu) ?? [];

/** '2 blocks', 'for 3 blocks': how many the list is for. */
function blocksIn(line: string): number | undefined {
  const many = FOR_BLOCKS.exec(line);
  if (!many || /\bcut\b/i.test(line)) return undefined;
  const n = /^\d+$/.test(many[1]!) ? Number(many[1]) : counted(many[1]!);
  return n === 0 ? undefined : n;
}

/** A line that begins with what is sewn, or tells of sewing, and cuts nothing. */
const isSewing = (line: string) =>
  !/^\W*(?:cut|sub-?cut|\d)/i.test(line) && (SEWING.test(line) || /\b(?:sew|stitch)\b/i.test(line)) && !CUTS.test(line);

/** Words beside sizes and pieces that a line which names no shape may have: more of them are a sentence about something else. */
const FEW_WORDS = 3;

/** Whether a line without its fabric is about cutting: it gives a size and pieces, or pieces and a size that nobody can read. */
function isCutting(rest: string): boolean {
  if (!SIZE.test(rest)) return PIECES_FIRST.test(rest);
  if (PIECES.test(rest)) return true;
  if (BOUGHT.test(rest)) return false;
  const others = wordsIn(rest).filter(
    (word) => !PLAIN.has(word.toLowerCase()) && counted(word) === undefined && !/^(?:in|inch|inches|cm|mm|x)$/i.test(word),
  );
  return (
    others.length <= FEW_WORDS &&
    (/\b\d+\b/.test(rest.replace(/\d+ ?\/ ?\d+|\d+\.\d+/g, '')) || wordsIn(rest).some((word) => counted(word) !== undefined))
  );
}

function unitOf(text: string): LengthUnit | undefined {
  const metric = text.match(/\d ?(?:cm|mm)\b/gi)?.length ?? 0;
  const inches = text.match(/\d(?:"| ?in\b| ?-?inch)/gi)?.length ?? 0;
  return metric > inches ? 'cm' : inches > 0 ? 'in' : undefined;
}
