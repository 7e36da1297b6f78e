import fc from 'fast-check';
import { expect, it } from 'vitest';
import { Lanes } from './lanes';
import { mergedMetrics } from './metrics';
import { Whose } from './whose';

/** Lanes that answer at once but for those in `stuck`, on a clock of their own. */
function bench(count: number) {
  const stuck = new Set<number>();
  const clock = { now: 0 };
  const gone = new Set<number>();
  const of = {
    there: (lane: number) => !gone.has(lane),
    responds: (lane: number) => Promise.resolve(!stuck.has(lane)),
  };
  const lanes = new Lanes(count, of, () => clock.now);
  return { stuck, gone, clock, lanes };
}

it('a house that is not kept apart is answered by one lane at a time, however much it asks; those kept apart by one and the same', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.tuple(fc.integer({ min: 0, max: 5 }), fc.constantFrom('ask', 'end', 'stick', 'free')), { maxLength: 60 }),
      fc.integer({ min: 2, max: 4 }),
      async (steps, count) => {
        const { lanes, stuck, clock } = bench(count);
        const under: { house: string; lane: number; done: () => void }[] = [];
        for (const [n, what] of steps) {
          clock.now += 100;
          const house = `house ${n}`;
          if (what === 'ask') {
            const before = under.filter((u) => u.house === house).map((u) => u.lane);
            const taken = await lanes.take(house);
            if (!lanes.apart(house) && before.length > 0) expect(before).toContain(taken.lane);
            under.push({ house, ...taken });
          } else if (what === 'end') under.splice(n, 1)[0]?.done();
          else if (what === 'stick') stuck.add(n % count);
          else stuck.delete(n % count);
        }
        const apart = [0, 1, 2, 3, 4, 5].map((n) => `house ${n}`).filter((house) => lanes.apart(house));
        const taken = await Promise.all(apart.map((house) => lanes.take(house)));
        expect(new Set(taken.map((t) => t.lane)).size).toBeLessThanOrEqual(1);
      },
    ),
  );
});

it('whoever would have to wait for somebody else’s work is answered by another lane', async () => {
  const { lanes, stuck } = bench(2);
  const heavy = await lanes.take('heavy');
  stuck.add(heavy.lane);
  for (const house of ['one', 'two', 'three']) expect((await lanes.take(house)).lane).not.toBe(heavy.lane);
  // Its own it keeps waiting for.
  expect((await lanes.take('heavy')).lane).toBe(heavy.lane);
});

it('where one lane is not there yet and the other at work, whoever asks waits at the one that is there', async () => {
  const { lanes, stuck, gone } = bench(2);
  gone.add(1);
  stuck.add(0);
  for (let n = 0; n < 20; n += 1) expect((await lanes.take(`house ${n % 4}`)).lane).toBe(0);
});

it('a house that holds up others is kept apart, even while it does nothing, and after a while is not; who was beside it once is not', async () => {
  const { lanes, stuck, clock } = bench(2);
  for (const other of ['one', 'two', 'three']) {
    const heavy = await lanes.take('heavy');
    const beside = await lanes.take(`beside ${other}`);
    stuck.add(heavy.lane);
    (await lanes.take(other)).done();
    stuck.clear();
    beside.done();
    heavy.done();
    clock.now += 1000;
  }
  expect(lanes.apart('heavy')).toBe(true);
  expect(['one', 'two', 'three', 'beside one'].some((house) => lanes.apart(house))).toBe(false);
  const again = await lanes.take('heavy');
  // It could answer just now; it will not for long.
  for (const house of ['four', 'five', 'six']) expect((await lanes.take(house)).lane).not.toBe(again.lane);
  clock.now += 600_000;
  expect(lanes.apart('heavy')).toBe(false);
});

it('nobody is sent to a process that has died, not even who was there or is kept apart', async () => {
  const { lanes, gone, stuck } = bench(2);
  const heavy = await lanes.take('heavy');
  stuck.add(heavy.lane);
  for (const house of ['other', 'another']) await lanes.take(house);
  expect(lanes.apart('heavy')).toBe(true);
  gone.add(heavy.lane);
  for (const house of ['heavy', 'other', 'new']) expect((await lanes.take(house)).lane).toBe(1 - heavy.lane);
});

it('where all are held up, everybody waits at home, and nothing is asked of a lane with nothing under way', async () => {
  const asked: number[] = [];
  const lanes = new Lanes(2, { there: () => true, responds: (lane) => (asked.push(lane), Promise.resolve(false)) });
  const first = await lanes.take('one');
  expect(asked).toEqual([]);
  first.done();
  first.done();
  await lanes.take('two');
  expect(asked).toEqual([]);
});

it('a request is its house’s by the key of a private page, or by a session once that is known', () => {
  const whose = new Whose();
  const house = '0123abcd-0000-4000-8000-00000000000a';
  const key = Buffer.from(house.replaceAll('-', '') + '11'.repeat(16), 'hex').toString('base64url');
  const asked = { headers: { cookie: 'a=b; aggrega_session=secret' }, url: '/programmes/x' };
  expect(whose.of(asked, '10.0.0.1')).not.toContain('secret');
  expect(whose.of(asked, '10.0.0.1')).not.toBe(
    whose.of({ headers: { cookie: 'aggrega_session=other' }, url: '/' }, '10.0.0.1'),
  );
  whose.learn(asked, house);
  expect(whose.of(asked, '10.0.0.2')).toBe(whose.of({ headers: {}, url: `/p/${key}/months/m1` }, '10.0.0.3'));
  expect(whose.of({ headers: {}, url: '/sign-in' }, '10.0.0.3')).toBe('address 10.0.0.3');
});

it('counts of several processes are one text: each name is explained once, each line says of which process', () => {
  const text = (n: number) => `# HELP a what\n# TYPE a counter\na ${n}\n# HELP b what\n# TYPE b counter\nb{x="1"} ${n}\n`;
  expect(mergedMetrics([text(1), text(2)])).toBe(
    '# HELP a what\n# TYPE a counter\na{lane="0"} 1\na{lane="1"} 2\n# HELP b what\n# TYPE b counter\nb{lane="0",x="1"} 1\nb{lane="1",x="1"} 2\n',
  );
});
