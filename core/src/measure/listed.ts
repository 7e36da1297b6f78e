import { words } from './words';

/** '12 1/2 by 6 1/2'. */
export const by = (across: string | number, down: string | number): string => words.by(across, down);

/** 'A', 'A and B', 'A, B and C'. */
export function listed(all: readonly string[]): string {
  return all.length < 2 ? all.join('') : words.and(all.slice(0, -1).join(', '), all.at(-1));
}
