import { readFileSync } from 'node:fs';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { Mixture } from '../../cutting/thriftiest';
import { readProgramme } from '..';
import type { ProgrammeFile } from '../document/document';
import { packetFigures } from './figures';

/** Of a width that no other test cuts from: what they planned is remembered. */
function year(): ProgrammeFile {
  const file: ProgrammeFile = JSON.parse(
    readFileSync(new URL('../../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8'),
  );
  file.house!.wof = '41 5/8';
  for (const fabric of file.fabrics!) fabric.usableWidth = '41 5/8';
  return file;
}

/** Demands that are searched while the year is worked out; those that are known already are not. */
function searched(file: ProgrammeFile): number {
  const plans = vi.spyOn(Mixture.prototype, 'plans');
  const reading = readProgramme(file);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  expect([...packetFigures(reading.programme, Object.fromEntries(reading.programme.participants))].length).toBeGreaterThan(5);
  const { length } = plans.mock.calls;
  plans.mockRestore();
  return length;
}

describe('a change', () => {
  afterEach(() => vi.restoreAllMocks());

  it('plans anew what it touches, and nothing else', () => {
    const all = searched(year());
    expect(all).toBeGreaterThan(20);
    expect(searched(year())).toBe(0);
    // A letter that is cast with a fabric of its own, as wide as the one before: the same pieces from other cloth.
    const recast = year();
    recast.fabrics!.push({ id: 'rhubarb', name: 'Rhubarb', colour: '#a03050', usableWidth: '41 5/8' });
    recast.colourways![0]!.fabrics!.D = 'rhubarb';
    expect(searched(recast)).toBe(0);
    // A narrower print: what is cut from it, and not what the others are.
    const narrower = year();
    const id = narrower.colourways![0]!.fabrics!.D;
    narrower.fabrics!.find((f) => f.id === id)!.usableWidth = '40 3/8';
    const some = searched(narrower);
    expect(some).toBeGreaterThan(0);
    expect(some).toBeLessThan(all / 3);
  });
});
