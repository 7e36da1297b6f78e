import { describe, expect, it } from 'vitest';
import { library, readBlock } from '../block';
import { Exact } from '../measure';
import { construct, inchStyle, joiningsOf, otherReadings, outermost, type Construction, type SewingStyle } from './index';

const blocks = library.map((file) => readBlock(file, '').block);
const made = (b: (typeof blocks)[number], style: SewingStyle = inchStyle) =>
  construct(b, { finished: [Exact.of(2 * b.grid[0]), Exact.of(2 * b.grid[1])], make: 1, style });
const named = (name: string) => made(blocks.find((b) => b.name === name)!);
/** Every patch of the block, as often as the order sews it in. */
const sewn = ({ tree }: Construction) =>
  outermost(tree)
    .flatMap((leaf) => leaf.laid.flatMap((p) => [...p.of]))
    .sort((a, b) => a - b);

describe('ways to put a block together', () => {
  it.each(blocks.map((b) => [b.name, b] as const))(
    '%s: each is an order that sews every patch once, whatever else is chosen',
    (_, b) => {
      const c = made(b);
      const ways = joiningsOf(c);
      if (ways.length > 0) {
        expect(ways[0]!.usual).toBe(true);
        expect(ways.filter((way) => way.chosen).map((way) => way.usual)).toEqual([true]);
      }
      const [reading] = otherReadings(c);
      for (const way of ways) {
        const asked = made(b, { ...inchStyle, joining: way.name });
        expect(sewn(asked)).toEqual(sewn(c));
        expect(joiningsOf(asked).find((w) => w.chosen)!.parts).toBe(way.parts);
        expect([asked.pressing.crossings, asked.pressing.nested]).toEqual([way.crossings, way.nested]);
        if (!reading) continue;
        // Two choosings: another reading, and then what the block may not have any more.
        const both = made(b, { ...inchStyle, joining: way.name, readings: { [reading.name]: reading.other } });
        expect(new Set(sewn(both)).size).toBe(new Set(sewn(c)).size);
      }
    },
  );

  it('finds rows, columns and quarters, and takes four like quarters as usual', () => {
    const titles = joiningsOf(named('Broken Dishes')).map((way) => way.title);
    expect(titles[0]).toBe('in quarters');
    expect(titles).toEqual(expect.arrayContaining(['in rows', 'in columns']));
  });

  it('leaves what a block does not have to the best way', () => {
    const b = blocks.find((one) => one.name === 'Ohio Star')!;
    const strange = made(b, { ...inchStyle, joining: 'h3' });
    expect(joiningsOf(strange).find((way) => way.usual)!.chosen).toBe(true);
  });
});
