/** The library's colour spaces that are used here, and no other: a page loads these few only. */
import { modeLab, modeLab65, modeLrgb, modeOklab, modeRgb, useMode } from 'culori/fn';

/** A colour, '#2f4858' or as numbers, in sRGB; undefined for what is no colour. */
export const toRgb = useMode(modeRgb);
/** A colour in CIELAB under D50, for its L*. */
export const toLab = useMode(modeLab);
// What differences, blends and other eyes are reckoned in.
useMode(modeLab65);
useMode(modeLrgb);
useMode(modeOklab);

export { differenceCiede2000, filterDeficiencyDeuter, filterDeficiencyProt, filterDeficiencyTrit } from 'culori/fn';
export { formatHex, interpolate } from 'culori/fn';
