import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import { inkOn } from '@aggrega/core/fabric';
import { placeName } from './place-name';

describe('places in plain words', () => {
  it.each([
    ['/house/seam', 'house style, seam'],
    ['/blocks/1/patches/4/points/2', 'block Seed Drill, patch 5, point 3'],
    ['/blocks/0/patches', 'block Cold Frame, drawing'],
    ['/months/m2/blocks/seed-drill/finished', 'month February, block seed-drill, finished size'],
    ['/months/99/release', 'month 100, release'],
    ['/participants/frost', 'head count, frost'],
    ['', 'the document'],
  ])('%s is %s', (path, words) => {
    expect(placeName(demo, path)).toBe(words);
  });
});

/** WCAG's contrast of two colours written as #rrggbb. */
function contrast(a: string, b: string): number {
  const luminance = (hex: string) => {
    const [r, g, bl] = [1, 3, 5]
      .map((i) => parseInt(hex.slice(i, i + 2), 16) / 255)
      .map((c) => (c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4));
    return 0.2126 * r! + 0.7152 * g! + 0.0722 * bl!;
  };
  const [light, dark] = [luminance(a), luminance(b)].sort((x, y) => y - x);
  return (light! + 0.05) / (dark! + 0.05);
}

describe.each(['day', 'night'])('the colours by %s', (theme) => {
  const css = readFileSync(new URL('../../app.css', import.meta.url), 'utf8');
  const block = css.split("@plugin 'daisyui/theme'").find((part) => part.includes(`name: '${theme}'`))!;
  const colour = (name: string) => new RegExp(`--color-${name}: (#[0-9a-f]{6})`).exec(block)![1]!;

  it('keep text readable: 4.5 to 1 on every ground it stands on', () => {
    for (const ground of ['base-100', 'base-200'])
      for (const text of ['base-content', 'secondary', 'error', 'accent'])
        expect([ground, text, contrast(colour(text), colour(ground)) >= 4.5]).toEqual([ground, text, true]);
    expect(contrast(colour('primary-content'), colour('primary'))).toBeGreaterThanOrEqual(4.5);
  });
});

it('letters on cloth are readable on every fabric of the demonstration', () => {
  for (const { name, colour } of demo.fabrics) expect([name, contrast(inkOn(colour), colour) >= 3]).toEqual([name, true]);
});
