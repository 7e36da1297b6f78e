/** The words of programme/figures: what each length on a bolt's list is for. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('core/programme/figures', {
  packet: (who: Said, number: Said) => say`${who}: packet ${number}`,
  bundle: (who: Said) => say`${who}: the bundle`,
  stepOuts: (colourway: Said) => say`${colourway}, step-outs`,
  strip: (label: Said, number: Said) => say`${label}, strip ${number}`,
  part: (label: Said, part: Said) => say`${label}, ${part}`,
  backing: 'backing',
  wadding: 'wadding',
  squaring: 'squaring and rounding',
});
