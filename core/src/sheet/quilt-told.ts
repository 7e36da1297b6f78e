/** A quilt as a month's paper tells it: its setting, its picture in a colourway, and sizes in words. */
import { formatLength, type Exact } from '../measure';
import {
  PlanError,
  castPicture,
  quiltAsCast,
  quiltPicture,
  scatteredOf,
  type Colourway,
  type Month,
  type Programme,
  type Quilt,
  type QuiltPicture,
} from '../programme';
import { coloursOf, type Colours } from './pictures';
import type { SheetWishes } from './wishes';

/** A quilt in a month, as it is told. */
export interface Told {
  programme: Programme;
  month: Month;
  colourway: Colourway;
  wishes: SheetWishes;
  quilt: Quilt;
  picture: QuiltPicture;
  colours: Colours;
}

/** The quilt; undefined without a setting, and where it cannot be set while the month hands out nothing of it: its sheet is not stopped. */
function quiltOrNothing(programme: Programme, month: Month, colourway: Colourway, { size }: SheetWishes): Quilt | undefined {
  try {
    return quiltAsCast(programme, colourway, size);
  } catch (error) {
    const setting = size?.setting ?? programme.setting;
    if (!(error instanceof PlanError) || [...(setting?.months.values() ?? [])].includes(month.id)) throw error;
    return undefined;
  }
}

/** The quilt of a colourway and size, as it is told; undefined without a setting. */
export function toldOf(programme: Programme, month: Month, colourway: Colourway, wishes: SheetWishes): Told | undefined {
  const quilt = quiltOrNothing(programme, month, colourway, wishes);
  if (!quilt) return undefined;
  const picture = castPicture(quiltPicture(quilt, programme), scatteredOf(programme, colourway, wishes.size));
  return { programme, month, colourway, wishes, quilt, picture, colours: coloursOf(colourway, wishes.coloured !== false) };
}

/** A length as the house writes it, rounded up where no ruler shows it. */
export const written = ({ unit, house }: Pick<Programme, 'unit' | 'house'>, x: Exact): string =>
  formatLength(x.isRational ? x.rational : x.ceilTo(house.rounding), unit);

/** Unfinished sides of the top with its first borders. */
export function centreOf({ programme, quilt }: Told, borders = 0): { w: string; h: string } {
  const around = quilt.setting.borders
    .slice(borders)
    .reduce((sum, b) => sum.add(b.finished.mul(2)), programme.house.seam.mul(-2));
  return { w: written(programme, quilt.top.w.minus(around)), h: written(programme, quilt.top.h.minus(around)) };
}
