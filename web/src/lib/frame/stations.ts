/** The stations: what each is called, its place, its key and what it asks of a role. They stand here and nowhere else. */
import { spoken } from '@aggrega/core/words';

/** What looking at a station asks for: to belong to the house, or to organise, where it shows addresses or money. */
export type StationNeed = 'look' | 'organise';

export interface Station {
  id: string;
  readonly name: string;
  /** What comes in the address after the programme's, or the month's. */
  path: string;
  needs: StationNeed;
}

const names = spoken('stations', {
  year: 'Overview',
  quilt: 'Quilt',
  fabrics: 'Fabrics',
  packets: 'Kit contents',
  papers: 'Handouts',
  bolts: 'Stock & orders',
  figures: 'Totals',
  record: 'History',
  settings: 'Settings',
  roster: 'Participants',
  progress: 'Progress',
  calendar: 'Calendar',
  kits: 'Kits',
  pickup: 'Handing out',
  post: 'Messages',
  samples: 'Test blocks',
  forecast: 'Forecast',
  money: 'Money',
  draft: 'Block',
  sew: 'Piecing',
  cut: 'Cutting',
  sheet: 'Instructions',
  release: 'Release',
});

const station = (id: keyof typeof names, needs: StationNeed = 'look', path = `/${id}`): Station => ({
  id,
  get name() {
    return names[id];
  },
  path,
  needs,
});

/** What is made. */
export const PLAN: readonly Station[] = [
  station('year', 'look', ''),
  station('quilt'),
  station('fabrics'),
  station('packets'),
  station('papers'),
  station('bolts'),
  station('figures'),
  station('record', 'organise'),
  station('settings'),
];

/** How the year is run. */
export const RUN: readonly Station[] = [
  station('roster', 'organise'),
  station('progress', 'organise'),
  station('calendar'),
  station('kits'),
  station('pickup'),
  station('post', 'organise'),
  station('samples', 'organise'),
  station('forecast', 'organise'),
  station('money', 'organise'),
];

/** A month's, in the order of the work, which is the order of their keys: 1, 2, 3 … */
export const MONTH: readonly Station[] = [
  station('draft'),
  station('sew'),
  station('cut'),
  station('sheet'),
  station('kits'),
  station('release', 'organise'),
];

/** The two rulers of a programme. */
export const SIDES = spoken('sides', { plan: 'Plan', run: 'Run' });

/** Pages of a month that belong to one of its stations. */
const WITHIN: Readonly<Record<string, string>> = { 'cutting-room': 'cut', cutter: 'cut' };

/** The month's station that an address is at: '/programmes/x/months/m1/cutter' is at 'cut'; 'draft' where it names none. */
export function monthStation(pathname: string): string {
  const part = pathname.split('/')[5] ?? '';
  const id = WITHIN[part] ?? part;
  return MONTH.some((s) => s.id === id) ? id : 'draft';
}

/** The programme's station that an address is at: 'year' where it names none. */
export function programmeStation(pathname: string): string {
  const part = pathname.split('/')[3] ?? '';
  return [...PLAN, ...RUN].some((s) => s.id === part) ? part : 'year';
}

/** The name of a station, for a sentence: 'Draw a block at Block first.' */
export const stationName = (id: string): string => [...MONTH, ...PLAN, ...RUN].find((s) => s.id === id)!.name;

/** What looking at a page of a programme asks for; undefined where no station has it. `parts`: the address's after the programme's name. */
export function neededAt([first = '', , third]: readonly string[]): StationNeed | undefined {
  const [id, list] = first === 'months' ? [third ?? 'draft', MONTH] : [first || 'year', [...PLAN, ...RUN]];
  return list.find((s) => s.id === (first === 'months' ? (WITHIN[id] ?? id) : id))?.needs;
}
