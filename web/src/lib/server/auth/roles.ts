/** What each role may do, and what each address asks for: one table for all routes. */
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
const OPEN = /^\/(p\/|feeds\/|sign-in(\/|$)|recover\/|invitation\/|begin$|health$|ready$|metrics$|schemas\/|outside\/)/;
const SELF = /^\/account(\/|$)/;
const OWN = /^\/(house|archive)(\/|$)|^\/api\/(house|archive)(\/|$)/;
/** Where people's names and addresses, or money, are looked at. */
const PEOPLE =
  /^(\/api)?\/programmes\/[^/]+\/(roster|post|money|forecast|samples|record|releases|months\/[^/]+\/release)(\/|\.|$)|^\/record(\/|$)/;
/** What hands in the cutting room change: ticks, kits, labels. */
const HANDS = /^\/api\/programmes\/[^/]+\/(cutting\/[^/]+|kits|kits\/labels)$/;

/** What a request asks for. */
export function needOf(method: string, pathname: string): Need {
  const path = pathname.replace(/\/__data\.json$/, '') || '/';
  if (path === '/') return 'look';
  if (OPEN.test(path)) return 'nobody';
  if (SELF.test(path)) return 'self';
  if (OWN.test(path)) return 'own';
  if (method !== 'GET' && method !== 'HEAD') return HANDS.test(path) ? 'cut' : 'organise';
  return PEOPLE.test(path) ? 'organise' : 'look';
}
