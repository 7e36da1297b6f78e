/** measure: exact numbers, lengths as people write them, and what a ruler shows. */
export { Exact, ratio, type Rational } from './exact';
export { LengthError, formatLength, lengthParts, parseLength, type LengthParts, type LengthUnit } from './length';
export { checkpoint, formatYardage, rulerWords, toRuler, trimTo } from './ruler';
export { listed } from './words';
