/** A cutting list held against a drawing: line by line what is right, what is not, and what should stand there. */
import { rolesOf } from '../block';
import { construct, otherReadings, type Construction } from '../construction';
import { ratio, type LengthUnit, type Rational } from '../measure';
import { letterKey, nameKey, type KnownFabric } from './fabric-names';
import { DOUBT, hold, isSize, type Held, type Listed } from './held';
import { readList, type ListLine } from './read-list';
import { isRight, judge, type Judged, type Meant, type Told, type Verdict } from './verdicts';
import { waysOf, wantedKey, type UnitWays } from './ways';

export interface ProofRequest {
  /** The fabrics of the drawing's letters. */
  fabrics: readonly KnownFabric[];
  /** Blocks that the list is for, where somebody has said so. */
  blocks?: number;
  /** What somebody has said about the list's names: role by name; null for none of the block's. */
  roles?: Readonly<Record<string, string | null>>;
}

/** What the strips that a line cuts give, where that is less than it takes from them; or a width that the piece has not. */
export type StripFault = { is: 'give'; give: number; need: number } | { is: 'width'; wide: Rational };

export interface ProofLine {
  read: ListLine;
  /** By cut of the line. */
  verdicts: Verdict[];
  strip?: StripFault;
}

/** A name for a fabric in the list. */
export interface ProofName {
  key: string;
  role?: string;
  /** How it is known: it is the drawing's own, it follows from the pieces, somebody said so; or it is not known. */
  by: 'name' | 'pieces' | 'said' | 'none';
}

export interface Proof {
  lines: ProofLine[];
  missing: Told[];
  names: ProofName[];
  /** Blocks that the list is held to be for. */
  blocks: number;
  /** By unit of the drawing, how the list makes it; `chosen`: as the programme does. */
  methods: { unit: string; name: string; method: string; meant: Meant; chosen: boolean; oversize: Rational }[];
  /** Units that the list sews in another form, by the names of the choices. */
  readings: Readonly<Record<string, 'whole' | 'parts'>>;
  /** Lines that are right in all they say, and lines about cutting. */
  right: number;
  of: number;
}

/** What another number of blocks, or another form of a unit, must explain more than the programme's own: a piece and more, and two. */
const NUMBER = 0.9;
const READING = 1.9;
/** What explains all of a list, by other methods than the programme's. */
const EXACT = 0.39;
/** The fabrics of a block's letters, by the names that a colourway gives them. */
export function knownFabrics(
  drawn: readonly Construction[],
  named: ReadonlyMap<string, { name: string }>,
): ProofRequest['fabrics'] {
  const roles = [...new Set(drawn.flatMap(({ block }) => rolesOf(block)))];
  return roles.map((role) => ({ role, name: named.get(role)?.name ?? '' }));
}

/** More assignments of names to fabrics than these are not tried. */
const MOST_TRIED = 30;

/** Holds a list against a block, or the blocks of a month: constructions of one style, whose units are numbered on. */
export function proofread(text: string, drawn: readonly Construction[], asked: ProofRequest): Proof {
  const list = readList(text, asked.fabrics);
  // Of one fabric there is nothing to name.
  const [only, ...others] = asked.fabrics;
  if (only && others.length === 0)
    for (const line of list.lines) if (line.is === 'cuts' && line.fabrics.length === 0) line.fabrics.push(letterKey(only.role));
  const [first, ...more] = drawn as [Construction, ...Construction[]];
  // A list for several drawings is for as many blocks of each as the month has.
  const told = more.length > 0 ? first.make : (asked.blocks ?? list.blocks);
  const lost = list.lines.flatMap((line) => (line.is === 'unread' ? [line.fabrics] : []));
  let best: Meaning | undefined;
  for (const blocks of told === undefined ? [...new Set([first.make, 1])] : [told]) {
    const base = blocks === first.make ? drawn : [construct(first.block, { ...first.order, make: blocks, given: undefined })];
    const items = itemsOf(list.lines, list.unit, first.style.unit, blocks);
    const found = holdAll({ items, lost }, base, asked);
    // A list for another number than the month's must explain much more.
    const fits = best !== undefined && found.cost < best.cost && rightly(best) === 0 && rightly(found) > 1;
    if (!best || fits || found.cost < best.cost - NUMBER || found.cost < EXACT) best = { ...found, items, blocks };
    if (best.cost < NUMBER) break;
  }
  return toldOf(list.lines, best!);
}

const rightly = ({ judged }: Pick<Found, 'judged'>) => judged.verdicts.filter(isRight).length;

interface Found {
  drawn: readonly Construction[];
  units: UnitWays[];
  held: Held;
  judged: Judged;
  cost: number;
  names: ProofName[];
  readings: Record<string, 'whole' | 'parts'>;
}
type Meaning = Found & { items: Listed[]; blocks: number };

/** Equal pieces of a fabric name as one, in the document's unit. */
function itemsOf(lines: readonly ListLine[], written: LengthUnit | undefined, unit: LengthUnit, blocks: number): Listed[] {
  const items = new Map<string, Listed>();
  lines.forEach((line, at) => {
    if (line.is !== 'cuts' || line.fabrics.length === 0) return;
    line.cuts.forEach((cut, i) => {
      const from = cut.unit ?? written ?? unit;
      const side = (x: Rational) => (from === unit ? x.valueOf() : unit === 'in' ? x.valueOf() / 2.54 : x.valueOf() * 2.54);
      const [w, h] = [side(cut.w), side(cut.h)].sort((a, b) => b - a) as [number, number];
      const qty = cut.qty * (cut.perBlock ? blocks : 1);
      for (const fabric of line.fabrics) {
        const key = `${fabric} ${w} ${h} ${cut.sub}`;
        const same = items.get(key);
        if (same) {
          same.qty += qty;
          same.of.push({ line: at, at: i });
        } else items.set(key, { fabric, w, h, sub: cut.sub, qty, converted: from !== unit, of: [{ line: at, at: i }] });
      }
    });
  });
  return [...items.values()];
}

interface Cutting {
  items: Listed[];
  /** The fabrics of each line that cannot be read. */
  lost: string[][];
}

/** The reading of the drawing, and of the list's names, that explains the list best. */
function holdAll(items: Cutting, drawn: readonly Construction[], asked: ProofRequest): Found {
  const first = holdNames(items, drawn, asked);
  let best: Found = { ...first, readings: {} };
  if (first.cost < READING) return best;
  for (const [i, c] of drawn.entries())
    for (const { name, other } of otherReadings(c)) {
      const readings = { ...c.style.readings, [name]: other };
      const read = construct(c.block, { ...c.order, style: { ...c.style, readings } });
      const found = holdNames(items, drawn.with(i, read), asked);
      if (found.cost < best.cost - READING) best = { ...found, readings: { [name]: other } };
    }
  return best;
}

function holdNames({ items, lost }: Cutting, drawn: readonly Construction[], asked: ProofRequest): Omit<Found, 'readings'> {
  const units = drawn.flatMap(waysOf);
  const { unit } = drawn[0]!.style;
  const letters = new Set(units.flatMap(({ ways }) => ways.flatMap(({ wanted }) => wanted.map(({ role }) => role))));
  const names = [...new Set(items.map(({ fabric }) => fabric))];
  const known = new Map<string, ProofName>();
  for (const key of names) {
    // A name of the list may be any word, also one that every object answers to.
    const said = asked.roles && Object.hasOwn(asked.roles, key) ? asked.roles[key] : undefined;
    if (said !== undefined) known.set(key, { key, ...(said !== null && { role: said }), by: 'said' });
    else {
      const named = roleNamed(key, names, asked.fabrics, letters);
      if (named !== undefined)
        known.set(key, { key, ...(named !== null && { role: named }), by: named === null ? 'none' : 'name' });
    }
  }
  const open = names.filter((key) => !known.has(key));
  const taken = new Set([...known.values()].map(({ role }) => role));
  const tried = assignments(
    open,
    items,
    units,
    [...letters].filter((role) => !taken.has(role)),
    unit,
  ).map((roles) => {
    for (const { key, role } of known.values()) roles.set(key, role);
    return hold({ list: items, roles, unread: unreadBy(lost, roles, letters), unit }, units);
  });
  tried.sort((a, b) => a.cost - b.cost);
  const unread = ({ roles }: Held) => unreadBy(lost, roles, letters);
  const [first, ...others] = tried.filter((held) => held.cost < tried[0]!.cost + DOUBT) as [Held, ...Held[]];
  const best = judge(items, first, { units, drawn, unread: unread(first) });
  const rivals = others.map((held) => judge(items, held, { units, drawn, unread: unread(held) }).verdicts);
  const doubtful = first.doubtful();
  // What explains as much in another way, with another verdict, is a doubt.
  const verdicts = best.verdicts.map((verdict, i): Verdict => {
    const doubted =
      (doubtful.has(i) && !isMixed(verdict, best.verdicts)) || rivals.some((other) => signOf(other[i]!) !== signOf(verdict));
    return doubted ? { is: 'which' } : verdict;
  });
  const found = open.map((key): ProofName => {
    const role = first.roles.get(key);
    return { key, ...(role !== undefined && { role }), by: role === undefined ? 'none' : 'pieces' };
  });
  return {
    ...{ drawn, units, held: first, cost: first.cost },
    judged: { ...best, verdicts },
    names: names.map((key) => known.get(key) ?? found.find((n) => n.key === key)!),
  };
}

/** By role, lines that cannot be read; one of an unknown fabric may be of any. */
function unreadBy(lost: readonly string[][], roles: ReadonlyMap<string, string | undefined>, letters: ReadonlySet<string>) {
  const found = new Map<string, number>();
  const roleOf = (key: string) => (roles.has(key) ? roles.get(key) : (/^fabric ([A-Z])$/.exec(key)?.[1] ?? null));
  for (const fabrics of lost) {
    const own = fabrics.map(roleOf);
    for (const role of own.length === 0 || own.includes(null) ? letters : own)
      if (typeof role === 'string') found.set(role, (found.get(role) ?? 0) + 1);
  }
  return found;
}

/** Whether a piece is of another method than the unit's others, or they than it: that is so whichever of them is meant. */
function isMixed(verdict: Verdict, all: readonly Verdict[]): boolean {
  if (verdict.is === 'mixed') return true;
  return (
    'row' in verdict &&
    isRight(verdict) &&
    all.some((v) => v.is === 'mixed' && v.row.for.some((unit) => verdict.row.for.includes(unit)))
  );
}

/** A verdict without the letter that it is about: fabrics that are cut alike can be exchanged. */
const signOf = (v: Verdict) => ('row' in v ? `${v.is} ${v.row.w.toFraction()} ${v.row.h.toFraction()} ${v.row.qty}` : v.is);

/** The role that a name of the list is by itself: undefined where it does not say, null where it is none of the block's. */
function roleNamed(
  key: string,
  names: readonly string[],
  fabrics: ProofRequest['fabrics'],
  letters: ReadonlySet<string>,
): string | null | undefined {
  const letter = /^fabric ([A-Z])$/.exec(key)?.[1];
  if (letter) return letters.has(letter) ? letter : null;
  const like = fabrics.filter(({ name }) =>
    nameKey(name)
      .split(' ')
      .some((word) => word.length > 3 && key.split(' ').includes(word)),
  );
  if (like.length === 1 && letters.has(like[0]!.role) && !names.includes(letterKey(like[0]!.role))) return like[0]!.role;
  // Dark and light are those of the list's own fabrics, and another colourway's may be the other way round.
  return undefined;
}

/** Every way to give open names roles of which they have a piece of the right size: no role to two of them. */
function assignments(
  open: readonly string[],
  items: readonly Listed[],
  units: readonly UnitWays[],
  roles: readonly string[],
  unit: LengthUnit,
) {
  const rows = new Map(
    units.flatMap(({ ways }) => ways.flatMap(({ wanted }) => wanted.map((row) => [wantedKey(row), row] as const))),
  );
  const fits = (key: string, role: string) => items.filter((item) => item.fabric === key && hasSize(item, role)).length;
  const hasSize = (item: Listed, role: string) =>
    [...rows.values()].some((row) => row.role === role && row.sub === item.sub && isSize(item, row, unit));
  const choices = open.map((key) =>
    [...roles.filter((role) => fits(key, role) > 0), undefined].map((role) => ({ role, fits: role ? fits(key, role) : 0 })),
  );
  let found: { roles: Map<string, string | undefined>; fits: number }[] = [{ roles: new Map(), fits: 0 }];
  open.forEach((key, i) => {
    found = found
      .flatMap((so) =>
        choices[i]!.flatMap(({ role, fits: n }) =>
          role !== undefined && [...so.roles.values()].includes(role)
            ? []
            : [{ roles: new Map(so.roles).set(key, role), fits: so.fits + n }],
        ),
      )
      .sort((a, b) => b.fits - a.fits)
      .slice(0, MOST_TRIED);
  });
  return found.map((so) => so.roles);
}

function toldOf(lines: readonly ListLine[], best: Meaning): Proof {
  const { items, judged, units, held, names, blocks, readings } = best;
  const of = new Map(
    items.flatMap((item, i) => item.of.map(({ line, at }) => [`${line} ${at} ${item.fabric}`, judged.verdicts[i]!] as const)),
  );
  const told = lines.map((read, at): ProofLine => {
    if (read.is !== 'cuts') return { read, verdicts: [] };
    if (read.fabrics.length === 0) return { read, verdicts: read.cuts.map((): Verdict => ({ is: 'which' })) };
    const verdicts = read.cuts.flatMap((_, i) => read.fabrics.map((fabric) => of.get(`${at} ${i} ${fabric}`)!));
    const strip = stripFault(read, best.drawn[0]!.style.wof);
    return { read, verdicts, ...(strip && { strip }) };
  });
  const cutting = told.filter(({ read, verdicts }) => read.is === 'unread' || verdicts.length > 0);
  return {
    lines: told,
    missing: judged.missing,
    names,
    blocks,
    methods: units.flatMap(({ unit: u }, i) => {
      const way = held.ways[i]!;
      return u.kind.methods.length > 1
        ? [
            {
              unit: u.label,
              name: u.name,
              method: way.method,
              meant: { kind: u.kind.plural, method: way.title },
              chosen: way.chosen,
              oversize: way.oversize,
            },
          ]
        : [];
    }),
    readings,
    right: cutting.filter(({ verdicts, strip }) => verdicts.length > 0 && verdicts.every(isRight) && !strip).length,
    of: cutting.length,
  };
}

/** Strips that do not give what a line cuts from them, at the width of fabric that the house counts on. */
function stripFault(read: Extract<ListLine, { is: 'cuts' }>, wof: Rational): StripFault | undefined {
  const from = read.cuts.filter((cut) => cut.strips);
  const [first] = from;
  if (!first?.strips || from.some((cut) => cut.strips!.loose)) return undefined;
  const { qty, wide } = first.strips;
  const across = first.unit === 'cm' && wof.valueOf() < 60 ? wof.mul(ratio(254, 100)) : wof;
  let used = 0;
  for (const { w, h, qty: n } of from) {
    if (!w.equals(wide) && !h.equals(wide)) return { is: 'width', wide };
    const along = w.equals(wide) ? h : w;
    const each = across.div(along).floor().valueOf();
    if (from.length === 1) return each * qty < n ? { is: 'give', give: each * qty, need: n } : undefined;
    used += along.valueOf() * n;
  }
  return used > across.valueOf() * qty ? { is: 'give', give: 0, need: first.qty } : undefined;
}
