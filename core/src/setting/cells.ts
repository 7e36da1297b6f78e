/** One block with what goes round it: coping up to the size of the largest, then its frame. */
import { Exact } from '../measure';
import { rectangle, roundStrips, type LaidPart, type LaidPlace, type ToQuilt } from './lay';
import { type SetBlock, type Setting, SettingError, settingKind } from './setting';
import { turnAt } from './turning';
import { words } from './words';

/** The cell that every block of a lattice fills, frame and all. */
export interface Cell {
  w: Exact;
  h: Exact;
  /** What is left for the block, with its coping. */
  inner: readonly [w: Exact, h: Exact];
}

/** The cell for these blocks. Throws SettingError where they differ in size and nothing evens that out. */
export function cellOf({ frame, coping, kind }: Setting, blocks: readonly SetBlock[]): Cell {
  const most = (side: 'w' | 'h') => blocks.map((b) => b[side]).reduce((a, b) => (a.compare(b) < 0 ? b : a));
  const inner = [most('w'), most('h')] as const;
  const smaller = blocks.find((b) => !b.w.equals(inner[0]) || !b.h.equals(inner[1]));
  if (smaller && !coping)
    throw new SettingError(
      '/coping',
      words.theBlocksFinishAtDifferentSizes(
        smaller.key,
        String(smaller.w),
        String(smaller.h),
        String(inner[0]),
        String(inner[1]),
      ),
    );
  const f = Exact.of(frame?.finished ?? 0).times(2);
  const cell = { w: inner[0].plus(f), h: inner[1].plus(f), inner };
  if (settingKind(kind).lie === 'on point' && !cell.w.equals(cell.h))
    throw new SettingError('/kind', words.blocksOnPointMustBeSquare(String(cell.w), String(cell.h)));
  return cell;
}

export interface LatticeSpot {
  at: string;
  /** Which round of a medallion it lies in, from 1. */
  round?: number;
  column: number;
  row: number;
  /** Top left of the cell in lattice coordinates. */
  u: Exact;
  v: Exact;
}

/** Lays blocks into their spots in their order, again from the first when they run out; what a place chooses goes before. */
export function layBlocks(
  setting: Setting,
  blocks: readonly SetBlock[],
  spots: readonly LatticeSpot[],
  cell: Cell,
  lie: ToQuilt,
): { places: LaidPlace[]; parts: LaidPart[] } {
  const parts: LaidPart[] = [];
  const places = spots.map((spot, i): LaidPlace => {
    const { at, round, column, row, u, v } = spot;
    const choice = setting.places.get(at) ?? {};
    const named = blocks.find((b) => b.key === choice.block);
    if (choice.block !== undefined && !named)
      throw new SettingError(`/places/${at}/block`, words.thereIsNoBlockOfThat(choice.block));
    const block = named ?? blocks[i % blocks.length]!;
    const square = block.w.equals(block.h);
    const turn = choice.turn ?? turnAt(setting.turning, column, row, square);
    if (!square && turn % 2 === 1) throw new SettingError(`/places/${at}/turn`, words.isNotSquareItCanOnly(block.key));
    const f = Exact.of(setting.frame?.finished ?? 0);
    const corner = [
      u.plus(f).plus(cell.inner[0].minus(block.w).over(2)),
      v.plus(f).plus(cell.inner[1].minus(block.h).over(2)),
    ] as const;
    const around = (name: string, role: string | undefined, strips: ReturnType<typeof roundStrips>) =>
      strips.forEach((strip) => parts.push({ name, role: role!, place: at, sub: 'none', ...strip }));
    const copes = [cell.inner[0].minus(block.w).over(2), cell.inner[1].minus(block.h).over(2)] as const;
    around('coping', setting.coping?.role, roundStrips(lie, corner, [block.w, block.h], copes));
    if (setting.frame) around('frame', setting.frame.role, roundStrips(lie, [u.plus(f), v.plus(f)], cell.inner, [f, f]));
    return {
      at,
      ...(round !== undefined && { round }),
      column,
      row,
      block,
      turn,
      mirrored: choice.mirrored ?? false,
      outline: rectangle(lie, ...corner, block.w, block.h),
    };
  });
  return { places, parts };
}
