import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, it } from 'vitest';
import type { KitLabel } from '@aggrega/core/sheet';
import { codeSquares, labelSvg, labelsPdf } from './labels';

const label = (n: number, contents = ['A Frosted Pane, 1/4 yd']): KitLabel => ({
  ...{
    name: `Person ${n} <&> with a name that goes on for longer than any label is wide`,
    programme: 'The Allotment Year',
    made: 'Frost',
  },
  ...{ months: 'Months 2 and 3', contents, code: `m2/0000000${n % 10}` },
});

it('labels stand fourteen to a page, each whole; what does not fit is counted, not dropped in silence', async () => {
  const many = Array.from({ length: 12 }, (_, i) => `${i} Fabric ${i}, 1/4 yd`);
  const labels = Array.from({ length: 15 }, (_, i) => label(i, i === 0 ? many : undefined));
  const file = join(mkdtempSync(join(tmpdir(), 'aggrega-labels-')), 'labels.pdf');
  writeFileSync(file, await labelsPdf(labels, { page: 'A4', title: 'Labels', created: new Date(0) }));
  expect(execFileSync('pdfinfo', [file], { encoding: 'utf8' })).toMatch(/Pages:\s+2\n[\s\S]*Page size:\s+595.* x 841/);
  const text = execFileSync('pdftotext', [file, '-'], { encoding: 'utf8' });
  for (let i = 0; i < 15; i += 1) expect(text).toContain(`Person ${i} `);
  expect(text).toMatch(/and \d+ more/);
  const none = await labelsPdf([], { page: 'letter', title: 'Labels', created: new Date(0) });
  expect(none.length).toBeGreaterThan(500);
});

it('a code is a square with its three corner marks; a printed label breaks out of no markup', () => {
  const rows = codeSquares('m2/0000abcd');
  expect(rows.every((r) => r.length === rows.length)).toBe(true);
  const last = rows.length - 7;
  for (const [x, y] of [
    [0, 0],
    [last, 0],
    [0, last],
  ] as const)
    expect(rows.slice(y, y + 1)[0]!.slice(x, x + 7)).toEqual(Array(7).fill(true));
  const svg = labelSvg(label(1));
  expect(svg).not.toContain('<&>');
  expect(svg).toContain('width="89mm"');
});
