/** What fits best into rooms, held against trying everything. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { Rooms } from './rooms';

const LARGEST = 30;
const things = (most: fc.Arbitrary<number>) =>
  fc.array(fc.record({ length: fc.integer({ min: 1, max: 9 }), worth: fc.integer({ min: 1, max: 40 }), most }), {
    minLength: 1,
    maxLength: 6,
  });

function filled(offered: readonly { length: number; worth: number; most: number }[], upTo = LARGEST): Rooms {
  const rooms = new Rooms(LARGEST);
  rooms.clear(upTo);
  offered.forEach(({ length, worth, most }, i) => rooms.offer(i, length, worth, most, upTo));
  return rooms;
}

/** How often each thing is taken on the best way into a room. */
function taken(rooms: Rooms, offered: readonly { length: number }[], room: number): number[] {
  const times = offered.map(() => 0);
  for (let at = rooms.at[room]!; at > 0;) {
    const thing = rooms.last[at]!;
    times[thing]! += 1;
    at = rooms.at[at - offered[thing]!.length]!;
  }
  return times;
}

describe('rooms', () => {
  it('hold the most that things can be worth in them, where there are enough of each', () => {
    fc.assert(
      fc.property(things(fc.constant(LARGEST)), (offered) => {
        const rooms = filled(offered);
        const best = [0];
        for (let room = 1; room <= LARGEST; room += 1)
          best.push(
            Math.max(best[room - 1]!, ...offered.filter((t) => t.length <= room).map((t) => best[room - t.length]! + t.worth)),
          );
        expect([...rooms.worth]).toEqual(best);
      }),
    );
  });

  it('are worth what is put in on their best way, which is no longer than they are; a larger one is never worth less', () => {
    fc.assert(
      fc.property(things(fc.integer({ min: 1, max: 4 })), (offered) => {
        const rooms = filled(offered);
        for (let room = 0; room <= LARGEST; room += 1) {
          const times = taken(rooms, offered, room);
          const sum = (of: (thing: (typeof offered)[number]) => number) =>
            offered.reduce((all, thing, i) => all + times[i]! * of(thing), 0);
          expect(sum((t) => t.length)).toBeLessThanOrEqual(room);
          // A later thing may better a part of the way, never spoil it.
          expect(sum((t) => t.worth)).toBeGreaterThanOrEqual(rooms.worth[room]!);
          expect(rooms.worth[rooms.at[room]!]).toBe(rooms.worth[room]);
          expect(rooms.at[room]).toBeLessThanOrEqual(room);
          if (room > 0) expect(rooms.worth[room]).toBeGreaterThanOrEqual(rooms.worth[room - 1]!);
        }
      }),
    );
  });

  it('take one thing as often as there is of it, and are as new when they are emptied', () => {
    fc.assert(
      fc.property(things(fc.integer({ min: 1, max: 4 })), fc.integer({ min: 1, max: LARGEST }), (offered, upTo) => {
        const [only] = offered;
        const rooms = filled([only!], upTo);
        for (let room = 0; room <= upTo; room += 1)
          expect(rooms.worth[room]).toBe(Math.min(only!.most, Math.floor(room / only!.length)) * only!.worth);
        rooms.clear(upTo);
        offered.forEach(({ length, worth, most }, i) => rooms.offer(i, length, worth, most, upTo));
        expect([...rooms.worth.slice(0, upTo + 1)]).toEqual([...filled(offered, upTo).worth.slice(0, upTo + 1)]);
      }),
    );
  });
});
