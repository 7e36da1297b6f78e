/** Medallion rows: a centre of blocks, and rounds about it, of blocks or plain. */
import { Exact } from '../measure';
import { layBlocks, cellOf, type LatticeSpot } from './cells';
import { roundStrips, straightToQuilt, type LaidPart, type LaidPlace } from './lay';
import type { Top } from './lattice';
import { SettingError, type SetBlock, type Setting } from './setting';
import { words } from './words';

/** A top that grows from its centre. Each round of blocks takes those of its own size. Throws SettingError. */
export function medallionTop(setting: Setting, blocks: readonly SetBlock[]): Top {
  const sizes = setting.rounds.flatMap((r) => (r.role === undefined ? [Exact.of(r.finished)] : []));
  const inRound = (b: SetBlock) => sizes.some((s) => s.equals(b.w) && s.equals(b.h));
  const centre = blocks.filter((b) => !inRound(b));
  // Where every block has the size of a round, the centre is made of them too.
  const cell = cellOf(setting, centre.length > 0 ? centre : blocks);
  const { across, down } = setting;
  const spots = Array.from({ length: across * down }, (_, i): LatticeSpot => {
    const [column, row] = [i % across, Math.floor(i / across)];
    return { at: `${column + 1},${row + 1}`, column, row, u: cell.w.times(column), v: cell.h.times(row) };
  });
  const lie = straightToQuilt(Exact.zero, Exact.zero);
  const laid = layBlocks(setting, centre.length > 0 ? centre : blocks, spots, cell, lie);
  const parts: LaidPart[] = laid.parts;
  const places: LaidPlace[] = laid.places;
  // Everything is laid from the centre's corner, which is moved to where it lies in the end.
  let [x, y, w, h] = [Exact.zero, Exact.zero, cell.w.times(across), cell.h.times(down)];
  setting.rounds.forEach((round, i) => {
    const f = Exact.of(round.finished);
    const about = (name: string, role: string, by: readonly [Exact, Exact]) => {
      for (const strip of roundStrips(lie, [x, y], [w, h], by))
        parts.push({ name, role, group: 'rounds', sub: 'none', number: i + 1, ...strip });
      [x, y, w, h] = [x.minus(by[0]), y.minus(by[1]), w.plus(by[0].times(2)), h.plus(by[1].times(2))];
    };
    if (round.role !== undefined) return about('round', round.role, [f, f]);
    const own = blocks.filter((b) => b.w.equals(f) && b.h.equals(f));
    if (own.length === 0) throw new SettingError(`/rounds/${i}/finished`, words.noBlockOfTheProgrammeFinishes(String(f)));
    const count = [w, h].map((side) => Number(side.over(f).ceilTo(one).n)) as [number, number];
    const lack = [f.times(count[0]).minus(w).over(2), f.times(count[1]).minus(h).over(2)] as const;
    if (lack.some((l) => l.sign() > 0)) {
      if (!setting.coping)
        throw new SettingError('/coping', words.roundIsByInsideWhichBlocks(i + 1, String(w), String(h), String(f)));
      about('coping', setting.coping.role, lack);
    }
    const ring: LatticeSpot[] = [];
    const put = (column: number, row: number) =>
      ring.push({
        at: `round ${i + 1}:${ring.length + 1}`,
        round: i + 1,
        ...{ column, row, u: x.plus(f.times(column - 1)), v: y.plus(f.times(row - 1)) },
      });
    for (let c = 0; c <= count[0] + 1; c += 1) put(c, 0);
    for (let r = 1; r <= count[1]; r += 1) put(count[0] + 1, r);
    for (let c = count[0] + 1; c >= 0; c -= 1) put(c, count[1] + 1);
    for (let r = count[1]; r >= 1; r -= 1) put(0, r);
    const rung = layBlocks({ ...setting, frame: undefined }, own, ring, { w: f, h: f, inner: [f, f] }, lie);
    places.push(...rung.places);
    [x, y, w, h] = [x.minus(f), y.minus(f), w.plus(f.times(2)), h.plus(f.times(2))];
  });
  const moved = <T extends LaidPart | LaidPlace>(laidOut: T): T => ({
    ...laidOut,
    outline: laidOut.outline.map(([px, py]) => [px.minus(x), py.minus(y)] as const),
  });
  return { w, h, places: places.map(moved), parts: parts.map(moved) };
}

const one = Exact.of(1).rational;
