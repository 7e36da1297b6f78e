/** What a packet hands to one person, fabric by fabric, as amounts that can be asked for at a counter. */
import { formatLength, soldText } from '../measure';
import {
  formName,
  planBundles,
  type Colourway,
  type Fabric,
  type Finishing,
  type PacketPlan,
  type Programme,
  type SizeOption,
} from '../programme';
import { packagedName } from '../setting';
import { words } from './words/handed-amounts';

export interface HandedAmount {
  /** The fabric's letters; none for backing and wadding. */
  roles: string[];
  name: string;
  sku: string;
  colour: string;
  /** What it is for, where it is not for the quilt top: 'backing'. */
  use: string;
  /** '1 1/4 yd', '2 fat quarters'; '' where everybody finds their own. */
  amount: string;
  /** '45', '20 1/2 × 17 1/2 each', and for what everybody finds the size. */
  length: string;
}

const named = ({ name, sku, colour }: Fabric) => ({ name, sku, colour });

/** Fabrics for the quilt top: lengths, cut forms, and with the first packet the bundle. */
export function handedAmounts(
  programme: Programme,
  packet: PacketPlan,
  whose: { colourway: Colourway; size?: SizeOption },
): HandedAmount[] {
  const { unit, kits, house } = programme;
  const pieces = (fabric: Fabric, count: number) => ({
    amount: `${count} ${formName(fabric.form, count)}`,
    length: fabric.usableLength
      ? words.each(formatLength(fabric.usableWidth, unit), formatLength(fabric.usableLength, unit))
      : '',
  });
  const lengths = packet.fabrics.map(({ fabric, roles, plan }): HandedAmount => ({
    ...{ roles, use: '', ...named(fabric) },
    ...('sheets' in plan
      ? pieces(fabric, plan.sheetsNeeded)
      : { amount: soldText(plan.lengthToBuy, house), length: formatLength(plan.lengthToBuy, unit) }),
  }));
  const withBundle = kits.packets[0] === packet.months && kits.bundle.size > 0;
  const bundle = withBundle ? planBundles(programme, whose) : [];
  return [
    ...lengths,
    ...bundle.map(({ fabric, roles, plan }): HandedAmount => ({
      ...{ roles, use: words.yourBundle, ...named(fabric) },
      ...pieces(fabric, plan.sheets),
    })),
  ];
}

/** Backing and wadding, where they come with these months; wadding that nobody hands out with the size to find. */
export function finishingAmounts(
  { unit, house }: Pick<Programme, 'unit' | 'house'>,
  { backing, wadding }: Finishing,
): HandedAmount[] {
  const found: HandedAmount[] = [];
  if (backing)
    found.push({
      ...{ roles: [], use: words.backing, ...named(backing.fabric) },
      ...{ amount: soldText(backing.toBuy, house), length: formatLength(backing.toBuy, unit) },
    });
  if (wadding?.cloth)
    found.push({
      ...{ roles: [], use: words.wadding, ...named(wadding.cloth.fabric) },
      ...{ amount: soldText(wadding.toBuy!, house), length: formatLength(wadding.toBuy!, unit) },
    });
  else if (wadding) {
    const length = `${formatLength(wadding.w, unit)} × ${formatLength(wadding.h, unit)}`;
    const covers = wadding.packaged ? words.onePackedAsIsLargeEnough(packagedName(wadding.packaged.name)) : '';
    found.push({
      ...{ roles: [], use: words.wadding, sku: '', colour: '' },
      name: words.waddingOfYourOwn(covers),
      amount: '',
      length,
    });
  }
  return found;
}
