import { describe, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import { readProgramme } from '../index';

const errors = (change: object) => {
  const reading = readProgramme({ ...demo, ...change });
  return reading.ok ? [] : reading.errors;
};
const kits = (change: object) => ({ kits: { ...demo.kits, ...change } });

describe('kits, sizes and the shelf of a document', () => {
  it.each([
    ['a packet’s month that is not there', kits({ packets: [['m1'], ['m99']] }), '/kits/packets/1/0', "no month 'm99'"],
    ['a month in two packets', kits({ packets: [['m1'], ['m2', 'm1']] }), '/kits/packets/1/1', 'in packet 1 already'],
    ['step-outs of no month', kits({ stepOuts: [{ month: 'm99' }] }), '/kits/stepOuts/0/month', "no month 'm99'"],
    [
      'step-outs of no colourway',
      kits({ stepOuts: [{ month: 'm1', colourway: 'mud' }] }),
      '/kits/stepOuts/0/colourway',
      "'mud'",
    ],
    ['a bundle of no fabric', kits({ bundle: { moss: 2 } }), '/kits/bundle/moss', "no fabric 'moss'"],
    ['a bundle of cloth by the length', kits({ bundle: { kale: 2 } }), '/kits/bundle/kale', 'not in pieces'],
    [
      'a size of no colourway',
      { sizes: [{ id: 'l', make: 2, participants: { mud: 1 } }] },
      '/sizes/0/participants/mud',
      "'mud'",
    ],
    [
      'two sizes of one id',
      {
        sizes: [
          { id: 'l', make: 2 },
          { id: 'l', make: 3 },
        ],
      },
      '/sizes/1/id',
      'taken already',
    ],
    [
      'two bolts of one id',
      {
        shelf: [
          { id: 'a', fabric: 'kale', length: '9' },
          { id: 'a', fabric: 'kale', length: '9' },
        ],
      },
      '/shelf/1/id',
      'taken already',
    ],
    ['a bolt of no fabric', { shelf: [{ fabric: 'moss', length: '9' }] }, '/shelf/0/fabric', "no fabric 'moss'"],
    ['a length that is none', { shelf: [{ fabric: 'kale', length: 'a yard' }] }, '/shelf/0/length', ''],
    ['a mat of nothing', { house: { ...demo.house, mat: { width: '0' } } }, '/house/mat/width', 'more than zero'],
  ])('%s is refused with its place', (_, change, path, words) => {
    expect(errors(change)).toEqual([{ path, message: expect.stringContaining(words) }]);
  });

  it('puts every month into one packet, in the order of the year', () => {
    const reading = readProgramme({ ...demo, ...kits({ packets: [['m3', 'm1'], ['m5']] }) });
    if (!reading.ok) throw new Error('unsound');
    const packets = reading.programme.kits.packets.map((months) => months.map((m) => m.id));
    expect(packets.slice(0, 4)).toEqual([['m1', 'm3'], ['m2'], ['m4'], ['m5']]);
    expect(packets.flat().sort()).toEqual(demo.months.map((m) => m.id).sort());
  });

  it('names bolts that have no id by their place, and warns of more large sizes than people', () => {
    const shelf = [
      { fabric: 'kale', length: '9' },
      { id: 'b', fabric: 'kale', length: '18' },
    ];
    const sizes = [
      { id: 'l', make: 2, participants: { frost: 20 } },
      { id: 'xl', make: 3, participants: { frost: 9 } },
    ];
    const reading = readProgramme({ ...demo, shelf, sizes });
    if (!reading.ok) throw new Error('unsound');
    expect(reading.programme.shelf.map((s) => s.id)).toEqual(['shelf-1', 'b']);
    expect(reading.warnings).toContainEqual({
      path: '/participants/frost',
      message: "29 people of 'frost' take a larger size, but only 25 are enrolled",
    });
  });
});
