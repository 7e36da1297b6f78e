/** What is best put into each room from 0 up, when things are offered one after the other, each at most so often. */
export class Rooms {
  /** For each room: the best worth, how much of the room it takes, what was put in last. */
  readonly worth: Float64Array;
  readonly at: Int32Array;
  readonly last: Int16Array;
  private readonly count: Int32Array;

  constructor(largest: number) {
    this.worth = new Float64Array(largest + 1);
    this.at = new Int32Array(largest + 1);
    this.last = new Int16Array(largest + 1);
    this.count = new Int32Array(largest + 1);
  }

  /** Empties the rooms up to `upTo`. */
  clear(upTo: number): void {
    this.worth.fill(0, 0, upTo + 1);
    this.at.fill(0, 0, upTo + 1);
    this.last[0] = -1;
  }

  /**
   * Lets one more thing of that length and worth into every room up to `upTo`. Nearly exact: how often a thing is taken is counted along
   * the best way alone, and a later thing may change that way; whoever follows it counts again.
   */
  offer(thing: number, length: number, worth: number, most: number, upTo: number): void {
    const { worth: best, at, last, count } = this;
    let smaller = best[length - 1]!;
    for (let room = length; room <= upTo; room += 1) {
      const now = best[room]!;
      // A room is worth what the room at the end of its best way is, so that one is looked up only where the thing would pay.
      const candidate = best[room - length]! + worth;
      if (candidate > now) {
        const from = at[room - length]!;
        const n = last[from]! === thing ? count[from]! + 1 : 1;
        if (n <= most) {
          smaller = best[room] = candidate;
          at[room] = room;
          last[room] = thing;
          count[room] = n;
          continue;
        }
      }
      if (smaller > now) {
        best[room] = smaller;
        at[room] = at[room - 1]!;
      } else smaller = now;
    }
  }
}
