import { describe, expect, it } from 'vitest';
import { sayCheckpoint } from './checkpoint-said';
import type { Measured } from './diagnosis';

const row = (measured: number, seams = 3): Measured => ({ what: 'Row 1', seams, expected: 12.5, measured });
const ahead = [
  { what: 'Row 2', expected: 12.5, seams: 3 },
  { what: 'Cold Frame', expected: 12.5, seams: 5 },
];
const said = (sizes: readonly Measured[], unit: 'in' | 'cm' = 'in') => sayCheckpoint(sizes, ahead, { seam: 0.25, unit })!;

describe('a size that was measured on the way', () => {
  it('is right within half a mark, and says nothing more', () => {
    for (const off of [0, 1 / 64, -1 / 32]) expect(said([row(12.5 + off)])).toMatchObject({ verdict: 'right', says: [/./] });
    expect(said([row(12.5)]).says).toHaveLength(1);
  });

  it('is fine within a sixteenth, says how, and what the block would come to', () => {
    const { verdict, says } = said([row(12.5 - 1 / 16)]);
    expect(verdict).toBe('fine');
    expect(says[0]).toContain('1/16 in small');
    // Three seams took a sixteenth: five take five forty-eighths.
    expect(says.at(-1)).toMatch(/Cold Frame would measure 12 (3\/8|13\/32) in instead of 12 1\/2 in/);
    expect(said([row(12.5 + 1 / 16)]).says[0]).toContain('large');
  });

  it('is small beyond it: press again, move the seam, and what comes of going on', () => {
    const { verdict, says } = said([row(12.5 - 3 / 16)]);
    expect(verdict).toBe('small');
    expect(says.join(' ')).toContain('press it again');
    expect(says.join(' ')).toContain('seam');
    expect(says.join(' ')).toContain('Cold Frame would measure 12 3/16 in');
    expect(says.join(' ')).toContain('Row 2 would measure 12 5/16 in');
  });

  it('is large: trim it', () => {
    const { verdict, says } = said([row(12.75)]);
    expect(verdict).toBe('large');
    expect(says.join(' ')).toContain('Trim it to size');
  });

  it('goes by the worst of several, and knows centimetres', () => {
    expect(said([row(12.5), row(12.25)]).verdict).toBe('small');
    const cm = { what: 'Row 1', seams: 3, expected: 31.5, measured: 31.3 };
    expect(sayCheckpoint([cm], [], { seam: 0.75, unit: 'cm' })).toMatchObject({ verdict: 'small' });
    expect(sayCheckpoint([{ ...cm, measured: 31.4 }], [], { seam: 0.75, unit: 'cm' })!.says[0]).toContain('1 mm');
  });

  it('says nothing where nothing was measured', () => {
    expect(sayCheckpoint([], ahead, { seam: 0.25, unit: 'in' })).toBeUndefined();
  });
});
