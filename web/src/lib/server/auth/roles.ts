/** What each role may do, and what each address asks for: one table for all routes. */
import { neededAt } from '$lib/frame/stations';

export const roles = ['owner', 'organiser', 'cutting-room', 'viewer'] as const;
export type Role = (typeof roles)[number];

export const isRole = (text: unknown): text is Role => roles.includes(text as Role);

/** What an address asks for: nobody, anybody who belongs, hands in the cutting room, who organises, who owns; or somebody signed in, for herself. */
export type Need = 'nobody' | 'self' | 'look' | 'cut' | 'organise' | 'own';

const MAY: Record<Role, readonly Need[]> = {
  viewer: ['look'],
  'cutting-room': ['look', 'cut'],
  organiser: ['look', 'cut', 'organise'],
  owner: ['look', 'cut', 'organise', 'own'],
};

/** Whether a role may what an address asks for. */
export const may = (role: Role | undefined, need: Need): boolean =>
  need === 'nobody' || need === 'self' || (role !== undefined && MAY[role].includes(need));

/** Addresses that need nobody to be signed in: private links have their own keys. */
const OPEN = ['p', 'feeds', 'sign-in', 'recover', 'invitation', 'begin', 'health', 'ready', 'metrics', 'schemas', 'outside'];
/** What looking at everything else asks for, by the first part of the address; programmes' own pages are asked of the stations. */
const LOOK: Readonly<Record<string, Need>> = { '': 'look', account: 'self', house: 'own', archive: 'own', swatches: 'look' };
const LOOK_API: Readonly<Record<string, Need>> = { archive: 'own', import: 'look', 'sheet-photos': 'look', swatches: 'look' };
/** Pages of a programme that are no station. */
const PROGRAMME: Readonly<Record<string, Need>> = { document: 'look' };
/** Under /api/programmes/x: organisers see people's names and addresses, and money. */
const PROGRAMME_API: Readonly<Record<string, Need>> = {
  ...{
    '': 'look',
    changes: 'look',
    cutting: 'look',
    desk: 'look',
    kits: 'look',
    sheets: 'look',
    today: 'look',
    'worked-out': 'look',
  },
  ...{ roster: 'organise', post: 'organise', samples: 'organise', record: 'organise', releases: 'organise' },
  removal: 'organise',
};
/** What hands in the cutting room change: ticks, kits, labels. */
const HANDS = /^\/api\/programmes\/[^/]+\/(cutting\/[^/]+|kits|kits\/labels)$/;

/** What a request asks for. A page that nothing here names is its owner's alone. */
export function needOf(method: string, pathname: string): Need {
  const path = pathname.replace(/\/__data\.json$/, '') || '/';
  const looking = lookingAt(path);
  if (looking === 'nobody' || looking === 'self' || looking === 'own') return looking;
  if (method !== 'GET' && method !== 'HEAD') return HANDS.test(path) ? 'cut' : 'organise';
  return looking ?? 'own';
}

/** What looking at an address asks for; undefined where nothing names it. */
export function lookingAt(path: string): Need | undefined {
  const parts = path.split('/').slice(1);
  const [first = '', second = '', third] = parts;
  if (OPEN.includes(first)) return 'nobody';
  if (first === 'api') return second === 'programmes' && third ? PROGRAMME_API[parts[3] ?? ''] : LOOK_API[second];
  if (first !== 'programmes') return LOOK[first];
  if (second === 'new' || second === 'compose' || second === 'import') return 'look';
  return PROGRAMME[third ?? ''] ?? neededAt(parts.slice(2));
}
