import { describe, expect, it } from 'vitest';
import { ratio } from '../../measure';
import { faultsOf } from '../../../tests/plan-checker';
import { PlanError, demandOf, planCutting, planPacket, planStock, quiltContract, readProgramme, settingPieces } from '../index';
import type { Programme, SettingFile } from '../index';

const square = (id: string) => ({
  id,
  grid: [1, 1],
  patches: [
    {
      role: 'A',
      points: [
        [0, 0],
        [1, 0],
        [1, 1],
        [0, 1],
      ],
    },
  ],
});
const document = (setting: SettingFile, more: object = {}) => ({
  format: 'aggrega-programme',
  version: 1,
  blocks: [square('one'), square('two')],
  months: [
    { id: 'm1', blocks: [{ block: 'one', finished: '12', make: 11 }] },
    { id: 'm2', blocks: [{ block: 'two', finished: '12', make: 9 }] },
    { id: 'm3' },
  ],
  setting,
  ...more,
});
function read(setting: SettingFile, more: object = {}): Programme {
  const reading = readProgramme(document(setting, more));
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
}
const sashed: SettingFile = {
  across: 4,
  down: 5,
  frame: { finished: '1/2', role: 'B' },
  sashing: { finished: '2', role: 'A' },
  cornerstone: { role: 'B' },
  borders: [{ finished: '4', role: 'C' }],
  binding: { cut: '2 1/4', role: 'B' },
  backing: { role: 'D' },
};
const pieces = (programme: Programme, request: Partial<Parameters<typeof demandOf>[1]> = {}) =>
  new Map(
    demandOf(programme, {
      colourway: programme.colourways[0]!,
      months: programme.months,
      basis: 'kit',
      participants: 1,
      ...request,
    }).flatMap((d) => d.pieces.map((p) => [p.label, p.qty] as const)),
  );

describe('the quilt in the demand', () => {
  it('is cut whole when all of it is asked for, under names of its own', () => {
    const found = pieces(read(sashed), { setting: 'all' });
    const own = [...found].filter(([label]) => label.startsWith('quilt:'));
    // One name for both roles in one fabric would hide a size: names with several sizes say theirs.
    expect(Object.fromEntries(own)).toEqual({
      'quilt:sashing': 49,
      'quilt:cornerstone': 30,
      'quilt:frame@1x12 1/2': 40,
      'quilt:frame@1x13 1/2': 40,
      'quilt:side border': 2,
      'quilt:top or bottom border': 2,
      'quilt:binding': 9,
    });
    expect([...pieces(read(sashed), { setting: 'none' }).keys()].some((l) => l.includes('quilt'))).toBe(false);
  });

  it('comes with the months that hand it out; frames with the blocks that they go round', () => {
    const programme = read({ ...sashed, months: { sashing: 'm2', borders: 'm3' } });
    const of = (id: string) => Object.fromEntries(pieces(programme, { months: programme.months.filter((m) => m.id === id) }));
    expect(of('m1')).toMatchObject({ 'm1:quilt:frame@1x12 1/2': 22, 'm1:quilt:frame@1x13 1/2': 22 });
    expect(of('m2')).toMatchObject({ 'm2:quilt:sashing': 49, 'm2:quilt:frame@1x12 1/2': 18 });
    expect(of('m3')).toEqual({ 'm3:quilt:side border': 2, 'm3:quilt:top or bottom border': 2 });
  });

  it('is another quilt for another size, and both are cut for everybody', () => {
    const larger = { id: 'bed', make: 2, participants: { default: 3 }, setting: { across: 5, down: 8 } };
    const programme = read({ ...sashed, months: { borders: 'm3' } }, { sizes: [larger], participants: { default: 10 } });
    const [m3] = programme.months.filter((m) => m.id === 'm3');
    const found = pieces(programme, { months: [m3!], basis: 'batch', participants: 10 });
    const borders = [...found].filter(([label]) => label.includes('border'));
    expect(borders.reduce((n, [, qty]) => n + qty, 0)).toBe(10 * 4);
    expect(borders).toHaveLength(4);
    expect(quiltContract(programme, programme.colourways[0]!, programme.sizes[0]).finished).toEqual(['85', '130']);
  });

  it.each<SettingFile>([
    sashed,
    { ...sashed, cornerstone: undefined, borders: [{ finished: '6 1/2', role: 'C', corners: 'mitred' }] },
    { kind: 'on-point', across: 3, down: 4, triangles: { role: 'C' }, borders: [{ finished: '3', role: 'B' }] },
    {
      kind: 'alternate',
      across: 5,
      down: 7,
      alternate: { role: 'B' },
      borders: [{ finished: '5', role: 'B', strips: 'joined' }],
    },
    { kind: 'rows', across: 1, down: 1, coping: { role: 'B' }, rounds: [{ finished: '2', role: 'C' }, { finished: '12' }] },
  ])('can be cut by anyone with a ruler: %j', (setting) => {
    const programme = read(setting);
    for (const basis of ['kit', 'batch'] as const) {
      const request = { colourway: programme.colourways[0]!, months: programme.months, basis, participants: 7 };
      for (const { plan } of planCutting(programme, { ...request, setting: 'all' }).fabrics) expect(faultsOf(plan)).toEqual([]);
    }
  });

  it('joins long strips on the diagonal, with enough for all four sides', () => {
    const programme = read({ ...sashed, borders: [{ finished: '4', role: 'C', strips: 'joined' }] });
    const [strip] = settingPieces(programme, programme.colourways[0]!).filter((p) => p.name === 'border strip');
    // 2 × 77 1/2 + 2 × 70 1/2 = 296 in; each of eight strips but the first brings 42 − 4 1/2: 42 + 7 × 37 1/2 = 304 1/2.
    expect(strip).toMatchObject({ qty: 8, w: ratio(42) });
  });

  it('hands out and orders the backing with its month', () => {
    const colourway = { id: 'one', fabrics: { A: 'f', B: 'f', C: 'f', D: 'g' } };
    const programme = read(
      { ...sashed, months: { backing: 'm3' } },
      { fabrics: [{ id: 'f' }, { id: 'g' }], colourways: [colourway], participants: { one: 4 } },
    );
    const packet = planPacket(programme, { colourway: programme.colourways[0]!, months: [programme.months[2]!] });
    // 78 by 93 in: two panels of 93 in are longer than three of 78.
    expect(packet.finishing.backing).toMatchObject({ seams: 'upright', panels: 2, length: ratio(186) });
    const stock = planStock(programme, { packets: [2] }).find((s) => s.fabric.id === 'g');
    expect(stock?.order.length.valueOf()).toBe(4 * 189);
  });

  it('keeps a place for a month whose block is not drawn, and says when places and blocks do not agree', () => {
    const short = readProgramme(document({ ...sashed, across: 4, down: 4 }));
    expect(short.ok && short.warnings.map((w) => w.message)).toContain('the quilt needs 16 blocks but the months make 21');
  });

  it('refuses with the place in the document', () => {
    const refusal = (setting: SettingFile, more?: object) => {
      const programme = read(setting, more);
      try {
        quiltContract(programme, programme.colourways[0]!);
      } catch (error) {
        if (error instanceof PlanError) return error.problems;
      }
      return undefined;
    };
    expect(refusal({ kind: 'on-point' })).toEqual([
      { path: '/setting/triangles', message: expect.stringContaining('side and corner triangles') },
    ]);
    const colourways = [{ id: 'one', fabrics: { A: 'f' } }];
    expect(refusal(sashed, { fabrics: [{ id: 'f' }], colourways })?.[0]?.path).toBe('/colourways/0/fabrics');
    const misread = readProgramme(document({ ...sashed, months: { sashing: 'm9' }, borders: [{ finished: '0', role: 'A' }] }));
    expect(misread.ok ? [] : misread.errors.map((e) => e.path)).toEqual([
      '/setting/months/sashing',
      '/setting/borders/0/finished',
    ]);
  });
});
