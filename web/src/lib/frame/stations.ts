/** The stations: what each is called, its place, its key and what it asks of a role. They stand here and nowhere else. */

/** What looking at a station asks for: to belong to the house, or to organise, where it shows addresses or money. */
export type StationNeed = 'look' | 'organise';

export interface Station {
  id: string;
  name: string;
  /** What comes in the address after the programme's, or the month's. */
  path: string;
  needs: StationNeed;
}

const station = (id: string, name: string, needs: StationNeed = 'look', path = `/${id}`): Station => ({
  id,
  name,
  path,
  needs,
});

/** What is made. */
export const PLAN: readonly Station[] = [
  station('year', 'Months', 'look', ''),
  station('quilt', 'Quilt'),
  station('fabrics', 'Fabrics'),
  station('packets', 'Kit contents'),
  station('papers', 'Handouts'),
  station('bolts', 'Stock & orders'),
  station('figures', 'Totals'),
  station('record', 'History', 'organise'),
];

/** How the year is run. */
export const RUN: readonly Station[] = [
  station('roster', 'Participants', 'organise'),
  station('calendar', 'Calendar'),
  station('kits', 'Kits'),
  station('pickup', 'Handing out'),
  station('post', 'Messages', 'organise'),
  station('samples', 'Test blocks', 'organise'),
  station('forecast', 'Forecast', 'organise'),
  station('money', 'Money', 'organise'),
];

/** A month's, in the order of the work, which is the order of their keys: 1, 2, 3 … */
export const MONTH: readonly Station[] = [
  station('draft', 'Block'),
  station('sew', 'Piecing'),
  station('cut', 'Cutting'),
  station('sheet', 'Instructions'),
  station('kits', 'Kits'),
  station('release', 'Release', 'organise'),
];

/** The two rulers of a programme. */
export const SIDES = { plan: 'Plan', run: 'Run' } as const;

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
