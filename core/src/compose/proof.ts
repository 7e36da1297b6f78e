/** The proof that a composed year keeps what was asked: it is read, constructed and planned like any other programme, packet by packet. */
import { construct, techniqueTitle, techniquesOf, skillOf, type Technique } from '../construction';
import { ratio, soldText, type Rational } from '../measure';
import {
  castSeams,
  costOfAll,
  formName,
  planBundles,
  planPacket,
  readProgramme,
  type Fabric,
  type Month,
  type Programme,
} from '../programme';
import { monthMinutes } from '../running';
import type { ComposedYear, Wish } from './wish';
import { words } from './words';

/** Fabric of one letter: '1 1/4 yd', or '3 fat quarters'. */
export interface Amount {
  letter: string;
  name: string;
  colour: string;
  text: string;
}

export interface ProvenPacket {
  months: readonly string[];
  amounts: readonly Amount[];
}

export interface Proof {
  /** What one participant is handed, or has to find, packet by packet. */
  packets: readonly ProvenPacket[];
  /** The bundle of one participant, with the fat quarters that all months take of each. */
  bundle: readonly (Amount & { takes: number; holds: number })[];
  /** Fabric for one participant, and for everyone, letter by letter, bundles apart. */
  one: readonly Amount[];
  all: readonly Amount[];
  people: number;
  /** Fabric in the document's currency; undefined without a price. */
  cost?: { each: number; all: number };
  /** Hours of the longest month. */
  longest: number;
  /** What it does not keep, in words; empty for a year that can be trusted. */
  broken: readonly string[];
}

/** Proves a year for its first colourway: the others are cut alike. Yields after each packet how many of how many are done. */
export function* proveYear({ file, lessons }: ComposedYear, wish: Wish): Generator<{ done: number; of: number }, Proof> {
  const read = readProgramme(file);
  if (!read.ok) throw new Error(read.errors.map((e) => `${e.path}: ${e.message}`).join('; '));
  const { programme } = read;
  const colourway = programme.colourways[0]!;
  const people = [...programme.participants.values()].reduce((a, b) => a + b, 0);

  const of = programme.kits.packets.length;
  const packets: (ProvenPacket & { lengths: ReadonlyMap<Fabric, Rational> })[] = [];
  for (const months of programme.kits.packets) {
    const lengths = lengthsOf(programme, months);
    packets.push({ lengths, months: months.map((m) => m.name), amounts: amountsOf(programme, lengths) });
    yield { done: packets.length, of };
  }
  const bundles = planBundles(programme, { colourway });
  const total = new Map<Fabric, Rational>();
  for (const { lengths } of packets)
    for (const [fabric, length] of lengths) total.set(fabric, length.add(total.get(fabric) ?? 0));
  const bought = [
    ...[...total].map(([fabric, length]) => ({ fabric, length, pieces: 0 })),
    ...bundles.map(({ fabric, plan }) => ({ fabric, length: ratio(0), pieces: plan.sheets })),
  ];
  const each = costOfAll(bought, programme);
  const minutes = programme.months.map((month) => sum(Object.values(monthMinutes(programme, month, colourway))));
  return {
    packets: packets.map(({ months, amounts }) => ({ months, amounts })),
    bundle: bundles.map(({ fabric, roles, plan }) => ({
      ...named(fabric, roles[0]!),
      ...{ text: `${plan.sheets} ${formName(fabric.form, plan.sheets)}`, takes: plan.needed, holds: plan.sheets },
    })),
    one: amountsOf(programme, total),
    all: amountsOf(programme, new Map([...total].map(([fabric, length]) => [fabric, length.mul(people)]))),
    people,
    ...(each !== undefined && { cost: { each, all: each * people } }),
    longest: Math.max(...minutes) / 60,
    broken: [
      ...brokenLessons(programme, lessons, wish),
      ...programme.months.flatMap(({ name }, i) => (minutes[i]! > wish.hours * 60 + 0.5 ? words.takesLonger(name) : [])),
      ...bundles.flatMap((b) => b.lacking),
      ...castSeams(programme, colourway)
        .filter((s) => s.verdict === 'lost' && !s.melts)
        .map((s) => words.cannotBeToldApart(s.fabrics[0].name, s.fabrics[1].name)),
    ],
  };
}

const sum = (numbers: readonly number[]) => numbers.reduce((a, b) => a + b, 0);

const named = ({ name, colour }: Fabric, letter: string) => ({ letter, name, colour });

/** What one packet takes by the length, backing and wadding with it. */
function lengthsOf(programme: Programme, months: readonly Month[]): Map<Fabric, Rational> {
  const { fabrics, finishing } = planPacket(programme, { colourway: programme.colourways[0]!, months });
  const lengths = new Map<Fabric, Rational>();
  const add = (fabric: Fabric, length: Rational) => lengths.set(fabric, length.add(lengths.get(fabric) ?? 0));
  for (const { fabric, plan } of fabrics) if ('lengthToBuy' in plan) add(fabric, plan.lengthToBuy);
  if (finishing.backing) add(finishing.backing.fabric, finishing.backing.toBuy);
  return lengths;
}

function amountsOf({ colourways, house }: Programme, lengths: ReadonlyMap<Fabric, Rational>): Amount[] {
  return [...colourways[0]!.fabrics].flatMap(([letter, fabric]) => {
    const length = lengths.get(fabric);
    return length ? [{ ...named(fabric, letter), text: soldText(length, house) }] : [];
  });
}

/** What the blocks themselves say of the lessons: one new technique a month at most, each practised in a later month, and no block beyond the skill. */
function brokenLessons({ months, house }: Programme, lessons: ComposedYear['lessons'], { skill }: Wish): string[] {
  const taught = months.map(({ blocks }) => {
    const all = blocks.map(({ block, finished, make }) => construct(block, { finished, make, style: house }));
    return { techniques: new Set<Technique>(all.flatMap(techniquesOf)), hardest: Math.max(1, ...all.map(skillOf)) };
  });
  return lessons.flatMap(({ introduces }, i) => {
    const { hardest } = taught[i]!;
    const beyond = hardest > skill.to ? [words.asksForMore(months[i]!.name)] : [];
    if (!introduces) return beyond;
    const first = taught.findIndex((t) => t.techniques.has(introduces));
    const again = taught.slice(i + 1).some((t) => t.techniques.has(introduces));
    return first === i && again ? beyond : [...beyond, words.isNotPractised(techniqueTitle(introduces))];
  });
}
