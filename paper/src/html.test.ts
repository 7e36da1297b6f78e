import { describe, expect, it } from 'vitest';
import type { Paper } from '@aggrega/core/sheet';
import { paperHtml } from './html';
import { pictureSvg } from './svg';
import { paperText } from './text';

const evil = '<script>alert("1 1/2")</script> & \'more\'';
const picture = {
  ...{ width: 4, height: 2, wide: 2, label: evil, caption: evil, lines: [] },
  shapes: [{ points: [[0, 0] as const, [4, 0] as const, [4, 2] as const], fill: '#123456' }],
  texts: [{ at: [1, 1] as const, text: evil, size: 0.2 }],
};
const paper: Paper = {
  ...{ title: evil, about: evil, footer: evil, large: true },
  pieces: [
    {
      kind: 'title',
      text: evil,
      over: evil,
      under: evil,
      pictures: [picture],
      pieces: [{ kind: 'text', text: [evil, { bold: evil }] }],
    },
    { kind: 'heading', level: 2, text: evil },
    { kind: 'list', ordered: true, items: [evil, evil] },
    {
      kind: 'table',
      columns: [
        { name: evil, share: 1 },
        { name: 'Size', share: 1, right: true },
      ],
      groups: [
        [
          {
            cells: [
              { text: evil, swatch: { colour: '#000000', letter: evil, ink: '#ffffff' } },
              { text: '7 3/4', numeral: true, picture },
            ],
          },
        ],
      ],
    },
    { kind: 'pictures', pictures: [picture] },
    { kind: 'beside', pictures: [picture], pieces: [{ kind: 'text', tone: 'check', text: evil }] },
    { kind: 'steps', steps: [{ picture, text: evil, check: evil }] },
    { kind: 'page' },
  ],
};

describe('HTML and SVG of a paper', () => {
  it('run nothing that anybody wrote, and ask for nothing from elsewhere', () => {
    const html = paperHtml(paper);
    expect(html).not.toMatch(/<script/i);
    expect(html).not.toMatch(/\s(src|href|on\w+)=/i);
    expect(html.match(/alert/g)!.length).toBeGreaterThan(10);
    // Well formed: every element that is opened is closed.
    const open: string[] = [];
    for (const [, close, name, self] of html.matchAll(/<(\/?)([a-z0-9]+)\b[^>]*?(\/?)>/gi)) {
      if (self || ['meta', 'br'].includes(name!.toLowerCase())) continue;
      if (close) expect(open.pop()).toBe(name);
      else open.push(name!);
    }
    expect(open).toEqual([]);
  });

  it('set a fraction as one, with a real space before it, and dark cloth with light letters', () => {
    const html = paperHtml(paper);
    expect(html).toContain('7<span class="gap"> </span><span class="frac">3\u20444</span>');
    expect(html).toContain('background:#000000;color:#ffffff');
  });

  it('are drawn at true size where that is meant', () => {
    expect(pictureSvg({ ...picture, full: true })).toMatch(/width="2\.02in" height="1\.02in"/);
    expect(pictureSvg(picture)).toContain('style="width:2in"');
  });
});

describe('plain text of a paper', () => {
  it('has short lines, every piece, and pictures in words', () => {
    const text = paperText(paper);
    for (const line of text.split('\n')) expect(line.length).toBeLessThanOrEqual(76);
    expect(text).toContain('[Picture:');
    expect(text).toContain('1. <script>');
    expect(text).toContain('size: 7 3/4');
    expect(text.endsWith('\n')).toBe(true);
  });
});
