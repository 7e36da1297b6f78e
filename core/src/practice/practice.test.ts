import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { library, readBlock } from '../block';
import { construct, inchStyle } from '../construction';
import { layoutOf, type Layout } from '../eye';
import { Exact, seeded } from '../measure';
import { inTray, isFull, isRight, laid, lies, madeSlips, takenUp, turned, type Board, faceOfPiece } from './board';
import { deal, dealSlip } from './deal';
import { faceOf, faceText, mirroredFace, roleAt, spots, spotToLookAt, turnedFace, turnless } from './face';

const layouts = library.map((file) => {
  const { block } = readBlock(file, '');
  const finished = [Exact.of(12), Exact.of(12).over(block.grid[0]).times(block.grid[1])] as const;
  return { name: file.name, layout: layoutOf(construct(block, { finished, make: 1, style: inchStyle })) };
});
const byName = (name: string) => layouts.find((l) => l.name === name)!.layout;
const own = (role: string) => role;
const dealtOf = (layout: Layout, seed: number) =>
  deal({ layout, fabricOf: own, open: [...layout.units.keys()], chance: seeded(seed) });

/** What the whole shows: each patch where it lies, whichever piece it is of. Told from nothing that judges single places. */
function wholePicture({ layout, lain }: Board, faceAt: (place: number) => ReturnType<typeof faceOf>): string {
  return [...lain.keys()]
    .flatMap((place) => {
      const { sewn, w, h } = layout.units[place]!;
      return faceAt(place).patches.map(({ role, points }) => {
        const corners = points.map(([x, y]) =>
          [x + sewn[0] - w / 2, y + sewn[1] - h / 2].map((n) => Math.round(n * 997)).join(),
        );
        return `${role} ${corners.sort().join(' ')}`;
      });
    })
    .sort()
    .join('|');
}
const shown = (board: Board) => wholePicture(board, (place) => faceOfPiece(board, board.lain.get(place)!));
const asItShould = (board: Board) => wholePicture(board, (place) => faceOf(board.layout.units[place]!));

/** Lays whatever fits into each place, from the tray, as keys would: stack by stack, a turn at a time. */
function solved(start: Board): Board {
  let board = start;
  for (const place of board.open) {
    const fits = board.stacks.some((_, stack) => {
      const [piece] = inTray(board, stack);
      if (piece === undefined) return false;
      let tried = laid(board, place, piece);
      for (let turns = 0; turns < 4; turns += 1) {
        if (lies(tried).get(place)!.kind === 'right') return ((board = tried), true);
        tried = turned(tried, place);
      }
      return false;
    });
    expect(fits).toBe(true);
  }
  return board;
}

describe('a board', () => {
  it.each(layouts)('can be laid from the tray by choosing, laying and turning alone: $name', ({ layout }) => {
    const board = dealtOf(layout, 7);
    expect(isFull(board)).toBe(false);
    const done = solved(board);
    expect(isFull(done)).toBe(true);
    expect(isRight(done)).toBe(true);
    expect(shown(done)).toBe(asItShould(done));
    expect(madeSlips(done)).toEqual([]);
  });

  it('accepts exactly what looks as the whole should: like units exchanged and turns that show nothing, and no other', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...layouts),
        fc.nat(),
        fc.array(fc.tuple(fc.nat(), fc.nat(), fc.boolean()), { maxLength: 4 }),
        ({ layout }, seed, deeds) => {
          let board = solved(dealtOf(layout, seed));
          const { open } = board;
          for (const [a, b, turn] of deeds) {
            const [from, to] = [open[a % open.length]!, open[b % open.length]!];
            if (turn) board = turned(board, from);
            else if (board.lain.has(from)) board = laid(board, to, board.lain.get(from)!.piece);
          }
          if (!isFull(board)) return;
          expect(isRight(board)).toBe(shown(board) === asItShould(board));
          const wrong = [...lies(board).values()].filter(({ kind }) => kind !== 'right').length;
          expect(wrong === 0).toBe(isRight(board));
        },
      ),
      { numRuns: 150 },
    );
  });

  it('loses no piece and lays none twice, whatever is done', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...layouts),
        fc.nat(),
        fc.array(fc.tuple(fc.nat(), fc.nat(), fc.nat(2)), { maxLength: 40 }),
        ({ layout }, seed, deeds) => {
          let board = dealtOf(layout, seed);
          for (const [a, b, deed] of deeds) {
            const place = board.open[a % board.open.length]!;
            if (deed === 0) board = laid(board, place, b % board.pieces.length);
            else board = deed === 1 ? turned(board, place) : takenUp(board, place);
            const out = [...board.lain.values()].map(({ piece }) => piece);
            expect(new Set(out).size).toBe(out.length);
            const tray = board.stacks.flatMap((_, stack) => inTray(board, stack));
            expect([...out, ...tray].sort((x, y) => x - y)).toEqual([...board.pieces.keys()]);
          }
        },
      ),
      { numRuns: 60 },
    );
  });

  it('names a turn, two that changed places and what belongs nowhere', () => {
    const layout = byName('Ohio Star');
    const done = solved(dealtOf(layout, 3));
    const place = done.open.find(
      (p) =>
        layout.units[p]!.name &&
        turnless(faceOf(layout.units[p]!), own) !== faceText(faceOf(layout.units[p]!), own) &&
        faceText(turnedFace(faceOf(layout.units[p]!), 1), own) !== faceText(faceOf(layout.units[p]!), own),
    )!;
    const amiss = turned(done, place);
    expect(lies(amiss).get(place)).toEqual({ kind: 'turned', quarters: 1 });
    expect(madeSlips(amiss)).toEqual([{ unit: layout.units[place]!.name, kind: 'turned' }]);
    expect(lies(takenUp(amiss, place)).get(place)).toEqual({ kind: 'missing' });
  });

  it('does not take a piece where it does not fit, and turns on one that would stick out', () => {
    for (const { layout } of layouts) {
      const board = dealtOf(layout, 1);
      for (const place of board.open.slice(0, 4))
        for (const piece of board.pieces.keys()) {
          const { w, h } = layout.units[place]!;
          const next = laid(board, place, piece);
          const lain = next.lain.get(place);
          if (!lain) expect(next).toBe(board);
          else expect(faceOfPiece(next, lain)).toMatchObject({ w: expect.closeTo(w, 6), h: expect.closeTo(h, 6) });
        }
    }
  });

  it('takes letters of one fabric for the same', () => {
    const layout = byName('Ohio Star');
    const all = deal({ layout, fabricOf: () => 'one', open: [...layout.units.keys()], chance: seeded(2) });
    // Seams still show; a turn that leaves them where they are does not.
    expect(isRight(solved(all))).toBe(true);
  });
});

describe('what is dealt', () => {
  it('is the same for the same seed, in another order for another', () => {
    const layout = byName('Ohio Star');
    expect(dealtOf(layout, 5)).toEqual(dealtOf(layout, 5));
    expect(dealtOf(layout, 5).dealt).not.toEqual(dealtOf(layout, 6).dealt);
  });

  it('has mirror images that belong nowhere, and only such', () => {
    let images = 0;
    for (const { layout } of layouts) {
      const right = new Set(layout.units.map((unit) => turnless(faceOf(unit), own)));
      for (const { unit, mirrored } of dealtOf(layout, 11).pieces) {
        const face = faceOf(layout.units[unit]!);
        expect(right.has(turnless(mirrored ? mirroredFace(face) : face, own))).toBe(!mirrored);
        images += mirrored ? 1 : 0;
      }
    }
    expect(images).toBeGreaterThan(0);
  });

  it('has one slip in it that shows, of each kind that a block allows; what was seen comes more often', () => {
    const kinds = new Set<string>();
    for (const { layout } of layouts)
      for (let seed = 0; seed < 6; seed += 1) {
        const board = dealSlip({ layout, fabricOf: own, open: [...layout.units.keys()], chance: seeded(seed) });
        if (!board) continue;
        expect(isFull(board)).toBe(true);
        expect(shown(board)).not.toBe(asItShould(board));
        const amiss = [...lies(board).values()].filter(({ kind }) => kind !== 'right');
        // Two hands exchanged lie mirrored, both.
        expect(amiss.length).toBeLessThanOrEqual(2);
        if (amiss[0]!.kind === 'turned') expect(amiss.length).toBe(1);
        for (const { kind } of amiss) kinds.add(kind);
      }
    expect([...kinds]).toEqual(expect.arrayContaining(['exchanged', 'fabrics', 'mirrored', 'turned']));

    const layout = byName('Ohio Star');
    const [first] = madeSlips(
      turned(
        solved(dealtOf(layout, 1)),
        layout.units.findIndex(({ name }) => name),
      ),
    );
    const count = (seen: { unit: string; kind: 'turned' }[]) =>
      Array.from({ length: 200 }, (_, seed) =>
        madeSlips(dealSlip({ layout, fabricOf: own, open: [...layout.units.keys()], chance: seeded(seed), seen })!),
      ).filter(([slip]) => slip?.kind === 'turned').length;
    if (first) expect(count([{ unit: first.unit, kind: 'turned' }])).toBeGreaterThanOrEqual(count([]));
  });

  it('has nothing to find where nothing can lie wrong', () => {
    const layout = byName('Ohio Star');
    expect(dealSlip({ layout, fabricOf: own, open: [], chance: seeded(1) })).toBeUndefined();
  });
});

describe('where to look', () => {
  it('is a spot that shows another fabric in what lies there, for every unit that is turned so that it shows', () => {
    let [found, none] = [0, 0];
    for (const { layout } of layouts)
      for (const unit of layout.units) {
        const face = faceOf(unit);
        const wrong = turnedFace(face, 2);
        const look = spotToLookAt(face, wrong, own);
        if (look) {
          found += 1;
          expect(roleAt(face, look.spot)).toBe(look.role);
          expect(roleAt(wrong, look.spot)).not.toBe(look.role);
        } else if (faceText(face, own) !== faceText(wrong, own)) none += 1;
      }
    expect(found).toBeGreaterThan(50);
    expect(none).toBeLessThan(found / 20);
  });

  it('is told of no seam', () => {
    const half = {
      w: 2,
      h: 2,
      patches: [
        {
          role: 'A',
          points: [
            [0, 0],
            [2, 0],
            [0, 2],
          ] as const,
        },
        {
          role: 'B',
          points: [
            [2, 0],
            [2, 2],
            [0, 2],
          ] as const,
        },
      ],
    };
    expect(spots.map((spot) => roleAt(half, spot))).toEqual(['A', undefined, 'B', undefined, 'A', 'B', 'B', 'A', undefined]);
  });
});
