/** Steps in rows: their pictures stand on one line, the words below. */
import type { PaperStep } from '@aggrega/core/sheet';
import { INK } from '../svg';
import { RULE, WELD, leadingOf, type PaperBox, type Look } from './boxes';
import { linesOf, setLines, type TextLine } from './lines';
import { drawPicture, scaleOf } from './pictures';

/** Between steps, and the narrowest that one may stand in: about 25 mm. Points. */
const GAP = 14;
const NARROWEST = 70;
/** Long sentences in narrow columns are not read. */
const MOST_LINES = 8;
const MOST_IN_ROW = 6;
/** A row with columns of unlike widths is a grid of so many. */
const GRID = 12;

/** A step as it stands in a column so wide. */
interface StepSet {
  step: PaperStep;
  room: number;
  inset: number;
  scale: number;
  lines: TextLine[];
  checks: TextLine[];
  mark: TextLine[];
  /** Of its picture, and of its words. */
  tall: number;
  words: number;
}

/** Rows of steps, as many in each as takes the least height. */
export function stepRows(look: Look, steps: readonly PaperStep[], width: number): PaperBox[] {
  const setter = setterOf(look, steps);
  const even = evenRows(setter, steps.length, width);
  const rows = look.close ? [even, unevenRows(setter, steps.length, width)].reduce(lower) : even;
  return rows.map((row) => rowBox(look, row));
}

/** Steps side by side, with where each begins. */
type Row = { set: StepSet; left: number }[];

const rowHeight = (row: readonly StepSet[]) => Math.max(...row.map((s) => s.tall)) + Math.max(...row.map((s) => s.words));
const heightOf = (rows: readonly Row[], between = 0) =>
  rows.reduce((sum, row) => sum + rowHeight(row.map((r) => r.set)) + between, 0);
const lower = (a: Row[], b: Row[]) => (heightOf(b, GAP) < heightOf(a, GAP) ? b : a);
const readable = (set: StepSet) => set.lines.length + set.checks.length <= MOST_LINES;

/** Sets the nth step in a column, once for each width. */
type Setter = (n: number, room: number) => StepSet;

function setterOf(look: Look, steps: readonly PaperStep[]): Setter {
  const { doc, size } = look;
  const inset = size * (steps.length > 9 ? 1.55 : 1.2);
  const known = new Map<string, StepSet>();
  return (n, room) => {
    const key = `${n} ${room}`;
    const found = known.get(key);
    if (found) return found;
    const step = steps[n]!;
    const scale = step.picture ? scaleOf(step.picture, room, look.pictures) : 0;
    const lines = linesOf(doc, step.text, { face: 'text', size, width: room - inset });
    const checks = step.check ? linesOf(doc, step.check, { face: 'text', size, width: room - inset }) : [];
    const mark = linesOf(doc, [{ bold: String(n + 1) }], { face: 'text', size, width: inset });
    const tall = step.picture ? step.picture.height * scale : 0;
    const words = (lines.length + checks.length) * stepLeading(look);
    const set = { step, room, inset, scale, lines, checks, mark, tall, words };
    known.set(key, set);
    return set;
  };
}

const stepLeading = (look: Look) => leadingOf(look, look.size) - look.size * 0.08;

/** All rows in as many columns, all as wide. */
function evenRows(setter: Setter, count: number, width: number): Row[] {
  const most = Math.max(2, Math.floor((width + GAP) / (NARROWEST + GAP)));
  const ways = Array.from({ length: Math.min(most, MOST_IN_ROW) - 1 }, (_, i): Row[] => {
    const columns = i + 2;
    const room = (width - GAP * (columns - 1)) / columns;
    const all = Array.from({ length: count }, (_, n) => ({ set: setter(n, room), left: (n % columns) * (room + GAP) }));
    return Array.from({ length: Math.ceil(count / columns) }, (_, row) => all.slice(row * columns, (row + 1) * columns));
  });
  const read = ways.filter((rows) => rows.every((row) => row.every(({ set }) => readable(set))));
  return (read.length > 0 ? read : ways.slice(0, 1)).reduce(lower);
}

/** Rows of which each has its own columns: where to begin a new one is found from the first step on. */
function unevenRows(setter: Setter, count: number, width: number): Row[] {
  const best: { height: number; rows: Row[] }[] = [{ height: 0, rows: [] }];
  for (let end = 1; end <= count; end += 1) {
    for (let from = Math.max(0, end - MOST_IN_ROW); from < end; from += 1) {
      const row = unevenRow(setter, from, end, width);
      if (!row) continue;
      const height = best[from]!.height + rowHeight(row.map((r) => r.set)) + GAP;
      if (height < (best[end]?.height ?? Infinity)) best[end] = { height, rows: [...best[from]!.rows, row] };
    }
  }
  return best[count]!.rows;
}

/** A row whose longest steps are given more of the grid until it is lowest; nothing where that cannot be read. */
function unevenRow(setter: Setter, from: number, end: number, width: number): Row | undefined {
  const unit = (width + GAP) / GRID;
  const narrowest = Math.ceil((NARROWEST + GAP) / unit - 0.01);
  const spans = Array.from({ length: end - from }, () => narrowest);
  let best: Row | undefined;
  for (let left = GRID - spans.length * narrowest; left >= 0; left -= 1) {
    const sets = spans.map((span, i) => setter(from + i, span * unit - GAP));
    const fits = sets.every(readable) || sets.length === 1;
    if (fits && (!best || rowHeight(sets) < rowHeight(best.map((r) => r.set))))
      best = sets.map((set, i) => ({ set, left: unit * spans.slice(0, i).reduce((sum, s) => sum + s, 0) }));
    const longest = sets.reduce((most, set, i) => (set.words > sets[most]!.words ? i : most), 0);
    spans[longest]! += 1;
  }
  return best;
}

function rowBox(look: Look, row: Row): PaperBox {
  const { doc, size } = look;
  const leading = stepLeading(look);
  const tall = Math.max(...row.map(({ set }) => set.tall));
  const bar = (x: number, y: number, lines: number, colour: string) =>
    doc.rect(x - 5, y + 1, 2.4, lines * leading - 2).fill(colour);
  return {
    height: rowHeight(row.map((r) => r.set)) + size * (look.close ? 0.9 : 1.1),
    draw: (x, y, tagged) =>
      row.forEach(({ set: { step, room, inset, scale, lines, checks, mark, tall: own }, left: at }) => {
        const left = x + at;
        const below = y + tall + size * 0.3;
        const { picture } = step;
        if (picture) tagged('Figure', () => drawPicture(doc, picture, left, y + tall - own, scale), picture.label);
        if (step.place?.mine) bar(left + inset, below, lines.length, RULE);
        const common = { leading, colour: INK };
        tagged('P', () => {
          setLines(doc, mark, { ...common, x: left, y: below, width: inset });
          setLines(doc, lines, { ...common, x: left + inset, y: below, width: room - inset });
        });
        if (checks.length === 0) return;
        const under = below + lines.length * leading;
        bar(left + inset, under, checks.length, WELD);
        tagged('P', () => setLines(doc, checks, { ...common, x: left + inset, y: under, width: room - inset }));
      }),
  };
}
