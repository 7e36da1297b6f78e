/** Plain doubts about a month: sentences with a place and a remedy, worst first. */
import { WEAK } from '../fabric';
import { formatLength } from '../measure';
import { blocksAsCast, constructMonthBlock, type Colourway, type Month, type Programme } from '../programme';

/** What it would cost to be wrong. */
export type Rank = 'ruin' | 'waste' | 'know';

export interface Doubt {
  rank: Rank;
  text: string;
  /** What to do about it. */
  remedy?: string;
  /** Letters, cuts or units that it is about, to light them up. */
  about: string[];
}

/** Kinds of two fabrics whose whole point is that these are told apart. */
const TOLD_APART = new Set(['hst', 'qst', 'geese', 'square-in-square']);

/** Everything worth saying about a month in a colourway. */
export function monthDoubts(programme: Programme, month: Month, colourway: Colourway): Doubt[] {
  const doubts: Doubt[] = [];
  for (const entry of blocksAsCast(programme, colourway, month)) {
    const c = constructMonthBlock(programme, entry, colourway);
    for (const unit of c.units) {
      doubts.push(...leftovers(unit.extra + unit.extraMirrored, unit.kind, unit.label, unit.method.title));
      if (TOLD_APART.has(unit.kind.kind) && !programme.melts.has([...new Set(unit.roles)].sort().join(' ')))
        doubts.push(...lostSeam(unit.roles, unit.label, colourway));
      if (unit.refused)
        doubts.push({
          rank: 'know',
          text: sentence(
            c.warnings.find((w) => w.path === `/units/${unit.label}` && w.message.includes(unit.refused!.reason))!.message,
          ),
          about: [unit.label],
        });
    }
    for (const warning of c.warnings.filter((w) => w.path === '/grid'))
      doubts.push({ rank: 'know', text: sentence(warning.message), about: [] });
  }
  doubts.push(...differentSizes(programme, month));
  const order: Rank[] = ['ruin', 'waste', 'know'];
  return doubts.sort((a, b) => order.indexOf(a.rank) - order.indexOf(b.rank));
}

function sentence(text: string): string {
  return `${text[0]!.toUpperCase()}${text.slice(1)}.`;
}

function leftovers(extra: number, kind: { title: string; plural: string }, label: string, method: string): Doubt[] {
  if (extra === 0) return [];
  return [
    {
      rank: 'waste',
      text: `${extra} ${extra === 1 ? kind.title : kind.plural} of ${label} come over in every kit.`,
      remedy: `Made ${method}. Another method, or more blocks, may use them up.`,
      about: [label],
    },
  ];
}

/** The two halves of a triangle square are drawn to be told apart. */
function lostSeam(roles: readonly string[], label: string, colourway: Colourway): Doubt[] {
  const [a, b] = [...new Set(roles)].map((role) => colourway.fabrics.get(role)!);
  if (!a || !b || a === b || a.own || b.own || Math.abs(a.value - b.value) >= WEAK) return [];
  return [
    {
      rank: 'ruin',
      text: `${a.name} and ${b.name} are nearly as dark as each other and meet in every ${label}.`,
      remedy: 'From across the room the triangles will not show.',
      about: [...roles],
    },
  ];
}

function differentSizes(programme: Programme, month: Month): Doubt[] {
  const size = (entry: Month['blocks'][number]) =>
    entry.finished.map((side) => formatLength(side, programme.unit)).join(' by ');
  const all = programme.months.flatMap((m) => m.blocks.map(size));
  const usual = all.reduce((best, s) => (count(s) > count(best) ? s : best), all[0] ?? '');
  return month.blocks
    .filter((entry) => size(entry) !== usual)
    .map((entry) => ({
      rank: 'ruin' as const,
      text: `${entry.block.name} finishes at ${size(entry)}; most blocks of this programme finish at ${usual}.`,
      remedy: 'Blocks of one quilt must agree in size, or be framed up to it.',
      about: [],
    }));

  function count(s: string): number {
    return all.filter((other) => other === s).length;
  }
}
