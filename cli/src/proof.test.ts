/** A year's own sheets, and lists that cannot be read, by the command. */
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { afterAll, describe, expect, it } from 'vitest';
import { rmSync } from 'node:fs';
import { main } from './main';

const demo = fileURLToPath(new URL('../../demo/allotment-year.aggrega.json', import.meta.url));
const room = mkdtempSync(join(tmpdir(), 'proof-'));
afterAll(() => rmSync(room, { recursive: true }));

async function aggrega(...argv: string[]) {
  let out = '';
  let err = '';
  const code = await main(argv, { print: async (text) => void (out += text), complain: (text) => void (err += text) });
  return { code, out, err };
}
const list = (text: string | Buffer) => {
  const path = join(room, 'list.txt');
  writeFileSync(path, text);
  return path;
};
interface Proof {
  right: number;
  of: number;
  missing: unknown[];
  lines: { text: string; is: string; verdicts: { is: string; says: string }[] }[];
}

const year = JSON.parse(readFileSync(demo, 'utf8')) as { months: { id: string; blocks: { block: string }[] }[] };
const months = year.months
  .filter(({ blocks }) => blocks.length > 0)
  .map(({ id, blocks }) => ({ id, block: blocks[0]!.block, all: blocks.length }));

describe('the sheet of a month of ours', () => {
  it.each(months)('is right in every line, and nothing is missing: $block', async ({ id, block, all }) => {
    const path = join(room, `${id}.txt`);
    await aggrega('sheet', demo, '--month', id, '--to', 'txt', '--out', path);
    const { code, out } = await aggrega('proof', demo, ...(all === 1 ? ['--block', block] : []), '--month', id, path);
    const proof = JSON.parse(out) as Proof;
    expect(code).toBe(0);
    expect(proof.lines.filter(({ is }) => is === 'wrong' || is === 'doubt')).toEqual([]);
    expect(proof.right).toBe(proof.of);
    expect(proof.of).toBeGreaterThan(0);
    // What an earlier month has cut stands there as cut already.
    const earlier = /already cut/i.test(readFileSync(path, 'utf8'));
    if (!earlier) expect(proof.missing).toEqual([]);
  });
});

describe('proof', () => {
  it('says of each line what it is, and what should stand there', async () => {
    const text =
      'A: 4 rectangles 3 1/2" x 6 1/2"\nA: 1 square 4 5/8"\nB: 2 squares 3 7/8", cut once diagonally\nC: 11 squares 3 1/2"';
    const asked = ['--block', 'dovecote', '--blocks', '1'];
    const { code, out } = await aggrega('proof', demo, ...asked, list(text));
    expect(code).toBe(0);
    const proof = JSON.parse(out) as Proof;
    expect(proof.lines.map(({ verdicts }) => verdicts.map(({ says }) => says).join(' '))).toEqual([
      'Right.',
      '1/8 in too small: cut 1 square of 4 3/4 in.',
      'Right.',
      '1 too few: cut 12 squares of 3 1/2 in.',
    ]);
    expect([proof.right, proof.of]).toEqual([2, 4]);
  });

  it('asks for what it needs, and refuses what is no text', async () => {
    const good = list('A: 1 square 4 3/4"');
    for (const wrong of [
      [],
      ['--block', 'dovecote'],
      [good],
      ['--block', 'dovecote', '--blocks', '0', good],
      ['--block', 'none', good],
    ]) {
      const { code, err } = await aggrega('proof', demo, ...wrong);
      expect(code, wrong.join(' ')).toBe(2);
      expect(err).not.toContain('\n    at ');
    }
    for (const bytes of [
      Buffer.from([0xff, 0xfe, 0x00, 0x41]),
      Buffer.from('%PDF-1.7\nA: 4 squares'),
      Buffer.alloc(2_000_001, 65),
    ]) {
      const { code, out } = await aggrega('proof', demo, '--block', 'dovecote', list(bytes));
      expect(code).toBe(1);
      expect((JSON.parse(out) as { errors: { message: string }[] }).errors[0]!.message).toMatch(
        /^the cutting list cannot be read/,
      );
    }
    expect((await aggrega('proof', demo, '--block', 'dovecote', join(room, 'none.txt'))).code).toBe(1);
  });
});

describe('foresee with what a group has measured', () => {
  const asked = ['foresee', demo, '--block', 'cold-frame', '--month', 'm1'];
  interface Told {
    block: { eased: number };
    measured?: { persons: number; measures: number; taken: Record<string, number>; eased: { low: number; high: number } };
  }

  it('takes the group as it sews, and tells between what its share lies', async () => {
    const before = JSON.parse((await aggrega(...asked)).out) as Told;
    expect(before.measured).toBeUndefined();
    const rows = Array.from({ length: 12 }, (_, i) => `p${i},12 1/4,12 3/16`);
    const { code, out } = await aggrega(...asked, '--measured', list(['person,across,down', ...rows].join('\n')));
    expect(code).toBe(0);
    const { block, measured } = JSON.parse(out) as Told;
    expect([measured!.persons, measured!.measures]).toEqual([12, 24]);
    expect(block.eased).toBeLessThan(before.block.eased);
    expect(measured!.eased.low).toBeLessThanOrEqual(block.eased);
    expect(measured!.taken.low).toBeGreaterThan(1 / 64);
  });

  it('says which measurement it cannot use', async () => {
    for (const [table, place] of [
      ['person,across,down\n,12 1/4,', '/1'],
      ['person,across,down\nAda,12 1/4,\nBea,twelve,', '/2/across'],
      ['person,across,down\nAda,,4', '/1/down'],
      ['person,across,down', ''],
    ] as const) {
      const { code, out } = await aggrega(...asked, '--measured', list(table));
      expect(code).toBe(1);
      expect((JSON.parse(out) as { errors: { path: string }[] }).errors[0]!.path).toBe(place);
    }
  });
});
