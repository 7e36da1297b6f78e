/** How likely a month's block comes out at its size, by the way it is made now and by the others: plain data, for a worker. */
import { constructSewn, type Colourway, type MonthBlock, type Programme } from '@aggrega/core/programme';
import { construct, type Construction } from '@aggrega/core/construction';
import {
  cutLarge,
  easedBetween,
  easedOf,
  foresee,
  groupOf,
  type Foreseen,
  type Interval,
  type SizeBySeams,
} from '@aggrega/core/foresee';
import { formatLength } from '@aggrega/core/measure';

export interface Foretold extends Foreseen {
  /** The finished block before it is set, as written. */
  size: string;
  unit: 'in' | 'cm';
  /** Share of people home by each method of each unit, by their names. */
  methods: Record<string, Record<string, number>>;
  /** The same by each way of putting it together. */
  joinings: Record<string, number>;
  /** What the group's own measurements say: how many people, how many sizes, and between what the share of those at home lies. */
  group?: { persons: number; measures: number; eased: Interval };
  large?: { now: number; oversize: string; eased: number; cloth: number; minutes: number; home: boolean };
}

/** `joinings`: the ways that are offered; `sizes`: what the group has measured. */
export function foretell(
  programme: Programme,
  entry: MonthBlock,
  colourway: Colourway,
  joinings: readonly { name: string; usual: boolean }[],
  sizes: readonly SizeBySeams[],
): Foretold {
  const group = groupOf(sizes, programme.unit);
  const people = group.persons > 0 ? group.people : undefined;
  const c = constructSewn(programme, entry, colourway);
  const other = (style: Partial<Construction['style']>) => construct(c.block, { ...c.order, style: { ...c.style, ...style } });
  const large = cutLarge(c, people);
  return {
    ...foresee(c, people),
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
              .map(({ name }) => [name, easedOf(other({ methods: { ...c.style.methods, [u.name]: name } }), people)]),
          ),
        ]),
    ),
    joinings: Object.fromEntries(
      joinings.map(({ name, usual }) => {
        return [name, easedOf(other({ joining: usual ? undefined : name }), people)];
      }),
    ),
    ...(people && { group: { persons: group.persons, measures: group.measures, eased: easedBetween(c, group) } }),
    ...(large && {
      large: {
        ...{ now: large.exact.eased, oversize: formatLength(large.large.oversize, c.style.unit), eased: large.large.eased },
        ...{ cloth: large.large.cloth, minutes: large.large.minutes, home: large.home },
      },
    }),
  };
}
