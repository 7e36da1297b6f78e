/** The words of forecasts, wherever they stand. */
import { plural, type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('foresee', {
  // PeopleDots
  small: (off: Said) => say`${off} small`,
  large: (off: Said) => say`${off} large`,
  right: 'right',
  apart: (off: Said) => say`${off} apart`,
  fits: 'fits',
  mm: (n: Said) => say`${n} mm`,

  // CheckpointDots
  checkpoint: 'Checkpoint',
  shouldMeasure: (unit: Said) => say`Should measure, ${unit}`,
  fortyPeople: 'Forty people',
  withinASixteenth: 'Within a sixteenth',
  withinOneAndAHalfMm: 'Within 1.5 mm',
  ofForty: (n: Said) => say`${n} of 40`,
  by: (across: Said, down: Said) => say`${across} by ${down}`,
  fortyAt: (name: Said, eased: Said) => say`${name} by forty people: ${eased} of them close enough`,
  smallerThan: (written: Said, n: Said) => say`${written} was measured: smaller than ${n} of forty.`,
  largerThan: (written: Said, n: Said) => say`${written} was measured: larger than ${n} of forty.`,
  amongTheForty: (written: Said) => say`${written} was measured: as most people’s will be.`,

  // Takes
  whatTheForecastTakes:
    'A forecast from how people usually sew: each seam a thread too wide, and half a thread more or less from person to person, from seam to seam and from cut to cut. It is a start, not a measurement.',
  theMoreTheyMeasure:
    'People measure when something doesn’t fit, so the group may sew better than this. Ask for sizes of blocks that fit as well: the more come in, the closer the two numbers lie.',
  reckonedWith: (measures: number, persons: number) =>
    say`Reckoned with ${measures} ${plural(measures, { one: 'size', other: 'sizes' })} from ${persons} of your people.`,

  // foreteller
  thisQuiltInterlocks: 'The parts of this quilt interlock, so there is no forecast of how its seams will fit.',
  theForecastFailed: 'We couldn’t work out the forecast here. Reload the page to try again.',
});
