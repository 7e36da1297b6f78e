/** The words of sheet/sheet-pool. */
import { plural, type Said, say, spoken } from '../../words';

export const words = spoken('sheet/sheet-pool', {
  ofWords: (what: Said, size: Said, unit: Said) => say`${what} of ${size} ${unit}`,
  all: (made: Said) => say`all ${made}`,
  ofThe: (sewn: Said, made: Said) => say`${sewn} of the ${made}`,
  haveOfPoolSewn: (more: Said, title: Said, name: Said) => say`have ${more} ${title} of pool ${name} sewn.`,
  squares: (n: number, letter: Said) => say`${n} ${letter} ${plural(n, { one: 'square', other: 'squares' })}`,
  rectangles: (n: number, letter: Said) => say`${n} ${letter} ${plural(n, { one: 'rectangle', other: 'rectangles' })}`,
  triangles: (n: number, letter: Said) => say`${n} ${letter} ${plural(n, { one: 'triangle', other: 'triangles' })}`,
  light: 'a light',
  dark: 'a dark',
  medium: 'a medium',
  lightOnes: 'light',
  darkOnes: 'dark',
  mediumOnes: 'medium',
});
