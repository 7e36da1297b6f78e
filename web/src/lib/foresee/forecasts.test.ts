/** Forecasts as a page asks for them: found, or said why not. */
import demo from '$demo/allotment-year.aggrega.json';
import type { ProgrammeFile } from '@aggrega/core/programme';
import { expect, it } from 'vitest';
import { blockForecast, quiltForecast } from './forecasts';

const document = demo as unknown as ProgrammeFile;
const asked = { document, colourway: 'frost', sizes: [] };
const wide = Array.from({ length: 12 }, (_, i) => ({ person: `p${i}`, seams: 7, expected: 12.5, measured: 12.25 }));

it('a block is reckoned with what the group has measured, and says how many have', () => {
  const usual = blockForecast({ ...asked, month: 'm1', block: 'cold-frame' });
  const theirs = blockForecast({ ...asked, sizes: wide, month: 'm1', block: 'cold-frame' });
  if ('problem' in usual || 'problem' in theirs) throw new Error('no forecast');
  expect(usual.group).toBeUndefined();
  expect(theirs.group).toEqual({ persons: 12, measures: 12 });
  expect(theirs.block.eased).toBeLessThan(usual.block.eased);
});

it('a quilt tells how far it is; of a larger size it is another', () => {
  const shares: number[] = [];
  const plain = quiltForecast({ ...asked, size: '' }, (share) => shares.push(share));
  const large = quiltForecast({ ...asked, size: 'double-bed' }, () => {});
  if ('problem' in plain || 'problem' in large) throw new Error('no forecast');
  expect(shares.length).toBeGreaterThan(10);
  expect(shares.every((share, i) => share > (shares[i - 1] ?? 0) && share <= 1)).toBe(true);
  expect(large.seams).toBeGreaterThan(plain.seams);
});

it('what cannot be set, or is not there, is said in a sentence', () => {
  const setting = { ...document.setting!, kind: 'alternate' as const };
  const refused = quiltForecast({ ...asked, document: { ...document, setting }, size: '' }, () => {});
  expect(refused).toEqual({ problem: expect.stringMatching(/\w/) });
  expect(blockForecast({ ...asked, month: 'm1', block: 'gone' })).toEqual({ problem: expect.stringMatching(/Reload/) });
  expect(blockForecast({ ...asked, colourway: 'gone', month: 'm1', block: 'cold-frame' })).toHaveProperty('problem');
});
