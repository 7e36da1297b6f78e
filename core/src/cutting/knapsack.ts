/** What fits side by side: the most worthy choice of things whose widths add up to at most a room, in whole ticks. */

export interface Thing {
  w: number;
  value: number;
  /** How many there are at most. */
  most: number;
}

/** How many of each thing to take. Exact; things of no width or worth are left. */
export function knapsack(things: readonly Thing[], room: number): { taken: number[]; value: number } {
  // Bundles of 1, 2, 4, … turn 'up to n times' into a few yes-or-no choices.
  const bundles: { thing: number; times: number; w: number; value: number }[] = [];
  things.forEach(({ w, value, most }, thing) => {
    if (w <= 0 || value <= 0) return;
    let rest = Math.min(most, Math.floor(room / w));
    for (let times = 1; rest > 0; times *= 2) {
      const n = Math.min(times, rest);
      rest -= n;
      bundles.push({ thing, times: n, w: n * w, value: n * value });
    }
  });
  const best = new Float64Array(room + 1);
  const chosen = new Uint8Array(bundles.length * (room + 1));
  bundles.forEach((bundle, i) => {
    const row = i * (room + 1);
    for (let w = room; w >= bundle.w; w -= 1) {
      const candidate = best[w - bundle.w]! + bundle.value;
      if (candidate <= best[w]!) continue;
      best[w] = candidate;
      chosen[row + w] = 1;
    }
  });
  const taken = things.map(() => 0);
  let w = room;
  for (let i = bundles.length - 1; i >= 0; i -= 1) {
    if (!chosen[i * (room + 1) + w]) continue;
    taken[bundles[i]!.thing]! += bundles[i]!.times;
    w -= bundles[i]!.w;
  }
  return { taken, value: best[room]! };
}
