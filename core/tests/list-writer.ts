/** Cutting lists as people write them, each with a habit of her own: of a block's true pieces, with faults planted where asked. */
import { construct, type Construction, type Cut, type SewingStyle } from '../src/construction';
import { Exact, ratio, type Rational } from '../src/measure';

export interface WrittenRow {
  role: string;
  w: Rational;
  h: Rational;
  qty: number;
  sub: Cut['sub'];
  /** Where the row is what the block wants, that row; undefined for one that was made up. */
  truth?: { role: string; w: Rational; h: Rational; qty: number; sub: Cut['sub'] };
  /** The least that its sides may be. */
  exact?: readonly [number, number];
  /** The units that it is for. */
  for?: readonly string[];
  fault?: Fault;
}

export type Fault = 'few' | 'many' | 'small' | 'big' | 'column' | 'mixed' | 'across' | 'role' | 'unused' | 'missing' | 'unread';

export type Random = () => number;
export const oneOf = <T>(random: Random, list: readonly T[]): T => list[Math.floor(random() * list.length)]!;

/** The pieces of a construction, templates aside. */
export const rowsOf = (c: Construction): WrittenRow[] =>
  c.cuts
    .filter(({ template }) => !template)
    .map(({ role, w, h, qty, sub, exact, serves }) => ({
      ...{ role, w, h, qty, sub, truth: { role, w, h, qty, sub } },
      exact: [exact[0].toNumber(), exact[1].toNumber()],
      for: serves.map((u) => u.name),
    }));

/** The same block with methods chosen at random, exact or cut large. */
export function otherMethods(c: Construction, random: Random): Construction {
  const methods: Record<string, string> = {};
  for (const { name, seen, kind } of c.units) {
    const able = kind.methods.filter((m) => !m.unable?.(seen, c.style));
    if (able.length > 1) methods[name] = oneOf(random, able).name;
  }
  const large: Partial<SewingStyle> =
    random() < 0.25 ? { sizing: 'trim-down', oversize: { hst: ratio(1, 8), qst: ratio(1, 4), geese: ratio(1, 8) } } : {};
  return construct(c.block, { ...c.order, style: { ...c.style, ...large, methods } });
}

export function columnOf(c: Construction, side: number): Construction {
  const finished = [Exact.of(side), Exact.of(side).times(c.finished[1].over(c.finished[0].rational))] as const;
  return construct(c.block, { ...c.order, finished });
}

/* ---- how numbers, sizes and pieces are written ---- */

const VULGAR: Record<string, string> = { '1/2': '½', '1/4': '¼', '3/4': '¾', '1/8': '⅛', '3/8': '⅜', '5/8': '⅝', '7/8': '⅞' };
const WORDS = ['', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve'];

export type SizeHabit = (x: Rational) => string;
const fraction = (x: Rational) => x.toFraction(true);
export const sizeHabits: Record<string, SizeHabit> = {
  inches: (x) => `${fraction(x)}"`,
  dashed: (x) => `${fraction(x).replace(' ', '-')}"`,
  vulgar: (x) => {
    const [whole, part] = fraction(x).split(' ');
    const glyph = part ? VULGAR[part] : VULGAR[whole!];
    return glyph ? `${part ? whole : ''}${glyph}"` : `${fraction(x)}"`;
  },
  words: (x) => `${fraction(x)} in.`,
  decimal: (x) => `${x.valueOf()}"`,
  rounded: (x) => `${Number(x.valueOf().toFixed(2))}"`,
  bare: (x) => fraction(x),
  metric: (x) => `${(Math.ceil(x.valueOf() * 25.4 - 1e-9) / 10).toFixed(1)} cm`,
  comma: (x) => `${(Math.ceil(x.valueOf() * 25.4 - 1e-9) / 10).toFixed(1).replace('.', ',')} cm`,
  millimetres: (x) => `${Math.ceil(x.valueOf() * 25.4 - 1e-9)} mm`,
};

export const ONCE = [
  'cut once on the diagonal',
  'cut in half diagonally',
  'cut once diagonally',
  'cut each in half on the diagonal',
  'cut from corner to corner once',
  'subcut once on the diagonal',
  'sliced diagonally in half',
];
export const TWICE = [
  'cut twice on the diagonal',
  'cut in quarters diagonally',
  'cut diagonally twice',
  'cut on both diagonals',
  'cut corner to corner both ways',
  'cut each twice diagonally',
];

export interface Habit {
  name: string;
  size: SizeHabit;
  /** One piece: how many, of what size, cut up how; `name` is what the writer calls the fabric. */
  line(row: { qty: number; size: string; square: boolean; sub: string; per: number; name: string }): string;
  /** What a writer calls her fabrics. */
  names: 'letters' | 'fabrics' | 'own';
  /** What stands above all lines: the columns of a table. */
  header?: string;
  /** Lines stand under the fabric's name. */
  under?: (name: string) => string;
}

const lengthOf = (text: string) => {
  const [whole, part] = text.trim().split(' ') as [string, string?];
  const value = (n: string) => (n.includes('/') ? Number(n.split('/')[0]) / Number(n.split('/')[1]) : Number(n));
  return value(whole) + (part ? value(part) : 0);
};
const shape = (square: boolean, n: number) => (square ? 'square' : 'rectangle') + (n === 1 ? '' : 's');
const then = (sub: string, mark = '; ') => (sub ? `${mark}${sub}` : '');
const wordFor = (n: number) => WORDS[n] ?? String(n);

export const habits: readonly Habit[] = [
  {
    name: 'strips',
    size: sizeHabits.inches!,
    names: 'letters',
    line: ({ qty, size, square, sub, name }) => {
      const [wide, along] = size.replace(/"/g, '').split(/ ?(?:x|×|by) ?/i) as [string, string?];
      const each = Math.floor(42 / lengthOf(along ?? wide));
      const strips = Math.max(1, Math.ceil(qty / Math.max(1, each)));
      return lengthOf(along ?? wide) > 42
        ? `${name}: ${qty} ${shape(square, qty)} ${size}${then(sub)}`
        : `${name}: ${strips} strip${strips === 1 ? '' : 's'} ${wide}" x WOF; subcut (${qty}) ${size} ${shape(square, qty)}${then(sub)}`;
    },
  },
  {
    name: 'table',
    size: sizeHabits.bare!,
    names: 'letters',
    header: 'Fabric,Qty,Size,Notes',
    line: ({ qty, size, sub, name }) => `${name},${qty},${size},${sub}`,
  },
  {
    name: 'half said',
    size: sizeHabits.vulgar!,
    names: 'fabrics',
    line: ({ qty, size, square, sub, name }) =>
      `From the ${name} fabric, ${wordFor(qty)} ${shape(square, qty)} ${size}${sub ? ` (${sub})` : ''} for the block`,
  },
  {
    name: 'colon',
    size: sizeHabits.inches!,
    names: 'letters',
    line: ({ qty, size, square, sub, name }) => `Fabric ${name}: cut (${qty}) ${size} ${shape(square, qty)}${then(sub)}`,
  },
  {
    name: 'said',
    size: sizeHabits.vulgar!,
    names: 'letters',
    line: ({ qty, size, square, sub, name }) =>
      `Cut ${wordFor(qty)} ${size} ${shape(square, qty)} from Fabric ${name}${then(sub, ', ')}.`,
  },
  {
    name: 'at',
    size: sizeHabits.inches!,
    names: 'letters',
    line: ({ qty, size, square, sub, name }) => `${name} - ${qty} @ ${size}${square ? ' sq' : ''}${then(sub, ', ')}`,
  },
  {
    name: 'under',
    size: sizeHabits.dashed!,
    names: 'letters',
    under: (name) => `Fabric ${name}`,
    line: ({ qty, size, square, sub, per }) =>
      `- ${qty} ${shape(square, qty)}, ${size}${then(sub, ', ')}${sub ? ` to make ${qty * per} triangles` : ''}`,
  },
  {
    name: 'names',
    size: sizeHabits.decimal!,
    names: 'fabrics',
    line: ({ qty, size, square, sub, name }) => `${name}: ${qty} ${shape(square, qty)} ${size}${then(sub, ' – ')}`,
  },
  {
    name: 'own names',
    size: sizeHabits.words!,
    names: 'own',
    under: (name) => `${name}:`,
    line: ({ qty, size, square, sub }) => `  Cut ${qty} ${shape(square, qty)} measuring ${size}${then(sub, ', ')}`,
  },
  {
    name: 'own names after',
    size: sizeHabits.vulgar!,
    names: 'own',
    line: ({ qty, size, square, sub, name }) => `${wordFor(qty)} ${size} ${shape(square, qty)}, ${name}${then(sub)}`,
  },
  {
    name: 'metric',
    size: sizeHabits.metric!,
    names: 'letters',
    line: ({ qty, size, square, sub, name }) => `${name}: ${qty} ${shape(square, qty)} ${size}${then(sub, ', ')}`,
  },
  {
    name: 'comma',
    size: sizeHabits.comma!,
    names: 'letters',
    line: ({ qty, size, square, sub, name }) => `Fabric ${name}: ${qty} pcs. ${size}${square ? ' square' : ''}${then(sub)}`,
  },
  {
    name: 'size first',
    size: sizeHabits.inches!,
    names: 'letters',
    line: ({ qty, size, square, sub, name }) =>
      `${size} ${square ? 'squares' : 'rectangles'} (${name}): ${qty}${then(sub, ', ')}`,
  },
  {
    name: 'times',
    size: sizeHabits.rounded!,
    names: 'fabrics',
    line: ({ qty, size, square, sub, name }) => `${qty}x ${size} ${shape(square, 2)}, ${name}${sub ? ` (${sub})` : ''}`,
  },
  {
    name: 'label',
    size: sizeHabits.words!,
    names: 'letters',
    line: ({ qty, size, square, sub, name }) => `${name}1 | ${qty} ${shape(square, qty)} of ${size}${then(sub, ', ')}`,
  },
];

/** A size as this writer writes it. */
export function written(
  row: Pick<WrittenRow, 'w' | 'h'>,
  habit: Pick<Habit, 'size'>,
  random: Random,
): { size: string; square: boolean } {
  const square = row.w.equals(row.h);
  const [a, b] = random() < 0.5 ? [row.w, row.h] : [row.h, row.w];
  if (square && random() < 0.6) return { size: habit.size(row.w), square };
  const by = oneOf(random, [' x ', ' × ', 'x', ' by ']);
  return { size: `${habit.size(a)}${by}${habit.size(b)}`, square };
}

export const subWords = (sub: Cut['sub'], random: Random): string =>
  sub === 'none' ? '' : oneOf(random, sub === 'once' ? ONCE : TWICE);

/* ---- a whole list ---- */

export interface WrittenList {
  text: string;
  habit: string;
  /** By line of the text, from 0: the row that stands there, or undefined for a line about something else. */
  rows: (WrittenRow | undefined)[];
  /** Rows of the block that were left out. */
  missing: NonNullable<WrittenRow['truth']>[];
  /** Role by the writer's name for the fabric, in her own words. */
  names: Map<string, string>;
}

const OWN = ['Background', 'Blue print', 'Leaf green', 'Rust', 'Cream solid', 'Plum'];
const ASIDES = [
  'Press the fabric before you cut.',
  'Seam allowance is 1/4" throughout.',
  'Sew the pieces into rows, pressing away from the middle.',
  'Block finishes at 12" square (12 1/2" unfinished).',
  'Trim to 4 1/2" square.',
  'Draw a diagonal line on the back of each small square.',
];

/** Writes the rows of a block in a habit; what each line truly is comes beside it. */
export function writeList(
  rows: readonly WrittenRow[],
  missing: WrittenList['missing'],
  { habit, fabrics, random }: { habit: Habit; fabrics: ReadonlyMap<string, string>; random: Random },
): WrittenList {
  const roles = [...new Set(rows.map(({ role }) => role))].sort();
  const nameOf = new Map(
    roles.map((role, i) => [
      role,
      habit.names === 'letters' ? role : habit.names === 'fabrics' ? (fabrics.get(role) ?? `Unknown ${role}`) : OWN[i]!,
    ]),
  );
  const lines: { text: string; row?: WrittenRow }[] = [];
  const aside = () => void (random() < 0.2 && lines.push({ text: oneOf(random, ASIDES) }));
  if (habit.header) lines.push({ text: habit.header });
  else if (random() < 0.5) lines.push({ text: 'Cutting' });
  for (const role of roles) {
    const name = nameOf.get(role)!;
    if (habit.under) lines.push({ text: habit.under(name) });
    for (const row of rows.filter((r) => r.role === role)) {
      const { size, square } = written(row, habit, random);
      const per = row.sub === 'once' ? 2 : row.sub === 'twice' ? 4 : 1;
      const text = habit.line({ qty: row.qty, size, square, sub: subWords(row.sub, random), per, name });
      lines.push({ text: row.fault === 'unread' ? blotted(text, random) : text, row });
      if (!habit.under && !habit.header) aside();
    }
    if (!habit.header) lines.push({ text: '' });
  }
  if (!habit.header) aside();
  return {
    text: lines.map(({ text }) => text).join('\n'),
    habit: habit.name,
    rows: lines.map(({ row }) => row),
    missing,
    names: new Map([...nameOf].map(([role, name]) => [name, role])),
  };
}

/** A line with a number that nobody can read. */
function blotted(text: string, random: Random): string {
  const kind = Math.floor(random() * 3);
  const blot =
    kind === 0 ? text.replace(/\d[\d /.,-]*(?=["”]| in| cm| mm)/, '?') : kind === 1 ? text.replace(/\d/, '~$&') : text;
  return blot === text ? `${text} or a little more` : blot;
}
