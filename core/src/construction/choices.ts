/** What an organiser can choose for a block: the method of each unit, and the units that a picture is made of, with what each costs. */
import { listed } from '../measure';
import { construct, type Construction, type UnitPlan } from './construct';
import { effortOf, type Effort } from './effort';
import { cutThrough, wholeOf } from './readings';
import { recognise } from './recognise';
import { isLeaf, type Tree } from './seam-tree';
import type { BlockReading } from './style';
import { isBlockPart } from './units/block-part';
import { unitName } from './unit-name';
import { unitKind } from './units';
import type { UnitInBlock } from './units/unit-kind';
import { words } from './words';

/** More readings than this are too many to choose from. */
const MOST = 12;

export interface MethodChoice {
  name: string;
  title: string;
  chosen: boolean;
  /** Why it cannot be had; then there is no effort. */
  unable?: string;
  effort?: Effort;
}

export interface OtherReading {
  /** The unit that the picture is as a whole: 'geese:A+B+B@2x1'. */
  name: string;
  now: BlockReading;
  other: BlockReading;
  /** 'a flying goose' and '2 half-square triangles' */
  whole: string;
  parts: string;
  /** What all of them together cost now, and the other way. */
  effort: Effort;
  otherEffort: Effort;
}

/** The methods for a unit of a construction, each with the effort of the whole block. */
export function methodChoices(unit: UnitPlan, c: Construction): MethodChoice[] {
  return unit.kind.methods.map((method): MethodChoice => {
    const { name, title } = method;
    const unable = method.unable?.(unit.seen, c.style);
    if (unable) return { name, title, chosen: false, unable };
    const style = { ...c.style, methods: { ...c.style.methods, [unit.name]: name } };
    return { name, title, chosen: method === unit.method, effort: effortOf(construct(c.block, { ...c.order, style })) };
  });
}

/** Every picture in the block that could be made of other units. */
export function otherReadings(c: Construction): OtherReading[] {
  const { tick } = c.cloth;
  const found = new Map<string, Omit<OtherReading, 'effort' | 'otherEffort'>>();
  visit(c.tree);
  const effort = effortOf(c);
  return [...found.values()].slice(0, MOST).map((reading) => {
    const readings = { ...c.style.readings, [reading.name]: reading.other };
    const otherEffort = effortOf(construct(c.block, { ...c.order, style: { ...c.style, readings } }));
    return { ...reading, effort, otherEffort };
  });

  function visit(node: Tree): void {
    if (isLeaf(node)) {
      // A part that the block has several times is looked through.
      if (node.inside && isBlockPart(node.seen.kind)) return visit(node.inside);
      // Cutting a triangle square or a plain grid further makes work, and no other picture.
      const cells = unitKind(node.seen.kind).twoWays ? cutThrough(node.laid, tick) : undefined;
      if (!cells) return;
      const name = unitName(node.seen, tick);
      note(name, 'whole', named(node.seen), many(cells));
      return;
    }
    node.parts.forEach(visit);
    const groups = [node.parts, ...node.parts.slice(1).map((part, i) => [node.parts[i]!, part])];
    for (const parts of groups) {
      const laid = parts.flatMap((part) => part.laid);
      const ways = node === c.tree && parts === node.parts ? undefined : wholeOf(laid, tick);
      if (!ways || ways.whole.kind === 'patch') continue;
      note(ways.name, 'parts', named(ways.whole), many(parts.map((part) => part.laid)));
    }
  }

  function note(name: string, seen: BlockReading, whole: string, parts: string): void {
    // What was chosen counts, even where some places could not follow.
    const now = c.style.readings?.[name] ?? seen;
    found.set(name, { name, now, other: now === 'whole' ? 'parts' : 'whole', whole, parts });
  }

  function many(cells: readonly Tree['laid'][]): string {
    const kinds = cells.map((cell) => recognise(cell, tick)?.kind ?? 'pieced');
    return [...new Set(kinds)]
      .map((kind) => {
        const n = kinds.filter((k) => k === kind).length;
        return n === 1 ? one(kind) : `${n} ${unitKind(kind).plural}`;
      })
      .join(' and ');
  }
}

/** 'a flying goose of B and A' */
function named({ kind, roles }: UnitInBlock): string {
  return words.ofWords(one(kind), listed([...new Set(roles)]));
}

function one(kind: string): string {
  const { title } = unitKind(kind);
  return /^[aeiou]/.test(title) ? words.an(title) : words.aWord(title);
}
