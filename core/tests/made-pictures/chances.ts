import { seeded } from '../../src/measure';

/** Numbers as if thrown, the same for the same seed in every run. */
export interface Chances {
  /** From 0 up to 1. */
  next(): number;
  between(least: number, most: number): number;
  whole(least: number, most: number): number;
  oneOf<T>(all: readonly T[]): T;
  /** Normally distributed, mean 0 and spread 1. */
  normal(): number;
}

export function chances(seed: number): Chances {
  const next = seeded(seed);
  const between = (least: number, most: number) => least + next() * (most - least);
  return {
    ...{ next, between },
    whole: (least, most) => Math.floor(between(least, most + 1)),
    oneOf: (all) => all[Math.floor(next() * all.length)]!,
    normal: () => Math.sqrt(-2 * Math.log(1 - next())) * Math.cos(2 * Math.PI * next()),
  };
}
