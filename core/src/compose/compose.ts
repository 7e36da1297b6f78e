/** Composes whole years from what an organiser asks: months with their blocks, a setting, and kits, as documents (docs/craft.md, Composing a year). */
import { library, rolesOf, roleShares, type Block, type BlockFile } from '../block';
import {
  construct,
  effortOf,
  skillOf,
  skillOfTechnique,
  skillTitle,
  techniqueTitle,
  techniques,
  techniquesOf,
  type Technique,
} from '../construction';
import { Exact, formatLength, parseLength, ratio, seeded, type Rational } from '../measure';
import {
  demandOf,
  quiltOf,
  readProgramme,
  setBlocks,
  type Fabric,
  type MonthFile,
  type Programme,
  type ProgrammeFile,
  type SettingFile,
} from '../programme';
import { sheetsAtMost } from '../cutting';
import { candidates, type Candidate } from './candidates';
import { layouts, type Layout } from './layouts';
import { lettered, letteringOf, lettersFor, type Lettering } from './letters';
import { planMonths, type MonthPlan, type Pick, type Slot } from './months';
import { lookOf } from './variations';
import type { ComposedYear, Kept, Wish } from './wish';
import { words } from './words';

/** Years that are offered at one asking. */
export const OFFERED = 4;
/** Forms of a quilt that are tried for one year before there is none. */
const TRIED = 6;

/** It cannot be composed; the message says what would help. */
export class NoYear extends Error {}

/**
 * Up to four years for a wish, one after another. `base` is a document without blocks: its months are the instalments, its colourways have fabrics for
 * the letters (newProgramme). With `kept`, those months and the setting stay as they are. Throws NoYear where none keeps all that is wished.
 */
export function* composeYears(base: ProgrammeFile, wish: Wish, kept?: Kept): Generator<ComposedYear> {
  const asked = new Asked(base, wish, kept);
  const elsewhere = new Map<string, number>();
  const forms = new Map<string, number>();
  for (let n = 0; n < OFFERED; n += 1) {
    const random = seeded(wish.seed * 64 + n);
    try {
      const { year, layout, drawings } = asked.year({ random, elsewhere, forms });
      for (const id of drawings) elsewhere.set(id, (elsewhere.get(id) ?? 0) + 1);
      if (layout) forms.set(layout.form, (forms.get(layout.form) ?? 0) + 1);
      yield year;
    } catch (error) {
      if (!(error instanceof NoYear)) throw error;
      // What the first of them cannot keep, no other can.
      if (n === 0) throw error;
    }
  }
}

interface YearQuestion {
  random: () => number;
  /** How often each drawing, and each form of a quilt, was used in the years before. */
  elsewhere: ReadonlyMap<string, number>;
  forms: ReadonlyMap<string, number>;
}

/** What is asked, read once for all years. */
class Asked {
  readonly #programme: Programme;
  readonly #block: Rational;
  readonly #pool: readonly Candidate[];
  readonly #teach: readonly Technique[];
  readonly #lettering: Lettering;
  /** Months that bring blocks. */
  readonly #months: readonly MonthFile[];

  constructor(
    readonly base: ProgrammeFile,
    readonly wish: Wish,
    readonly kept: Kept | undefined,
  ) {
    this.#programme = programmeOf(base);
    const { unit, house, colourways } = this.#programme;
    this.#block = parseLength(wish.block, unit);
    this.#lettering = letteringOf(colourways);
    const { letters, reads } = this.#lettering;
    if (!letters.some((a) => letters.some((b) => reads(a, b) === 2))) throw new NoYear(words.fabricsCannotBeToldApart);
    const all = candidates({ finished: Exact.of(this.#block), style: house });
    if (all.length === 0) throw new NoYear(words.noBlocksAtThatSize(this.#said(this.#block)));
    this.#pool = all.filter(
      (c) => c.skill <= wish.skill.to && lettersFor(c, this.#lettering, { used: new Map(), random: () => 0 }),
    );
    const months = base.months ?? [];
    this.#months = wish.finishing && months.length > 1 ? months.slice(0, -1) : months;
    this.#teach = this.#toTeach();
  }

  /** '12 in' */
  #said = (length: Rational) => `${formatLength(length, this.#programme.unit)} ${this.#programme.unit}`;

  /** What was asked to be taught, or what lies between the two skills as far as there are months and blocks for it. Throws NoYear. */
  #toTeach(): Technique[] {
    const { teach, skill } = this.wish;
    const lessons = this.#months.length - 1;
    const taught = (t: Technique) => this.#pool.some((c) => c.techniques.includes(t));
    if (teach.length === 0)
      return techniques
        .filter((t) => t.skill > skill.from && t.skill <= skill.to && taught(t.id))
        .map((t) => t.id)
        .slice(0, Math.max(0, Math.ceil(lessons * 0.6)));
    for (const technique of teach) {
      const needs = skillOfTechnique(technique);
      if (needs > skill.to) throw new NoYear(words.asksForMoreSkill(techniqueTitle(technique), skillTitle(needs)));
      if (!taught(technique)) throw new NoYear(words.noBlockTeachesAt(techniqueTitle(technique), this.#said(this.#block)));
    }
    if (teach.length > lessons) throw new NoYear(words.tooManyTechniques(teach.length, this.#months.length));
    return [...teach];
  }

  /** One year. Throws NoYear. */
  year(question: YearQuestion): { year: ComposedYear; layout?: Layout; drawings: string[] } {
    if (this.kept) return this.#around(this.kept, question);
    const { wish } = this;
    const all = this.#layouts();
    const worth = new Map(all.map((l) => [l, l.off + question.random() * 0.08 + 0.3 * (question.forms.get(l.form) ?? 0)]));
    const inTurn = [...all].sort((a, b) => worth.get(a)! - worth.get(b)!);
    let needs: number | undefined;
    // The fewest blocks go last: where hours or bundles do not suffice, they may.
    const few = [...all].sort((a, b) => a.blocks - b.blocks).slice(0, 2);
    for (const layout of [...inTurn.slice(0, TRIED), ...few]) {
      const slots = spread(layout.blocks, this.#months.length).map((make): Slot => ({ make }));
      const months = this.#plan(slots, question);
      if (!months) continue;
      const file = this.#document(months, layout.setting(this.#settingLetters(question.random)));
      const short = this.#bundle(file);
      if (short !== undefined) {
        needs = Math.min(needs ?? Infinity, short);
        continue;
      }
      return { year: { file, lessons: this.#lessons(months) }, layout, drawings: drawingsOf(months) };
    }
    if (needs !== undefined) throw new NoYear(words.takesMoreFatQuarters(needs, wish.fatQuarters));
    throw new NoYear(this.#noneIsShort(all) ? words.everyBlockTakesLonger(wish.hours) : words.noYearKeepsAll);
  }

  /** Settings that come near the wished size. Throws NoYear. */
  #layouts(): Layout[] {
    const { unit } = this.#programme;
    const { quilt } = this.wish;
    const months = this.#months.length;
    const all = layouts({ block: this.#block.valueOf(), quilt, months, unit });
    if (all.length > 0) return all;
    const [block, width, height] = [this.#block, quilt.width, quilt.height].map((l) => this.#said(ratio(l)));
    const fills = this.#block.valueOf() ** 2 * months < quilt.width * quilt.height * 0.5;
    throw new NoYear((fills ? words.tooFewBlocks : words.tooManyBlocks)(months, block, width, height));
  }

  /** Other blocks for the months that are not kept; everything else stays. */
  #around({ file, months: ids }: Kept, question: YearQuestion): { year: ComposedYear; drawings: string[] } {
    const programme = programmeOf(file);
    const finished = Exact.of(this.#block);
    const slots = this.#months.map(({ id }): Slot => {
      const month = programme.months.find((m) => m.id === id);
      const make = month?.blocks.reduce((n, b) => n + b.make, 0) ?? 0;
      if (!month || !ids.includes(id)) return { make: Math.max(1, make) };
      return {
        kept: month.blocks.map(({ block, make }) => ({
          ...{ make, candidate: keptCandidate(block, finished, programme.house) },
          letters: new Map(rolesOf(block).map((role) => [role, role])),
        })),
      };
    });
    const stay = new Set(slots.flatMap((s) => ('kept' in s ? s.kept.map((k) => lookOf(k.candidate.block)) : [])));
    const others = this.#pool.filter((c) => !stay.has(lookOf(c.block)));
    const months = this.#plan(slots, question, others);
    if (!months) throw new NoYear(words.noYearKeepsAll);
    // Where the blocks lie follows from the blocks.
    const composed = this.#document(months, { ...file.setting, places: {} });
    const short = this.#bundle(composed);
    if (short !== undefined) throw new NoYear(words.takesMoreFatQuarters(short, this.wish.fatQuarters));
    return { year: { file: composed, lessons: this.#lessons(months) }, drawings: drawingsOf(months) };
  }

  /** The months' blocks; where nobody said what to teach, with fewer lessons rather than not at all. */
  #plan(slots: readonly Slot[], { random, elsewhere }: YearQuestion, pool = this.#pool): MonthPlan[] | undefined {
    const { skill, hours, teach: asked } = this.wish;
    for (let teach = this.#teach; ; teach = teach.slice(0, -1)) {
      const known = (t: Technique) => teach.includes(t) || skillOfTechnique(t) <= skill.from;
      const months = planMonths({
        ...{ slots, elsewhere, random, teach, skill, minutes: hours * 60, lettering: this.#lettering },
        pool: pool.filter((c) => c.techniques.every(known)),
      });
      if (months || asked.length > 0 || teach.length === 0) return months;
    }
  }

  /** Whether even the quickest blocks take too long in the smallest quilt. */
  #noneIsShort(all: readonly Layout[]): boolean {
    const fewest = Math.floor(Math.min(...all.map((l) => l.blocks)) / this.#months.length);
    return this.#pool.every((c) => c.minutes * fewest > this.wish.hours * 60);
  }

  #lessons(months: readonly MonthPlan[]): ComposedYear['lessons'] {
    return (this.base.months ?? []).map(({ id }, i) => {
      const { introduces, practises = [], minutes = 0, skill = 1 } = months[i] ?? {};
      return { id, practises, minutes, skill, ...(introduces && { introduces }) };
    });
  }

  /** What goes between and round the blocks stands against the ground, and against what goes with it. */
  #settingLetters(random: () => number) {
    const { letters, reads } = this.#lettering;
    const ground = letters[0]!;
    const apart = this.#byTheYard().filter((l) => reads(l, ground) === 2);
    const between = apart[Math.floor(random() * apart.length)] ?? ground;
    const accent = letters.find((l) => l !== ground && this.#byTheYard().includes(l) && reads(l, between) === 2) ?? ground;
    return { ground, between, accent };
  }

  /** Letters that come by the yard: with bundles, those that the quilt is set in. */
  #byTheYard(): readonly string[] {
    const { letters } = this.#lettering;
    if (this.wish.giving !== 'bundle') return letters;
    return letters.length > 3 ? [letters[0]!, letters.at(-1)!] : letters.slice(0, 1);
  }

  #document(months: readonly MonthPlan[], setting: SettingFile): ProgrammeFile {
    const { base, wish } = this;
    const { blocks, ids } = namedBlocks(months.flatMap((m) => m.picks));
    const entries = (i: number) =>
      months[i]?.picks.map((pick) => ({ block: ids.get(pick)!, finished: wish.block, make: pick.make })) ?? [];
    const last = base.months!.at(-1)!.id;
    const edge = this.#byTheYard().at(-1)!;
    const groups = ['sashing', 'triangles', 'alternate', 'borders', 'binding', 'backing'] as const;
    const file: ProgrammeFile = {
      ...structuredClone(base),
      ...(wish.mystery && { mystery: true }),
      fabrics: this.#fabrics(),
      blocks,
      months: base.months!.map((month, i) => ({ ...month, blocks: entries(i) })),
      setting: {
        binding: { cut: base.unit === 'cm' ? '6' : '2 1/2', role: edge },
        backing: { overage: base.unit === 'cm' ? '10' : '4', role: this.#lettering.letters[0]! },
        ...setting,
        months: Object.fromEntries(groups.map((group) => [group, last])),
      },
      kits: { ...base.kits, kind: wish.giving === 'bundle' ? 'yardage' : wish.giving },
    };
    file.setting!.places = placesOf(programmeOf(file));
    return file;
  }

  /** With their price, and in a bundle with their form. */
  #fabrics(): ProgrammeFile['fabrics'] {
    const { fabrics = [], colourways = [] } = this.base;
    const byTheYard = new Set(colourways.flatMap((c) => this.#byTheYard().map((letter) => c.fabrics[letter])));
    const { pricePerYard, giving } = this.wish;
    return fabrics.map((fabric) => ({
      ...fabric,
      ...(pricePerYard !== undefined && { pricePerYard }),
      ...(giving === 'bundle' && !byTheYard.has(fabric.id) && { form: 'fat-quarter' }),
    }));
  }

  /** Fills the bundle of a document; how many fat quarters it would take where that is more than it holds. */
  #bundle(file: ProgrammeFile): number | undefined {
    if (this.wish.giving !== 'bundle') return undefined;
    const quarters = file.fabrics!.filter((f) => f.form === 'fat-quarter').map((f) => f.id);
    file.kits = { ...file.kits, bundle: Object.fromEntries(quarters.map((id) => [id, 1])) };
    const programme = programmeOf(file);
    // Before anything is laid out: what is sewn alone takes more than there is.
    const least = fewestQuarters(programme);
    if (least > this.wish.fatQuarters) return least;
    // What is found at once takes rather too many; the proof lays them out as they are cut.
    const colourway = programme.colourways[0]!;
    const needs = new Map(
      demandOf(programme, { colourway, months: programme.months, basis: 'kit', participants: 1 })
        .filter((d) => d.fabric.usableLength)
        .map(({ fabric, roles, pieces }) => [roles[0]!, sheetsAtMost(pieces, fabric.usableWidth, fabric.usableLength!)]),
    );
    const all = [...needs.values()].reduce((a, b) => a + b, 0);
    if (all > this.wish.fatQuarters) return all;
    // What is over goes round, to the most used first.
    const byUse = [...needs].sort((x, y) => y[1] - x[1]).map(([letter]) => letter);
    for (let over = 0; byUse.length > 0 && over < this.wish.fatQuarters - all; over += 1) {
      const letter = byUse[over % byUse.length]!;
      needs.set(letter, needs.get(letter)! + 1);
    }
    file.kits.bundle = Object.fromEntries(
      file.colourways!.flatMap((c) => [...needs].map(([letter, n]) => [c.fabrics[letter]!, n] as const)),
    );
    return undefined;
  }
}

/** The document read; one that cannot be read is a fault of ours. */
function programmeOf(file: ProgrammeFile): Programme {
  const read = readProgramme(file);
  if (!read.ok) throw new Error(read.errors.map((e) => `${e.path}: ${e.message}`).join('; '));
  return read.programme;
}

/** Each block under an id and a name of its own; one that stays has them already. */
function namedBlocks(picks: readonly Pick[]): { blocks: BlockFile[]; ids: ReadonlyMap<Pick, string> } {
  const ids = new Map<Pick, string>();
  const taken = new Set(picks.flatMap(({ candidate }) => (candidate.kept ? candidate.block.id : [])));
  const blocks = picks.map((pick): BlockFile => {
    const { candidate, letters } = pick;
    const { id, name } = candidate.block;
    let own = { id, name };
    for (let n = 1; !candidate.kept && (n === 1 ? candidate.varied || taken.has(own.id) : taken.has(own.id)); n += 1)
      own =
        n === 1
          ? { id: `${id}${VARIED}`, name: words.aVariationOf(name) }
          : { id: `${id}${VARIED}-${n}`, name: words.variationNumber(name, n) };
    taken.add(own.id);
    ids.set(pick, own.id);
    return lettered(candidate, letters, own);
  });
  return { blocks, ids };
}

/** What the id of a variation ends in. */
const VARIED = '-variation';

/** Blocks that are made more than once lie apart: first one of each month, then the second ones; what the order of the months puts there is not said. */
function placesOf(programme: Programme): NonNullable<SettingFile['places']> {
  const blocks = setBlocks(programme.months);
  const most = Math.max(...blocks.map((b) => b.times));
  const order = Array.from({ length: most }, (_, n) => blocks.filter((b) => b.times > n).map((b) => b.block.key)).flat();
  const usual = quiltOf(programme)!.top.places;
  return Object.fromEntries(
    usual.flatMap(({ at, block }, i) => (order[i] === block?.key ? [] : [[at, { block: order[i]! }] as const])),
  );
}

/** Fat quarters of one participant that the finished patches alone would fill; of each fabric whole ones. */
function fewestQuarters({ months, colourways, kits }: Programme): number {
  const area = new Map<Fabric, number>();
  for (const { block, finished, make } of months.flatMap((m) => m.blocks))
    for (const { role, share } of roleShares(block)) {
      const fabric = colourways[0]!.fabrics.get(role);
      if (!fabric || !kits.bundle.has(fabric.id)) continue;
      area.set(fabric, (area.get(fabric) ?? 0) + share * make * finished[0].toNumber() * finished[1].toNumber());
    }
  return [...area].reduce(
    (n, [{ usableWidth, usableLength }, own]) => n + Math.ceil(own / (usableWidth.valueOf() * usableLength!.valueOf())),
    0,
  );
}

/** So many blocks over so many months, evenly: 13 over 4 is 3, 4, 3, 3. */
const spread = (blocks: number, months: number): number[] => {
  const upTo = (i: number) => Math.round((i * blocks) / months);
  return Array.from({ length: months }, (_, i) => upTo(i + 1) - upTo(i));
};

const drawingsOf = (months: readonly MonthPlan[]) => months.flatMap((m) => m.picks.map((p) => p.candidate.from));

/** A block that stays, known as it is: its letters are the programme's own. */
function keptCandidate(block: Block, finished: Exact, style: Programme['house']): Candidate {
  const c = construct(block, { finished: [finished, finished], make: 1, style });
  const from = library.find(({ id }) => block.id === id || block.id.startsWith(`${id}${VARIED}`))?.id ?? block.id;
  return {
    ...{ from, varied: false, kept: true, block, minutes: effortOf(c).minutes, techniques: techniquesOf(c), skill: skillOf(c) },
    ...{ ground: '', seams: [], shares: roleShares(block), even: false },
  };
}
