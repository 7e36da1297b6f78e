import { describe, expect, it } from 'vitest';
import { fillOf, groundsOf, type Cast } from './cast';

const cast: Cast = new Map([
  ['A', { colour: '#ffffff' }],
  ['B', { colour: '#204060', print: { pattern: 'dots' as const, ink: '#ffffff', repeat: 1 } }],
  ['C', { colour: '#806040', photo: { id: 'ab'.repeat(16), side: 4 } }],
]);

describe('what a letter is painted with', () => {
  it('is its ground, its print at the angle at which it lies, or its photo in colour alone', () => {
    expect(fillOf(cast, 'A', 'u')).toBe('var(--cloth-A, var(--color-edge))');
    expect(fillOf(cast, 'B', 'u', { angle: 45, view: 'grey' })).toBe('url(#u-B-45)');
    expect(fillOf(cast, 'C', 'u')).toBe('url(#u-C-0)');
    expect(fillOf(cast, 'C', 'u', { view: 'grey' })).toBe('var(--cloth-C, var(--color-edge))');
    // A letter that nobody cast stays uncoloured.
    expect(fillOf(cast, 'D', 'u')).toContain('--color-edge');
  });

  it('names a ground for every letter, in the view that is asked for', () => {
    expect(groundsOf(cast)).toBe('--cloth-A:#ffffff;--cloth-B:#204060;--cloth-C:#806040');
    expect(groundsOf(cast, 'grey')).not.toContain('#204060');
  });
});
