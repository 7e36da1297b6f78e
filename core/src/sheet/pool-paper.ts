/** Pools of units on paper: what to make, and what to take. */
import { listed } from '../measure';
import type { PaperPiece } from './paper';
import { drawn, partSewn, type Colours } from './pictures';
import type { SheetPool } from './sheet-pool';
import { measureText } from './unit-paper';
import { lowered, stepsPiece } from './unit-steps';
import type { SheetWishes } from './wishes';

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
  const heading =
    sewn.length === 0 ? 'Your pieces to choose from' : `Make your ${sewn.length === 1 ? 'pool' : 'pools'} of units`;
  return [
    { kind: 'heading', level: 2, text: heading },
    ...(sewn.length > 0
      ? [
          {
            kind: 'text',
            text: 'Sew them in batches, and mix the finished ones well. A block takes any of them.',
          } as const,
        ]
      : []),
    ...sewn.flatMap((pool) => sewnPool(pool, colours, wishes, fabric)),
    ...cut.map((pool): PaperPiece => ({
      kind: 'text',
      text: [
        { bold: `${pool.name}: ${pool.made} ${pool.title} of ${pool.of}. ` },
        `They are cut, not sewn. ${takeWords(pool)}`,
      ],
    })),
  ];
}

function sewnPool(pool: SheetPool, colours: Colours, wishes: SheetWishes, fabric: (role: string) => string): PaperPiece[] {
  const { name, made, title, of, method, step } = pool;
  const versed = wishes.level === 'versed';
  const whole = step && !versed ? partSewn(step, colours, 1.15) : drawn(pool.drawing, { wide: 0.8, label: title, colours });
  return [
    { kind: 'heading', level: 3, text: `${name}: make ${made} ${title} of ${of}, ${method}` },
    {
      kind: 'beside',
      pictures: [lowered(whole)],
      pieces: [
        {
          kind: 'text',
          text: pool.yields === 1 ? `Each takes ${pool.from}.` : `Each batch takes ${pool.from}, and makes ${pool.yields}.`,
        },
        measureText(pool),
        { kind: 'text', text: takeWords(pool) },
        ...(pool.caution ? [{ kind: 'text', tone: 'caution', text: pool.caution } as const] : []),
      ],
    },
    ...(versed ? [] : [stepsPiece(pool.steps, { colours, fabric, finished: lowered(whole) })]),
    pairTable(pool, wishes),
  ];
}

/** What goes with what: as many batches of each as it says. */
function pairTable({ rows }: SheetPool, { coloured }: SheetWishes): PaperPiece {
  const paired = rows.some((r) => r.with);
  return {
    kind: 'table',
    columns: [
      { name: 'Fabric', share: 3 },
      ...(paired ? [{ name: 'One batch with each of', share: 5 }] : []),
      { name: 'Batches', right: true, share: 1.2 },
      { name: 'Makes', right: true, share: 1.2 },
    ],
    groups: [
      rows.map((row) => ({
        cells: [
          {
            text: row.fabrics.map((f) => f.name).join(', '),
            swatch: {
              colour: coloured === false ? '' : row.fabrics[0]!.colour,
              letter: row.fabrics.map((f) => f.role).join(' '),
            },
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
    later.length > 0
      ? ` Keep the others in a bag marked ${name}: ${listed(later.map((l) => `${l.takes} for ${l.month}`))}.`
      : '';
  const spare = over > 0 ? ` ${over} ${over === 1 ? 'comes' : 'come'} over, in case one goes wrong.` : '';
  return `This month takes any ${takes}.${others}${spare}`;
}

/** What to take out of pools that were begun before. */
export function takenFromPools(pools: readonly SheetPool[]): PaperPiece[] {
  const before = pools.filter((p) => p.madeWith);
  if (before.length === 0) return [];
  return [
    {
      kind: 'text',
      text: `Out of your ${before.length === 1 ? 'pool' : 'pools'}: ${listed(
        before.map((p) => `any ${p.takes} ${p.title} of ${p.name}, which you began with ${p.madeWith}`),
      )}.`,
    },
  ];
}
