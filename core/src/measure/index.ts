/** measure: exact numbers, lengths as people write them, and what a ruler shows. */
export { Exact, ratio, type Rational } from './exact';
export { LengthError, formatLength, lengthWritten, parseLength, type LengthUnit } from './length';
export { lengthParts, type LengthParts } from './length-parts';
export { checkpoint, rulerWords, toRuler, trimTo } from './ruler';
export { oneSold, pricePerYard, priceSold, soldAmount, soldText, stepText, usualStep, type Counter, type SoldBy } from './sold';
export { by, listed } from './listed';
export { seeded, shuffled } from './seeded';
