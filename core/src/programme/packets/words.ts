/** The words of programme/packets. */
import { plural, type Said, say, spoken } from '../../words';

export const words = spoken('core/programme/packets', {
  isSoldAsAEnterIts: (name: Said, formName: Said) =>
    say`‘${name}’ is sold as a ${formName}. Enter its usable width and length (under Cutting)`,
  monthFabricLacksOf: (
    value: Said,
    name: Said,
    list: Said,
    name2: Said,
    qty: number,
    shape: Said,
    size: Said,
    unit: Said,
    cut: Said,
  ) =>
    say`Month ${value} (${name}), fabric ${list} (${name2}), lacks ${qty} ${shape}${plural(qty, { one: '', other: 's' })} of ${size} ${unit} (${cut})`,
  putIntoEachBundleTheyHold: (needed: Said, formName: Said) =>
    say`Put ${needed} ${formName} into each bundle: they hold every month.`,
  orAddOfFromTheBolt: (yards: Said, name: Said) =>
    say`Or add ${yards} of ${name} from the bolt to each kit, for what is lacking alone.`,
  square: 'square',
  rectangle: 'rectangle',
});
