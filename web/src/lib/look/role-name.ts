/** Roles as people call them, and what each may do. */
import { spoken } from '@aggrega/core/words';
import type { Role } from '$lib/server/auth/roles';

const names = spoken('roles', { owner: 'owner', organiser: 'organiser', 'cutting-room': 'cutting room', viewer: 'viewer' });
const allowed = spoken('roles-what-they-may-do', {
  owner: 'can do everything, and manages the team',
  organiser: 'can do everything in the programmes',
  'cutting-room': 'can view programmes, and tick what is cut, packed and handed out',
  viewer: 'can view programmes, but no addresses',
});

export const ROLES: readonly { role: Role; readonly name: string; readonly may: string }[] = (
  ['owner', 'organiser', 'cutting-room', 'viewer'] as const
).map((role) => ({
  role,
  get name() {
    return names[role];
  },
  get may() {
    return allowed[role];
  },
}));

/** Whether somebody changes programmes, and sees people's addresses. */
export const organises = (role: Role | undefined): boolean => role === 'owner' || role === 'organiser';

export const roleName = (role: Role): string => ROLES.find((r) => r.role === role)!.name;
