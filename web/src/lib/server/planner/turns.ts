/** Work that waits, each house's apart: one piece of each in turn, so that many of one hold up nobody else's. */
export class Turns<Work> {
  #houses = new Map<string, Work[]>();

  /** How much of that house waits. */
  of = (house: string): number => this.#houses.get(house)?.length ?? 0;

  add(house: string, work: Work): void {
    this.#houses.set(house, [...(this.#houses.get(house) ?? []), work]);
  }

  /** The next house's oldest; that house then comes after all others. */
  next(): Work | undefined {
    const [first] = this.#houses;
    if (!first) return undefined;
    const [house, [work, ...rest]] = first;
    this.#houses.delete(house);
    if (rest.length > 0) this.#houses.set(house, rest);
    return work;
  }

  /** All that waits, which then waits no more. */
  clear(): Work[] {
    const all = [...this.#houses.values()].flat();
    this.#houses.clear();
    return all;
  }

  get empty(): boolean {
    return this.#houses.size === 0;
  }
}
