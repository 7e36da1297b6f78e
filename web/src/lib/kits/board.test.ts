import { readProgramme } from '@aggrega/core/programme';
import { describe, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import type { KitState } from '$lib/server/db/kits';
import { boardRows, nextCutting } from './board';

const reading = readProgramme(demo);
if (!reading.ok) throw new Error('unsound');
const { programme } = reading;
const packets = programme.kits.packets.map((p) => p[0]!.id);
const count = (month: string, colourway: string, state: KitState, kits: number, size = '') => ({
  month,
  colourway,
  size,
  state,
  kits,
});

describe('the board of kits', () => {
  it('has a row for each sort, and every kit in one of them', () => {
    const counts = [
      count('m2', 'dusk', 'cut', 3),
      count('m1', 'frost', 'planned', 2),
      count('m1', 'frost', 'packed', 5),
      count('m1', 'frost', 'cut', 1, 'double-bed'),
    ];
    const rows = boardRows({ packets, counts, loose: [count('m1', 'harvest', 'cut', 4)] }, programme);
    expect(rows.map((r) => [r.month, r.colourway, r.size, Object.values(r.kits), r.loose])).toEqual([
      ['m1', 'frost', '', [2, 0, 5, 0], 0],
      ['m1', 'frost', 'double-bed', [0, 1, 0, 0], 0],
      ['m1', 'harvest', '', [0, 0, 0, 0], 4],
      ['m2', 'dusk', '', [0, 3, 0, 0], 0],
    ]);
  });

  it('cuts next what comes out next, and what late joiners have to catch up with', () => {
    const counts = [
      count('m1', 'frost', 'planned', 1),
      count('m2', 'frost', 'cut', 9),
      count('m5', 'frost', 'planned', 24),
      count('m7', 'frost', 'planned', 24),
    ];
    const rows = boardRows({ packets, counts, loose: [] }, programme);
    const next = nextCutting(rows, programme, '2027-05-01');
    expect([next.rows.map((r) => r.month), next.back.map((r) => r.month)]).toEqual([['m1', 'm5'], ['m1']]);
    expect(nextCutting(rows, programme, '2028-01-01').rows.map((r) => r.month)).toEqual(['m1', 'm5', 'm7']);
  });
});
