/** A kit that is only a list (docs/craft.md, Kits and packets): what to bring of one's own, as yardage, as fat quarters, or from scraps. */
import { DoesNotFit, planFabric, planSheets, type Piece } from '../../cutting';
import type { Rational } from '../../measure';
import { demandOf } from './demand';
import type { Colourway, Fabric, Month, Programme, SizeOption } from '../document/document';
import { usableSize } from '../document/forms';

export interface OwnCloth {
  fabric: Fabric;
  roles: string[];
  /** From a bolt of the house's width; undefined where a piece is wider. */
  yardage?: Rational;
  /** Undefined where a piece is larger than one. */
  fatQuarters?: number;
  /** Every piece with how often it is cut, largest first: a scrap has to be no smaller than that. */
  scraps: { label: string; w: Rational; h: Rational; qty: number }[];
}

/** Letter by letter in the order of the colourway's fabrics, for one participant. */
export function ownCloth(
  programme: Programme,
  { colourway, months, size }: { colourway: Colourway; months: readonly Month[]; size?: SizeOption },
): OwnCloth[] {
  const quarter = usableSize('fat-quarter', programme.unit);
  const where = <T>(plan: () => T): T | undefined => {
    try {
      return plan();
    } catch (error) {
      if (error instanceof DoesNotFit) return undefined;
      throw error;
    }
  };
  const area = (p: Piece) => p.w.mul(p.h);
  return demandOf(programme, { colourway, months, basis: 'kit', participants: 1, size }).map(({ fabric, roles, pieces }) => ({
    ...{ fabric, roles },
    yardage: where(() => planFabric(pieces, programme.house.wof, programme.house).lengthToBuy),
    fatQuarters: where(() => planSheets(pieces, quarter.width!, quarter.length!).sheetsNeeded),
    scraps: [...pieces].sort((a, b) => area(b).compare(area(a))).map(({ label, w, h, qty }) => ({ label, w, h, qty })),
  }));
}
