/** What kits cost as they are cut, what comes in, and from how many people on it pays (docs/craft.md, Running a programme). Taxes are the organiser's: a rate, no advice. */
import { kitGroups, type Money, type Month, type PacketFigures, type Programme } from '../programme';

/** What is known of a month, all colourways together. */
export interface MonthCost {
  month: Month;
  /** Of the fabric that is bought for its packet, waste, spares and demo sets included, where the month is the packet's first; undefined while one has no price. */
  cloth?: number;
  /** At the cutting table. */
  minutes: number;
}

export interface MonthMoney {
  month: Month;
  cloth?: number;
  paper: number;
  postage: number;
  labour: number;
  /** All of these; undefined while a fabric has no price. */
  cost?: number;
  /** Without the tax; undefined while there is no price. */
  income?: number;
  margin?: number;
}

export interface YearMoney {
  months: MonthMoney[];
  people: number;
  /** People, spares and demo sets. */
  kits: number;
  fixed: number;
  cost?: number;
  income?: number;
  margin?: number;
  /** What one kit costs on average, the fixed costs left out. */
  perKit?: number;
  /** The fewest people with whom the year pays for itself; undefined where none does, or where it is not known. */
  breakEven?: number;
  /** What the kits beyond the people's own cost, over the year. */
  unsold?: number;
}

/** The price of a month without the tax that is in it. */
export const netPrice = ({ price, tax }: Pick<Money, 'price' | 'tax'>): number | undefined =>
  price === undefined ? undefined : price / (1 + tax / 100);

/** What each month costs by the account: fabric and cutting come with a packet's first month, and nothing more with its later ones. */
export function monthCosts(packets: readonly Pick<PacketFigures, 'months' | 'cost' | 'minutes'>[], pace: number): MonthCost[] {
  return packets.flatMap(({ months, cost, minutes }) =>
    months.map((month, i): MonthCost =>
      i > 0 ? { month, cloth: 0, minutes: 0 } : { month, minutes: minutes * pace, ...(cost !== undefined && { cloth: cost }) },
    ),
  );
}

/** The year's money. `posted` people have their kits sent. */
export function yearMoney(programme: Programme, costs: readonly MonthCost[], { posted }: { posted: number }): YearMoney {
  const { money } = programme;
  const people = [...programme.participants.values()].reduce((a, b) => a + b, 0);
  const kits = programme.colourways.reduce((n, c) => n + kitGroups(programme, c).reduce((k, g) => k + g.kits, 0), 0);
  const net = netPrice(money);
  const months = costs.map(({ month, cloth, minutes }): MonthMoney => {
    const first = programme.kits.packets.some((p) => p[0] === month);
    // What is handed out together is printed by itself, but packed and posted once.
    const packed = first ? kits : 0;
    const paper = people * money.print + packed * money.packing;
    const postage = first ? posted * money.postage : 0;
    const labour = ((minutes + packed * money.packMinutes) / 60) * money.rate;
    const cost = cloth === undefined ? undefined : cloth + paper + postage + labour;
    const income = net === undefined ? undefined : net * people;
    const margin = cost === undefined || income === undefined ? undefined : income - cost;
    return { month, ...(cloth !== undefined && { cloth }), paper, postage, labour, ...given({ cost, income, margin }) };
  });
  const sum = (of: (m: MonthMoney) => number | undefined): number | undefined =>
    months.reduce<number | undefined>(
      (total, m) => (total === undefined || of(m) === undefined ? undefined : total + of(m)!),
      0,
    );
  const variable = sum((m) => m.cost);
  const cost = variable === undefined ? undefined : variable + money.fixed;
  const income = sum((m) => m.income);
  const perKit = variable === undefined || kits === 0 || months.length === 0 ? undefined : variable / (kits * months.length);
  return {
    ...{ months, people, kits, fixed: money.fixed },
    ...given({
      cost,
      income,
      margin: cost === undefined || income === undefined ? undefined : income - cost,
      perKit,
      breakEven: breakEven({ people, variable, income, fixed: money.fixed }),
      unsold: perKit === undefined ? undefined : perKit * months.length * Math.max(0, kits - people),
    }),
  };
}

/** Costs that grow with the people are taken as growing evenly: with fewer of them cloth is a little dearer a kit. */
function breakEven({
  people,
  variable,
  income,
  fixed,
}: {
  people: number;
  variable?: number;
  income?: number;
  fixed: number;
}): number | undefined {
  if (people === 0 || variable === undefined || income === undefined) return undefined;
  const each = (income - variable) / people;
  return each <= 0 ? undefined : Math.ceil(fixed / each - 1e-9);
}

const given = <T extends Record<string, number | undefined>>(of: T): { [K in keyof T]?: number } =>
  Object.fromEntries(Object.entries(of).filter(([, value]) => value !== undefined)) as { [K in keyof T]?: number };
