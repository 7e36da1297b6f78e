/** What is sewn round a block before it is sewn to others: coping up to the size of the largest, then its frame, with the size after each pair. */
import { Exact, checkpoint, formatLength, toRuler } from '../measure';
import { blocksInOrder, type MonthBlock, type Programme, type SizeOption } from '../programme';
import { SettingError, cellOf } from '../setting';
import { words } from './words/round-strips';

export interface RoundStrips {
  name: 'coping' | 'frame';
  sides: 'sides' | 'top and bottom';
  /** Each strip as it is cut: '1 × 12 1/2'. */
  strip: string;
  /** What the block measures afterwards, unfinished: '12 1/2', or '12 1/2 × 8 1/2'. */
  size: string;
  square: boolean;
}

/** '12 1/2 in square', '12 1/2 × 8 1/2 in'. */
export const sizeRound = ({ size, square }: Pick<RoundStrips, 'size' | 'square'>, unit: string): string =>
  square ? words.square(size, unit) : `${size} ${unit}`;

/** In the order of sewing: two sides, then top and bottom. Nothing where the block stands bare, or where its setting cannot be sewn. */
export function roundStripsOf(programme: Programme, { finished }: MonthBlock, size?: SizeOption): RoundStrips[] {
  const setting = size?.setting ?? programme.setting;
  const { house, unit } = programme;
  if (!setting || (!setting.frame && !setting.coping)) return [];
  const inner = innerOf(programme, setting);
  if (!inner) return [];
  const found: RoundStrips[] = [];
  const two = Exact.of(house.seam).times(2);
  let [w, h] = finished as [Exact, Exact];
  const round = (name: RoundStrips['name'], across: Exact, down: Exact) => {
    const told = () => {
      const [tw, th] = [w, h].map((x) => checkpoint(x.plus(two), house.rounding, unit)) as [string, string];
      return { size: tw === th ? tw : `${tw} × ${th}`, square: tw === th };
    };
    const strip = (wide: Exact, long: Exact) =>
      [wide, long].map((x) => formatLength(toRuler(x.plus(two), house.rounding), unit)).join(' × ');
    if (across.sign() > 0) {
      const cut = strip(across, h);
      w = w.plus(across.times(2));
      found.push({ name, sides: 'sides', strip: cut, ...told() });
    }
    if (down.sign() > 0) {
      const cut = strip(down, w);
      h = h.plus(down.times(2));
      found.push({ name, sides: 'top and bottom', strip: cut, ...told() });
    }
  };
  if (setting.coping) round('coping', inner[0].minus(w).over(2), inner[1].minus(h).over(2));
  const f = Exact.of(setting.frame?.finished ?? 0);
  round('frame', f, f);
  return found;
}

function innerOf({ months }: Programme, setting: Parameters<typeof cellOf>[0]): readonly [Exact, Exact] | undefined {
  try {
    return cellOf(setting, blocksInOrder(months)).inner;
  } catch (error) {
    // The quilt says itself what is wrong with it.
    if (error instanceof SettingError) return undefined;
    throw error;
  }
}
