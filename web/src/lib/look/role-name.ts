/** Roles as people call them, and what each may do. */
import type { Role } from '$lib/server/auth/roles';

export const ROLES: { role: Role; name: string; may: string }[] = [
  { role: 'owner', name: 'owner', may: 'everything, and says who else works here' },
  { role: 'organiser', name: 'organiser', may: 'everything that a programme needs' },
  { role: 'cutting-room', name: 'cutting room', may: 'looks at programmes, ticks what is cut, packed and handed over' },
  { role: 'viewer', name: 'viewer', may: 'looks at programmes; sees no addresses' },
];

/** Whether somebody changes programmes, and sees people's addresses. */
export const organises = (role: Role | undefined): boolean => role === 'owner' || role === 'organiser';

export const roleName = (role: Role): string => ROLES.find((r) => r.role === role)!.name;
