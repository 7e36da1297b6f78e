/** fabric: how light and how loud a fabric is, what can be told apart, its print, and how others see it. */
export { averageColour, volumeOf } from './average';
export { inkOn } from './ink';
export { readPhoto, type PhotoReading } from './photo';
export { inkShare, printPatterns, printShapes, type Print, type PrintPattern, type PrintShape } from './print';
export { shown, type Apart, type ScatterTask } from './ground';
export type { Obstacle } from './obstacle';
export { scatter, type Scatter } from './scatter';
export { spread, type Pairing, type SpreadTask } from './spread';
export { CLEAR, WEAK, judge, mends, roleSeams, type Mend, type RoleSeam, type Tone, type Verdict } from './seams';
export { bandName, bandOf, value, valueBands, type ValueBand } from './value';
export { asSeen, views, type View } from './views';
export { castTitle, fabricsOfCast, readyCasts, type ReadyCast } from './ready-casts';
