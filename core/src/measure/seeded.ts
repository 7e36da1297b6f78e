/** Numbers from 0 to 1 that look like chance and are the same for the same seed: a 32-bit mixing counter. */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (state + 0x9e3779b9) >>> 0;
    let mixed = Math.imul(state ^ (state >>> 16), 0x85ebca6b);
    mixed = Math.imul(mixed ^ (mixed >>> 13), 0xc2b2ae35);
    return ((mixed ^ (mixed >>> 16)) >>> 0) / 2 ** 32;
  };
}

/** The list in an order by chance; the list itself stays as it is. */
export function shuffled<T>(list: readonly T[], chance: () => number): T[] {
  return list
    .map((one) => [chance(), one] as const)
    .sort((a, b) => a[0] - b[0])
    .map(([, one]) => one);
}
