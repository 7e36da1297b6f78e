import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { less, solve, type Chain, type Wishes } from './solve';

/** Chains over up to eleven seams, their groups and gains. */
const problem = fc
  .record({
    lengths: fc.array(fc.integer({ min: 1, max: 4 }), { minLength: 1, maxLength: 4 }),
    sides: fc.infiniteStream(fc.constantFrom<1 | -1>(1, -1)),
    groups: fc.infiniteStream(fc.integer({ min: -1, max: 3 })),
    gains: fc.infiniteStream(fc.constantFrom(-1, 0, 1)),
  })
  .map(({ lengths, sides, groups, gains }) => {
    let next = 0;
    const chains = lengths.map((n): Chain => ({
      members: Array.from({ length: n }, () => ({ seam: next++, side: sides.next().value as 1 | -1 })),
    }));
    const wishes: Wishes = {
      group: Array.from({ length: next }, () => groups.next().value as number),
      groups: 4,
      gains: Array.from({ length: next }, () => [gains.next().value as number, gains.next().value as number]),
    };
    return { seams: next, chains, wishes };
  });

function worth(side: readonly number[], { group, groups, gains }: Wishes): number[] {
  const unlike = Array.from({ length: groups }, (_, g) => {
    const own = side.filter((_, seam) => group[seam] === g);
    return Math.min(own.filter((s) => s > 0).length, own.filter((s) => s < 0).length);
  }).reduce((a, b) => a + b, 0);
  return [unlike, ...[0, 1].map((level) => -side.reduce((sum, s, seam) => sum + s * gains[seam]![level]!, 0) + 0)];
}

describe('the choice of one of two ways for every chain', () => {
  it('is the best of all, by the wishes in their order', () => {
    fc.assert(
      fc.property(problem, ({ seams, chains, wishes }) => {
        const solved = solve(seams, chains, wishes);
        expect(solved.proven).toBe(true);
        // The seams of a chain keep their sides relative to each other.
        for (const { members } of chains)
          for (const m of members)
            expect(solved.side[m.seam]! * m.side).toBe(solved.side[members[0]!.seam]! * members[0]!.side);
        let best: number[] | undefined;
        for (let plan = 0; plan < 2 ** chains.length; plan += 1) {
          const side = new Array<number>(seams).fill(1);
          chains.forEach(({ members }, i) => {
            for (const m of members) side[m.seam] = m.side * ((plan >> i) & 1 ? -1 : 1);
          });
          const w = worth(side, wishes);
          if (!best || less(w, best)) best = w;
        }
        const own = worth(solved.side, wishes);
        expect(own).toEqual(best!.map((n) => n + 0));
        expect(solved.unlike).toBe(own[0]);
      }),
      { numRuns: 400 },
    );
  });

  it('says so when there are too many groups to weigh, and still keeps every nest', () => {
    const seams = 60;
    const chains = Array.from({ length: 30 }, (_, i): Chain => ({
      members: [
        { seam: 2 * i, side: 1 },
        { seam: 2 * i + 1, side: -1 },
      ],
    }));
    const wishes: Wishes = {
      group: Array.from({ length: seams }, (_, i) => i % 20),
      groups: 20,
      gains: Array.from({ length: seams }, (_, i) => [i % 3 === 0 ? 1 : -1, 0]),
    };
    const { side, proven } = solve(seams, chains, wishes);
    expect(proven).toBe(false);
    for (let i = 0; i < seams; i += 2) expect(side[i]).toBe(-side[i + 1]!);
  });
});

describe('where the wishes leave it open', () => {
  const single = (n: number): Chain[] =>
    Array.from({ length: n }, (_, seam) => ({ members: [{ seam, side: seam % 2 ? -1 : 1 }] }));
  const beside = (n: number) => Array.from({ length: n - 1 }, (_, i): [number, number] => [i, i + 1]);

  it('the iron turns as seldom as it can', () => {
    const wishes = { group: [-1, -1, -1, -1], groups: 0, gains: [[0], [0], [0], [0]], beside: beside(4) };
    expect(new Set(solve(4, single(4), wishes).side).size).toBe(1);
  });

  it('no wish is given up for it', () => {
    fc.assert(
      fc.property(problem, ({ seams, chains, wishes }) => {
        const plain = solve(seams, chains, wishes);
        const turned = solve(seams, chains, { ...wishes, beside: beside(seams) });
        expect(worth(turned.side, wishes)).toEqual(worth(plain.side, wishes));
        for (const { members } of chains) expect(new Set(members.map((m) => m.side * turned.side[m.seam]!)).size).toBe(1);
        const turns = (side: readonly number[]) => beside(seams).filter(([a, b]) => side[a] !== side[b]).length;
        expect(turns(turned.side)).toBeLessThanOrEqual(turns(plain.side));
      }),
    );
  });
});
