/** Pools of units on paper: what to make, and what to take. */
import { listed } from '../measure';
import type { PaperPiece } from './paper';
import { drawn, partSewn, type Colours } from './pictures';
import type { SheetPool } from './sheet-pool';
import { measureText } from './unit-paper';
import { lowered, stepsPiece } from './unit-steps';
import type { SheetWishes } from './wishes';
import { swatchOf } from './swatch';
import { words } from './words/pool-paper';

/** 'Make your pool of units', for the pools that begin with this month; then what is only cut for them. */
export function poolPieces(
  pools: readonly SheetPool[],
  colours: Colours,
  wishes: SheetWishes,
  fabric: (role: string) => string,
): PaperPiece[] {
  const begun = pools.filter((p) => !p.madeWith);
  const sewn = begun.filter((p) => !p.plain);
  const cut = begun.filter((p) => p.plain);
  if (begun.length === 0) return [];
  const heading = sewn.length === 0 ? words.yourPiecesToChooseFrom : words.makeYourOfUnits(sewn.length);
  return [
    { kind: 'heading', level: 2, text: heading },
    ...(sewn.length > 0
      ? [
          {
            kind: 'text',
            text: words.sewThemInBatchesAndMix,
          } as const,
        ]
      : []),
    ...sewn.flatMap((pool) => sewnPool(pool, colours, wishes, fabric)),
    ...cut.map((pool): PaperPiece => ({
      kind: 'text',
      text: [{ bold: words.ofWords(pool.name, pool.made, pool.title, pool.of) }, words.theyAreCutNotSewn(takeWords(pool))],
    })),
  ];
}

function sewnPool(pool: SheetPool, colours: Colours, wishes: SheetWishes, fabric: (role: string) => string): PaperPiece[] {
  const { name, made, title, of, method, step } = pool;
  const versed = wishes.level === 'versed';
  const whole = step && !versed ? partSewn(step, colours, 1.15) : drawn(pool.drawing, { wide: 0.8, label: title, colours });
  return [
    { kind: 'heading', level: 3, text: words.makeOf(name, made, title, of, method) },
    {
      kind: 'beside',
      pictures: [lowered(whole)],
      pieces: [
        {
          kind: 'text',
          text: pool.yields === 1 ? words.eachTakes(pool.from) : words.eachBatchTakesAndMakes(pool.from, pool.yields),
        },
        // Its picture stands as it does in the block; edges are told with the pool that it is sewn as.
        measureText(pool.sewnAs ? { ...pool, look: [] } : pool),
        { kind: 'text', text: takeWords(pool) },
        ...(pool.sewnAs ? [{ kind: 'text', text: sewnAsWords(pool.sewnAs) } as const] : []),
        ...(pool.caution && !pool.sewnAs ? [{ kind: 'text', tone: 'caution', text: pool.caution } as const] : []),
      ],
    },
    ...(versed || pool.sewnAs ? [] : [stepsPiece(pool.steps, { colours, fabric, finished: lowered(whole) })]),
    pairTable(pool, wishes),
  ];
}

/** What tells a pool from one that is sewn just like it. */
const sewnAsWords = ({ pool, prints, stands }: NonNullable<SheetPool['sewnAs']>) =>
  (stands ? words.theseStand : words.theseLie)(pool, listed(prints), prints.length);

/** What goes with what: as many batches of each as it says. */
function pairTable({ rows }: SheetPool, { coloured }: SheetWishes): PaperPiece {
  const paired = rows.some((r) => r.with);
  return {
    kind: 'table',
    columns: [
      { name: words.fabric, share: 3 },
      ...(paired ? [{ name: words.oneBatchWithEachOf, share: 5 }] : []),
      { name: words.batches, right: true, share: 1.2 },
      { name: words.makes, right: true, share: 1.2 },
    ],
    groups: [
      rows.map((row) => ({
        cells: [
          {
            text: row.fabrics.map((f) => f.name).join(', '),
            swatch: swatchOf(row.fabrics[0]!.colour, row.fabrics.map((f) => f.role).join(' '), { coloured }),
          },
          ...(paired ? [{ text: row.with }] : []),
          { text: String(row.batches) },
          { text: String(row.makes) },
        ],
      })),
    ],
  };
}

/** How many this month takes, and who takes the others. */
function takeWords({ name, takes, later, over }: SheetPool): string {
  const others =
    later.length > 0 ? words.keepTheOthersInABag(name, listed(later.map((l) => words.forWords(l.takes, l.month)))) : '';
  const spare = over > 0 ? words.overInCaseOneGoesWrong(over) : '';
  return words.thisMonthTakesAny(takes, others, spare);
}

/** What to take out of pools that were begun before. */
export function takenFromPools(pools: readonly SheetPool[]): PaperPiece[] {
  const before = pools.filter((p) => p.madeWith);
  if (before.length === 0) return [];
  return [
    {
      kind: 'text',
      text: words.outOfYour(
        before.length,
        listed(before.map((p) => words.anyOfWhichYouBeganWith(p.takes, p.title, p.name, p.madeWith))),
      ),
    },
  ];
}
