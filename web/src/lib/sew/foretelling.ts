/** How likely a month's block comes out at its size, by the way it is made now and by the others: plain data, for a worker. */
import { constructApart, constructMonthBlock, type Colourway, type MonthBlock, type Programme } from '@aggrega/core/programme';
import { construct, type Construction } from '@aggrega/core/construction';
import { cutLarge, easedOf, foresee, type Foreseen } from '@aggrega/core/foresee';
import { formatLength } from '@aggrega/core/measure';

export interface Foretold extends Foreseen {
  /** The finished block before it is set, as written. */
  size: string;
  unit: 'in' | 'cm';
  /** Share of people home by each method of each unit, by their names. */
  methods: Record<string, Record<string, number>>;
  /** The same by each way of putting it together. */
  joinings: Record<string, number>;
  large?: { now: number; oversize: string; eased: number; cloth: number; minutes: number; home: boolean };
}

/** `joinings`: the ways that are offered. */
export function foretell(
  programme: Programme,
  entry: MonthBlock,
  colourway: Colourway,
  joinings: readonly { name: string; usual: boolean }[],
): Foretold {
  const cast = constructMonthBlock(programme, entry, colourway);
  // What comes out of a pool is sewn too.
  const c = [...cast.units, ...cast.loose].some((u) => u.pooled) ? constructApart(programme, entry, colourway) : cast;
  const other = (style: Partial<Construction['style']>) => construct(c.block, { ...c.order, style: { ...c.style, ...style } });
  const large = cutLarge(c);
  return {
    ...foresee(c),
    size: formatLength(c.unfinished[0].rational, c.style.unit),
    unit: c.style.unit,
    methods: Object.fromEntries(
      c.units
        .filter((u) => u.kind.methods.length > 1)
        .map((u) => [
          u.name,
          Object.fromEntries(
            u.kind.methods
              .filter((method) => !method.unable?.(u.seen, c.style))
              .map(({ name }) => [name, easedOf(other({ methods: { ...c.style.methods, [u.name]: name } }))]),
          ),
        ]),
    ),
    joinings: Object.fromEntries(
      joinings.map(({ name, usual }) => {
        return [name, easedOf(other({ joining: usual ? undefined : name }))];
      }),
    ),
    ...(large && {
      large: {
        ...{ now: large.exact.eased, oversize: formatLength(large.large.oversize, c.style.unit), eased: large.large.eased },
        ...{ cloth: large.large.cloth, minutes: large.large.minutes, home: large.home },
      },
    }),
  };
}
