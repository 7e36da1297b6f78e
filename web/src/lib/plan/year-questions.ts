/** What the pages of the year ask when they are opened: said once, for the page that asks and for the server that has it ready. */
import { handsOut, type Colourway, type Month, type Programme } from '@aggrega/core/programme';
import type { YearQuestion } from './year-work';

/** Questions whose answers are kept for everybody. The others are about an evening, or about what somebody is trying. */
export const keptKinds: readonly YearQuestion['kind'][] = [
  'stock',
  'packets',
  'figures',
  'cost',
  'scatter',
  'month',
  'readings',
];

type Asked<Kind extends YearQuestion['kind']> = YearQuestion & { kind: Kind };

/** Who takes part, by colourway; with a number that is tried in its place. */
const headsOf = (programme: Programme, tried: Readonly<Record<string, number>> = {}) =>
  Object.fromEntries(programme.colourways.map((c) => [c.id, tried[c.id] ?? programme.participants.get(c.id) ?? 0]));

export const figuresQuestion = (programme: Programme, tried?: Readonly<Record<string, number>>): Asked<'figures'> => ({
  kind: 'figures',
  people: headsOf(programme, tried),
});

export const costQuestion = (colourway: string): Asked<'cost'> => ({ kind: 'cost', colourway });

/** The places of the packets that are still to be cut for, as long as nobody says otherwise. */
export const packetsAhead = (programme: Programme, today: string): number[] =>
  programme.kits.packets.flatMap((months, i) =>
    months.some((m) => handsOut(programme, m)) && (months[0]!.release ?? today) >= today ? [i] : [],
  );

export const stockQuestion = (
  programme: Programme,
  packets: number[],
  tried?: Readonly<Record<string, number>>,
): Asked<'stock'> => ({ kind: 'stock', packets, people: headsOf(programme, tried) });

/** Of the whole year, whoever takes part. */
export const clothQuestion = (programme: Programme): Asked<'stock'> => ({
  kind: 'stock',
  packets: programme.kits.packets.map((_, i) => i),
  people: {},
});

export const packetsQuestion = (
  programme: Programme,
  colourway: string,
  { size = '', kit = programme.kits.kind }: { size?: string; kit?: Programme['kits']['kind'] } = {},
): Asked<'packets'> => ({ kind: 'packets', colourway, kit, ...(size && { size }) });

export const scatterQuestion = (colourway: string): Asked<'scatter'> => ({ kind: 'scatter', colourway });

export const monthQuestion = (programme: Programme, { id }: Month, colourway: Colourway): Asked<'month'> => ({
  ...{ kind: 'month', month: id, colourway: colourway.id },
  people: headsOf(programme),
});

export const readingsQuestion = (programme: Programme, { id }: Month, colourway: Colourway): Asked<'readings'> => ({
  ...{ kind: 'readings', month: id, colourway: colourway.id },
  people: programme.participants.get(colourway.id) ?? 0,
});

/** Months with something to cut, the one at hand first: the next to come out, then what follows, then what is out. */
function monthsByWant(programme: Programme, today: string): Month[] {
  const cut = programme.months.filter((month) => handsOut(programme, month));
  const isOut = ({ release }: Month) => release !== undefined && release < today;
  return [...cut.filter((m) => !isOut(m)), ...cut.filter(isOut)];
}

/** All of a programme's, most wanted first: the month at hand, its packet, then the year, whose figures stand on four pages. */
export function usualQuestions(programme: Programme, today: string): YearQuestion[] {
  const ids = programme.colourways.map((c) => c.id);
  const [first, ...others] = ids;
  if (first === undefined) return [];
  const [atHand, ...months] = monthsByWant(programme, today).map((month) =>
    programme.colourways.flatMap((c) => [monthQuestion(programme, month, c), readingsQuestion(programme, month, c)]),
  );
  return [
    ...(atHand ?? []),
    packetsQuestion(programme, first),
    figuresQuestion(programme),
    stockQuestion(programme, packetsAhead(programme, today)),
    clothQuestion(programme),
    ...programme.colourways.filter((c) => c.pools.size > 0).map((c) => scatterQuestion(c.id)),
    costQuestion(first),
    ...others.map((id) => packetsQuestion(programme, id)),
    ...months.flat(),
  ];
}
