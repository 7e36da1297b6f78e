/** Plain doubts about a month: sentences with a place and a remedy, worst first. */
import { unitLook } from '../construction';
import { WEAK } from '../fabric';
import { by, formatLength } from '../measure';
import { assembly } from '../setting';
import {
  blocksAsCast,
  blocksInOrder,
  constructSeries,
  kitGroups,
  packetOfMonth,
  placesAndBlocks,
  planBundles,
  planPacket,
  poolMaking,
  topOf,
  wayOf,
  type Colourway,
  type Month,
  type Programme,
} from '../programme';
import { words } from './words/doubts';

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

/** Everything worth saying about a month in a colourway. */
export function monthDoubts(programme: Programme, month: Month, colourway: Colourway): Doubt[] {
  const doubts: Doubt[] = [];
  const series = constructSeries(programme, month, blocksAsCast(programme, colourway, month), colourway);
  for (const [i, c] of series.entries()) {
    const used = new Map(series.slice(i + 1).flatMap((next) => next.units.map((u) => [unitLook(u), u.given] as const)));
    for (const unit of c.units) {
      // What the month's next block uses is not left over.
      const kept = used.get(unitLook(unit)) ?? 0;
      // What comes out of a pool is looked at where the pool is made.
      if (unit.pooled) continue;
      doubts.push(...leftovers(unit.extra + unit.extraMirrored - kept, unit.kind, unit.label, unit.method.title));
      if (unit.kind.toldApart && !programme.melts.has([...new Set(unit.roles)].sort().join(' ')))
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
  for (const pool of poolMaking(programme, colourway, month)?.pools ?? []) {
    const taken = [...pool.taken.values()].reduce((n, k) => n + k, 0);
    doubts.push(...leftovers(pool.made - taken, pool.like.kind, `pool ${pool.name}`, pool.like.method.title));
    if (pool.like.kind.toldApart)
      doubts.push(...pool.kinds.flatMap(({ unit }) => lostSeam(unit.roles, words.pairOf(pool.name), colourway)));
  }
  doubts.push(
    ...differentSizes(programme, month),
    ...kitAndQuilt(programme),
    ...interlocked(programme),
    ...noSquaring(programme, month, colourway),
    ...smallBundle(programme, month, colourway),
  );
  const order: Rank[] = ['ruin', 'waste', 'know'];
  return doubts.sort((a, b) => order.indexOf(a.rank) - order.indexOf(b.rank));
}

function sentence(text: string): string {
  return `${text[0]!.toUpperCase()}${text.slice(1)}.`;
}

function leftovers(extra: number, kind: { title: string; plural: string }, label: string, method: string): Doubt[] {
  if (extra <= 0) return [];
  return [
    {
      rank: 'waste',
      text: words.everyKitWillHaveLeftOver(extra, label, extra === 1 ? kind.title : kind.plural),
      remedy: words.theyAreMadeAnotherMethodOr(method),
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
      text: words.andAreTooCloseInValue(a.name, b.name, label),
      remedy: words.theTrianglesWillDisappearChooseA,
      about: [...roles],
    },
  ];
}

/** A quilt that one kit does not make, or makes more than: for the plain size and every other. */
function kitAndQuilt(programme: Programme): Doubt[] {
  const blocks = blocksInOrder(programme.months);
  if (blocks.length === 0) return [];
  const sizes = [{ name: '', setting: programme.setting, make: 1 }, ...programme.sizes];
  return sizes.flatMap(({ name, setting, make }): Doubt[] => {
    const places = setting && placesOf(setting, blocks);
    const disagree = places === undefined ? undefined : placesAndBlocks(setting!, places, blocks.length * make);
    if (!disagree) return [];
    const more = places! > blocks.length * make;
    return [
      {
        rank: 'ruin',
        text: words.oneKitDoesntComeOutEven(name ? `${name}: ` : '', disagree[0]!.toUpperCase(), disagree.slice(1)),
        remedy: more ? words.makeSomeBlocksTwiceInTheir : words.setMoreAcrossOrDownMake,
        about: [],
      },
    ];
  });
}

/** A top that no line from edge to edge parts. */
function interlocked(programme: Programme): Doubt[] {
  const blocks = blocksInOrder(programme.months);
  if (blocks.length === 0) return [];
  const sizes = [{ name: '', setting: programme.setting }, ...programme.sizes];
  return sizes.flatMap(({ name, setting }): Doubt[] => {
    if (!setting || setting.kind === 'rows') return [];
    const top = laidTop(setting, blocks);
    if (!top || assembly(top, setting.kind).rows) return [];
    return [
      {
        rank: 'know',
        text: words.longSashesAndTheSideTriangles(name ? words.the2(name) : words.the),
        remedy: words.chooseCornerstonesAtTheQuiltOr,
        about: [],
      },
    ];
  });
}

/** Places for blocks. */
const placesOf = (...of: Parameters<typeof topOf>): number | undefined => laidTop(...of)?.places.filter((p) => p.block).length;

/** Undefined where the setting cannot be sewn, which the quilt says itself. */
function laidTop(...[setting, blocks]: Parameters<typeof topOf>): ReturnType<typeof topOf> | undefined {
  try {
    return topOf(setting, blocks);
  } catch {
    return undefined;
  }
}

/** A length that its own strips use up: nothing is left to square the end. */
function noSquaring(programme: Programme, month: Month, colourway: Colourway): Doubt[] {
  const { house, unit, kits } = programme;
  // What is allowed for squaring is in every length.
  if (house.allowance.compare(0) > 0 || wayOf[kits.kind] !== 'lengths') return [];
  const { months } = packetOfMonth(programme, month);
  const bare = planPacket(programme, { colourway, months }).fabrics.flatMap(({ fabric, plan }) =>
    'sheets' in plan || fabric.own || plan.lengthNeeded.equals(0) || !plan.lengthToBuy.equals(plan.lengthNeeded)
      ? []
      : [{ fabric, plan }],
  );
  return bare.map(({ fabric, plan }) => ({
    rank: 'ruin',
    text: words.areHandedOutAndTheStrips(fabric.name, formatLength(plan.lengthToBuy, unit), unit),
    remedy: words.allowForSquaringInTheHouse(unit === 'in' ? words.n1In : words.n25Cm),
    about: [],
  }));
}

/** A bundle that has no room for some of the month's pieces, in some size. */
function smallBundle(programme: Programme, month: Month, colourway: Colourway): Doubt[] {
  if (programme.kits.bundle.size === 0 || wayOf[programme.kits.kind] !== 'lengths') return [];
  const sizes = kitGroups(programme, colourway).map((g) => g.size);
  const place = programme.months.indexOf(month);
  return [...new Set([undefined, ...sizes])].flatMap((size) =>
    planBundles(programme, { colourway, size }).flatMap(({ plan, lacking, remedies }): Doubt[] => {
      const own = plan.lacks.flatMap((l, i) => (l.month === place ? [lacking[i]!] : []));
      return own.map((text) => ({
        rank: 'ruin',
        text: `${size ? `${size.name}: ` : ''}${text}.`,
        remedy: remedies[0],
        about: [],
      }));
    }),
  );
}

function differentSizes(programme: Programme, month: Month): Doubt[] {
  const size = (entry: Month['blocks'][number]) =>
    by(formatLength(entry.finished[0], programme.unit), formatLength(entry.finished[1], programme.unit));
  const all = programme.months.flatMap((m) => m.blocks.map(size));
  const usual = all.reduce((best, s) => (count(s) > count(best) ? s : best), all[0] ?? '');
  return month.blocks
    .filter((entry) => size(entry) !== usual)
    .map((entry) => ({
      rank: 'ruin' as const,
      text: words.finishesAtMostBlocksOfThis(entry.block.name, size(entry), usual),
      remedy: words.makeItTheSameSizeAs,
      about: [],
    }));

  function count(s: string): number {
    return all.filter((other) => other === s).length;
  }
}
