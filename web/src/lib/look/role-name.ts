/** Roles as people call them, and what each may do. */
import type { Role } from '$lib/server/auth/roles';

export const ROLES: { role: Role; name: string; may: string }[] = [
  { role: 'owner', name: 'owner', may: 'can do everything, and manages the team' },
  { role: 'organiser', name: 'organiser', may: 'can do everything in the programmes' },
  { role: 'cutting-room', name: 'cutting room', may: 'can view programmes, and tick what is cut, packed and handed out' },
  { role: 'viewer', name: 'viewer', may: 'can view programmes, but no addresses' },
];

/** Whether somebody changes programmes, and sees people's addresses. */
export const organises = (role: Role | undefined): boolean => role === 'owner' || role === 'organiser';

export const roleName = (role: Role): string => ROLES.find((r) => r.role === role)!.name;
