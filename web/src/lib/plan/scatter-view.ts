/** The scattered quilt of a colourway, as plain data for the page. */
import { words } from './words';
import { scatteredOf, type PoolOfUnits, type Programme } from '@aggrega/core/programme';
import { sidesWords } from '@aggrega/core/sheet';

/** A pool of units in a line. */
export interface PoolLine {
  name: string;
  /** '320 half-square triangles of fabric A and fabric C' */
  what: string;
  /** How many pairings of fabrics they are made in. */
  kinds: number;
  /** The month that begins it, and what each takes: 'January 160'. */
  begun: string;
  takes: string[];
}

export interface ScatterView {
  /** By place: the block that lies there, 'm1:cold-frame:2', and the letters of its patches; parts in the order of the picture. */
  at: Map<string, { name: string; roles: readonly string[] }>;
  parts: string[];
  /** By scrappy letter: how often each fabric, by its id, is used. */
  used: Map<string, { fabric: string; times: number }[]>;
  pools: PoolLine[];
  doubts: string[];
}

/** The scattered quilt of a colourway; undefined where nothing is scrappy. */
export function scatterView(programme: Programme, colourwayId: string, sizeId: string | undefined): ScatterView | undefined {
  const colourway = programme.colourways.find((c) => c.id === colourwayId) ?? programme.colourways[0]!;
  const size = programme.sizes.find((s) => s.id === sizeId);
  const scattered = scatteredOf(programme, colourway, size);
  if (!scattered) return undefined;
  const { at, parts, used, doubts } = scattered;
  const counts = [...used].map(([role, uses]) => [role, uses.map((u) => ({ fabric: u.fabric.id, times: u.times }))] as const);
  const line = ({ name, made, like, kinds, month, months, taken }: PoolOfUnits): PoolLine => ({
    ...{ name, kinds: kinds.length, begun: month.name },
    what: words.of(made, made === 1 ? like.kind.title : like.kind.plural, sidesWords(colourway, like.roles)),
    takes: months.map((m) => `${m.name} ${taken.get(m)!}`),
  });
  const pools = [...scattered.makings.values()].flatMap((making) => making.pools).map(line);
  return { at: new Map(at), parts, used: new Map(counts), pools, doubts };
}
