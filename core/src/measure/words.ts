/** 'A', 'A and B', 'A, B and C'. */
export function listed(all: readonly string[]): string {
  return all.length < 2 ? all.join('') : `${all.slice(0, -1).join(', ')} and ${all.at(-1)!}`;
}
