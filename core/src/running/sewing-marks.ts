/** How far somebody has sewn: marks on several devices, of which the newest of each name counts. */

export interface Mark {
  /** A size as it was written, how many are done, or where she is. */
  value: string | number;
  /** When it was set, by the clock of its device, in milliseconds. */
  at: number;
}

export type Marks = Readonly<Record<string, Mark>>;

/** Both together: of two of one name the newer, of two of one moment always the same one. So it does not matter which came first, or how often. */
export function mergedMarks(some: Marks, others: Marks): Marks {
  const merged = new Map(Object.entries(some));
  for (const [name, mark] of Object.entries(others)) {
    const known = merged.get(name);
    if (!known || isNewer(mark, known)) merged.set(name, mark);
  }
  return Object.fromEntries(merged);
}

const isNewer = (a: Mark, b: Mark) => a.at > b.at || (a.at === b.at && JSON.stringify(a.value) > JSON.stringify(b.value));

/** At most so many, the newest. */
export function newestMarks(marks: Marks, most: number): Marks {
  const all = Object.entries(marks);
  if (all.length <= most) return marks;
  return Object.fromEntries(all.sort(([, a], [, b]) => b.at - a.at).slice(0, most));
}
