import { describe, expect, it } from 'vitest';
import { fillOf, paintsOf, type Cast } from './cast';

const cast: Cast = new Map([
  ['A', { colour: '#ffffff' }],
  ['B', { colour: '#204060', print: { pattern: 'dots' as const, ink: '#ffffff', repeat: 1 } }],
  ['C', { colour: '#806040', photo: { id: 'ab'.repeat(16), side: 4 } }],
]);

const paints = (of: Cast, more: Parameters<typeof paintsOf>[2] = {}) =>
  new Map(
    paintsOf(of, 'u', more)
      .split(';')
      .map((p) => p.split(/:(.*)/).slice(0, 2) as [string, string]),
  );

describe('what a letter is painted with', () => {
  it('is its ground, its print at the angle at which it lies, or its photo in colour alone', () => {
    const colour = paints(cast, { angles: [0, 45, -90] });
    expect(colour.get('--paint-A-45')).toBe('#ffffff');
    expect(colour.get('--paint-B-45')).toBe('url(#u-B-45)');
    expect(colour.get('--paint-B--90')).toBe('url(#u-B--90)');
    expect(colour.get('--paint-C-0')).toBe('url(#u-C-0)');
    expect(paints(cast, { view: 'grey' }).get('--paint-C-0')).toMatch(/^#[0-9a-f]{6}$/);
    expect(paints(cast, { view: 'grey' }).get('--paint-B-0')).toBe('url(#u-B-0)');
  });

  it('has a ground for every letter, in the view that is asked for', () => {
    const grounds = (view?: 'grey') => ['A', 'B', 'C'].map((r) => paints(cast, { view }).get(`--cloth-${r}`));
    expect(grounds()).toEqual(['#ffffff', '#204060', '#806040']);
    expect(grounds('grey')).not.toContain('#204060');
  });

  it('is named by shapes without knowing the cast, so that another one touches none of them', () => {
    expect(fillOf('B', 45)).toBe('var(--paint-B-45, var(--color-edge))');
    expect(fillOf('D')).toContain('--color-edge');
  });
});
