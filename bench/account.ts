/**
 * The account of fabric of a year: twelve months, three colourways, sixty people, as lengths and as pieces that the shop cuts. What it costs in time
 * against planning one kit of one month, cold and asked again; and how much fabric pieces cut together save. Ratios from one run.
 */
import {
  boughtIn,
  lengthOfAll,
  packetAccounts,
  planCutting,
  readProgramme,
  type KitKind,
  type Programme,
} from '../core/src/programme';
import { madeUpProgramme } from './programmes';

const PEOPLE = 60;

function year(seed: number, kind: KitKind, together: number): Programme {
  const file = madeUpProgramme(seed);
  const [first] = file.colourways!;
  const colourways = ['one', 'two', 'three'].map((id) => ({ ...first!, id }));
  const ids = file.months!.map((m) => m.id);
  const packets = Array.from({ length: Math.ceil(ids.length / together) }, (_, i) =>
    ids.slice(i * together, (i + 1) * together),
  );
  const reading = readProgramme({
    ...file,
    colourways,
    participants: Object.fromEntries(colourways.map((c) => [c.id, PEOPLE / 3])),
    kits: { kind, packets, spares: 0.05, demoSets: 1 },
    house: { ...file.house, allowance: '1' },
  });
  if (!reading.ok) throw new Error(reading.errors[0]!.message);
  return reading.programme;
}

function timed<T>(work: () => T): [T, number] {
  const start = performance.now();
  const result = work();
  return [result, performance.now() - start];
}

const median = (numbers: number[]) => [...numbers].sort((a, b) => a - b)[Math.floor(numbers.length / 2)]!;
const yards = (programme: Programme, accounts: ReturnType<typeof all>) =>
  boughtIn(programme, accounts).reduce((n, b) => n + lengthOfAll(b, programme.unit), 0) / 36;
const all = (programme: Programme) => [...packetAccounts(programme)];

console.log(`a year of 12 months, 3 colourways, ${PEOPLE} people; times as multiples of planning one month's kit`);
for (const together of [1, 3])
  for (const kind of ['yardage', 'pre-cut'] as const) {
    const cold: number[] = [];
    const again: number[] = [];
    const bought: number[] = [];
    for (let seed = 1; seed <= 3; seed += 1) {
      const programme = year(seed, kind, together);
      const [colourway] = programme.colourways;
      const one = programme.months.map(
        (month) =>
          timed(() =>
            planCutting(year(seed, kind, together), { colourway: colourway!, months: [month], basis: 'kit', participants: 1 }),
          )[1],
      );
      const unit = median(one);
      const [accounts, first] = timed(() => all(programme));
      const [, second] = timed(() => all(programme));
      cold.push(first / unit);
      again.push(second / unit);
      bought.push(yards(programme, accounts));
    }
    console.log(
      `${kind.padEnd(8)} packets of ${together}: cold ${cold.map((n) => n.toFixed(1)).join(' ')}, asked again ${again.map((n) => n.toFixed(4)).join(' ')}, yards ${bought.map((n) => n.toFixed(0)).join(' ')}`,
    );
  }
