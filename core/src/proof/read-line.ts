/** What one line of a cutting list asks for: cuts with their sizes and how many. What is not understood to its last number is not read at all. */
import type { Sub } from '../construction';
import { ratio, type LengthUnit, type Rational } from '../measure';
import {
  BEYOND,
  BOUGHT,
  DOUBTFUL,
  ONCE,
  PER_BLOCK,
  PLAIN,
  RECTANGLES,
  SEWING,
  SQUARES,
  STRIPS,
  SUBCUT,
  TOLD,
  TRIANGLES,
  TWICE,
  UNCUT,
} from './vocabulary';
import { counted, tokens, type Token } from './written';

export interface ReadCut {
  qty: number;
  /** As written, in `unit`. */
  w: Rational;
  h: Rational;
  unit?: LengthUnit;
  sub: Sub;
  /** So many for each block. */
  perBlock: boolean;
  /** Cut from strips across the width of the fabric: how many, and how wide; `loose`: from what is left of them, cut down. */
  strips?: { qty: number; wide: Rational; loose: boolean };
}

/** Why a line cannot be held against a drawing. */
export type Unread =
  'number' | 'count' | 'counts' | 'size' | 'sizes' | 'doubt' | 'triangles' | 'rectangle' | 'disagrees' | 'words' | 'fabric';

export interface Strip {
  qty: number;
  wide: Rational;
  unit?: LengthUnit;
}

export interface LineRead {
  cuts: ReadCut[];
  /** Strips from which a line after this says what is cut. */
  strip?: Strip;
  unread?: Unread;
  /** Words that are left over: a fabric's name, or a note. */
  rest: string[];
}

/** What a fragment of a line holds. */
interface Fragment {
  sizes: Size[];
  counts: number[];
  triangles?: number;
  shape?: 'square' | 'rectangle' | 'strip' | 'triangle';
  across: boolean;
  subcut: boolean;
  sub?: Sub;
  wide: boolean;
  rest: string;
}

interface Size {
  w: Rational;
  h?: Rational;
  unit?: LengthUnit;
}

interface Group {
  qty?: number;
  size?: Size;
  shape?: Fragment['shape'];
  strip: boolean;
  under?: Strip;
  sub?: Sub;
  triangles?: number;
  /** Neither the number nor the size is what is cut in the end: a strip cut shorter. */
  between?: boolean;
  /** Cut from what is left of the strip, cut down: its sides are not the strip's. */
  loose?: boolean;
}

const BREAK = /[;:()[\]{}=|•·]|,(?!\d)|(?<!\d),|\.(?=\s|$)|\s-+\s|\s(?:and|then|&|\+)\s/;

/**
 * Reads a line that is written plainly, without its fabric. `strip`: what the line before cut across the width, from which this one may go on; `comma`: a
 * comma between digits is a decimal one. Undefined where the line is about something else than cutting.
 */
export function readLine(
  line: string,
  { strip, comma = false }: { strip?: Strip; comma?: boolean } = {},
): LineRead | undefined {
  const parts = (comma ? line : line.replace(/(\d),(?=\s?\d)/g, '$1, '))
    .split(BREAK)
    .map((part) => part.trim())
    .filter(Boolean);
  const perBlock = PER_BLOCK.test(line);
  const groups: Group[] = [];
  const rest: string[] = [];
  let g: Group = { strip: false };
  let under = strip;
  let sewing = false;
  let unread: Unread | undefined;
  const fail = (why: Unread) => void (unread ??= why);
  const next = () => {
    if (g.size || g.qty !== undefined) groups.push(g);
    if (g.strip && g.size && g.qty !== undefined) under = { qty: g.qty, wide: g.size.w, unit: g.size.unit };
    g = { strip: false };
  };

  for (const [at, raw] of parts.entries()) {
    const part = raw.replace(PER_BLOCK, ' ');
    if (sewing && !/^\s*(?:then )?(?:cut|sub-?cut)\b/i.test(part)) continue;
    sewing = SEWING.test(part) || TOLD.test(part);
    if (sewing) continue;
    if (BOUGHT.test(part) && !cutWords(part)) continue;
    if (UNCUT.test(part)) fail('doubt');
    if (DOUBTFUL.test(part)) fail('doubt');
    const f = fragment(part, comma);
    if (typeof f === 'string') {
      fail(f);
      continue;
    }
    if (f.rest) rest.push(f.rest);
    if (f.sizes.length > 1) fail('sizes');
    const size = f.sizes[0];
    if (f.subcut && (g.size || g.qty !== undefined)) next();
    if (size) {
      if (g.size) next();
      g.size = size;
    }
    for (const n of new Set(f.counts)) {
      if (g.qty === undefined) g.qty = n;
      else if (g.qty !== n) {
        // '(2) 5 1/4 squares and (1) 4 1/2 square': a number by itself begins what follows.
        const begins = f.shape || /^[^\d]*\d{1,3}[^\d]*$/.test(part) || counted(part) !== undefined;
        const follows = f.shape !== undefined || /\d/.test(parts[at + 1] ?? '');
        if (g.size && !size && begins && follows && f.counts.length === 1) {
          next();
          g.qty = n;
        } else fail('counts');
      }
    }
    if (f.triangles !== undefined) g.triangles = f.triangles;
    if (f.shape === 'strip' || f.across) g.strip = true;
    if (f.shape && f.shape !== 'strip') {
      if (g.shape && g.shape !== f.shape && f.shape !== 'triangle') fail('sizes');
      if (!(g.shape && f.shape === 'triangle')) g.shape = f.shape;
    }
    if (f.wide && under && !g.strip && !g.shape) g.between = true;
    if (/\brest\b/i.test(part) || groups.some((one) => one.between)) g.loose = true;
    if (f.subcut || (under && !g.strip && groups.length > 0)) g.under = under;
    if (f.sub) {
      if (g.sub && g.sub !== f.sub) fail('doubt');
      const of = g.size || g.qty !== undefined ? g : groups.at(-1);
      if (of) of.sub = f.sub;
    }
  }
  next();
  if (!unread && groups.length === 0) return undefined;
  const cuts: ReadCut[] = [];
  let last: Strip | undefined;
  for (const group of groups) {
    if (group.between) continue;
    const read = cutOf(group, perBlock);
    if (typeof read === 'string') fail(read);
    else if ('wide' in read) last = read;
    else cuts.push(read);
  }
  if (groups.length > 0 && BEYOND.test(line)) return undefined;
  return { cuts: unread ? [] : cuts, ...(last && { strip: last }), ...(unread && { unread }), rest };
}

/** Whether a fragment that names a length of cloth to buy also says what is cut. */
const cutWords = (part: string) => /\b(?:squares?|rectangles?|strips?)\b/i.test(part);

function cutOf(
  { qty, size, shape, strip, under, sub = 'none', triangles, loose }: Group,
  perBlock: boolean,
): ReadCut | Strip | Unread {
  if (strip && !under) {
    if (!size) return 'size';
    if (qty === undefined) return 'count';
    return { qty, wide: size.w, unit: size.unit };
  }
  const [w, h] = sides(size, shape, under);
  if (!w || !h) return shape === 'rectangle' && size ? 'rectangle' : 'size';
  if (shape === 'square' && !w.equals(h)) return 'sizes';
  if (shape === 'triangle' && !(sub !== 'none' && qty !== undefined)) return 'triangles';
  const per = sub === 'once' ? 2 : sub === 'twice' ? 4 : 1;
  if (qty === undefined) return 'count';
  if (triangles !== undefined && (sub === 'none' || triangles !== qty * per)) return sub === 'none' ? 'triangles' : 'disagrees';
  if (sub !== 'none' && !w.equals(h)) return 'sizes';
  if (qty === 0 || w.equals(0) || h.equals(0)) return 'number';
  const unit = size?.unit ?? under?.unit;
  return {
    qty,
    w,
    h,
    ...(unit && { unit }),
    sub,
    perBlock,
    ...(under && { strips: { qty: under.qty, wide: under.wide, loose: loose === true } }),
  };
}

/** Both sides of what is cut: of a square the one that is told; out of a strip its width is the other. */
function sides(size: Size | undefined, shape: Group['shape'], under: Strip | undefined): [Rational?, Rational?] {
  if (!size) return under && shape !== 'rectangle' ? [under.wide, under.wide] : [];
  if (size.h) return [size.w, size.h];
  if (shape === 'rectangle') return under ? [under.wide, size.w] : [];
  return [size.w, size.w];
}

/** What a fragment holds; why not, where a number in it is none or stands for nothing. */
function fragment(part: string, comma: boolean): Fragment | Unread {
  let text = part.replace(
    /\b(?:for|to make|to yield|yields?|makes?|making|giving|gives?)\b(?![^,;]*\btriangles?\b)[^,;]*$/i,
    (told) => (/["/]|\bx\b|\d+\.\d|\bcut\b/i.test(told) ? told : ' '),
  );
  const found: Fragment = {
    sizes: [],
    counts: [],
    across: false,
    subcut: SUBCUT.test(text),
    wide: /\bwide\b|\bdown to\b/i.test(text),
    rest: '',
  };
  const triangles = /\b(\d+|\p{L}+) (?:[\p{L}-]+ )?(?:triangles|hsts|qsts)\b/iu.exec(text);
  const many = triangles && (/^\d+$/.test(triangles[1]!) ? Number(triangles[1]) : counted(triangles[1]!));
  for (const [sub, pattern] of [
    ['twice', TWICE],
    ['once', ONCE],
  ] as const)
    if (!found.sub && pattern.test(text)) {
      found.sub = sub;
      text = text.replace(pattern, ' ').replace(ONCE, ' ');
    }
  if (many && / (?:triangles|hsts|qsts)\b/i.test(text) && !/\bsquares?\b.*\btriangles\b/i.test(text.slice(triangles.index))) {
    found.triangles = many;
    text = text.replace(triangles[0], ' ');
  }
  text = text.replace(
    /\b(?:width of (?:the )?fabric|selvedge to selvedge|selvage to selvage|fabric width|full width)\b/gi,
    'wof',
  );
  text = text.replace(SUBCUT, ' ');
  const list = tokens(text, comma);
  if (!list) return 'number';
  const rest: string[] = [];
  for (let i = 0; i < list.length; i += 1) {
    const token = list[i]!;
    if (token.is === 'number') i = number(list, i);
    else if (token.is === 'word') word(token.text, list[i + 1]);
    else if (token.is === 'mark' && /["'\p{L}\p{N}]/u.test(token.text)) return 'number';
  }
  found.rest = rest.join(' ');
  settle(found);
  return found;

  /** A number with what goes on from it: 'n x size', 'size x size', 'size x wof'. Returns the last place that it takes. */
  function number(all: readonly Token[], from: number): number {
    const run = [all[from] as Extract<Token, { is: 'number' }>];
    let i = from;
    let across = false;
    for (;;) {
      const between = all[i + 1];
      const isX = between?.is === 'x' || (between?.is === 'word' && between.text.toLowerCase() === 'by');
      const after = all[i + 2];
      if (isX && after?.is === 'number') {
        run.push(after);
        i += 2;
      } else if (isX && after?.is === 'word' && after.text.toLowerCase() === 'wof') {
        across = true;
        i += 2;
        break;
      } else break;
    }
    if (across) found.across = true;
    const sizeLike = (n: (typeof run)[number]) => !n.whole || n.unit !== undefined;
    const takes = (...ns: typeof run) => {
      const unit = ns.map((n) => n.unit).find(Boolean);
      found.sizes.push({ w: ns[0]!.value, ...(ns[1] && { h: ns[1].value }), ...(unit && { unit }) });
    };
    const before = all[from - 1];
    if (run.length === 3 && run[0]!.whole) {
      found.counts.push(run[0]!.value.valueOf());
      takes(run[1]!, run[2]!);
    } else if (run.length === 3) found.sizes.push({ w: run[0]!.value }, { w: run[1]!.value });
    else if (run.length === 2 && across && run[0]!.whole) {
      found.counts.push(run[0]!.value.valueOf());
      takes(run[1]!);
    } else if (run.length === 2) takes(run[0]!, run[1]!);
    else if (across || sizeLike(run[0]!) || (before?.is === 'mark' && before.text === '@')) takes(run[0]!);
    else if (before?.is === 'x' || all[from + 1]?.is === 'x') found.counts.push(run[0]!.value.valueOf());
    else found.counts.push(run[0]!.value.valueOf());
    return i;
  }

  function word(written: string, after: Token | undefined): void {
    const low = written.toLowerCase();
    const n = counted(low);
    if (n !== undefined) found.counts.push(n);
    else if (low === 'wof') found.across = true;
    else if (SQUARES.has(low)) found.shape = 'square';
    else if (RECTANGLES.has(low)) found.shape = 'rectangle';
    else if (STRIPS.has(low)) found.shape = 'strip';
    else if (TRIANGLES.has(low)) found.shape ??= 'triangle';
    else if (low === 'a' && after?.is === 'word' && /^(?:square|rectangle|strip)$/i.test(after.text)) found.counts.push(1);
    else if (!PLAIN.has(low)) rest.push(written);
  }
}

/** Longest that a piece across the fabric is called by its length and not by 'WOF': 42 in, 40 in. */
const ACROSS = { in: [36, 45], cm: [91, 115] } as const;

/** What the numbers of a fragment are, all of it seen: '8 x 2 1/2" squares' are eight, '4 5 squares' are of 5. */
function settle(found: Fragment): void {
  const { sizes, counts, shape } = found;
  const [size] = sizes;
  if (size?.h && shape === 'square' && !size.w.equals(size.h) && counts.length === 0 && size.w.d === 1n) {
    counts.push(size.w.valueOf());
    sizes[0] = { w: size.h, ...(size.unit && { unit: size.unit }) };
  }
  if (size?.h && (shape === 'strip' || found.across)) {
    const [low, high] = ACROSS[size.unit ?? 'in'];
    const long = Math.max(size.w.valueOf(), size.h.valueOf());
    if (long >= low && long <= high) {
      found.across = true;
      sizes[0] = { w: size.w.valueOf() < size.h.valueOf() ? size.w : size.h, ...(size.unit && { unit: size.unit }) };
    }
  }
  if (sizes.length === 0 && counts.length === 2 && shape === 'square') {
    sizes.push({ w: ratio(counts.pop()!) });
  }
}
