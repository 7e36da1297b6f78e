/** A name for a unit that stays the same while sizes and methods change, to hang a choice on: 'geese:A+B+B@2x1'. */
import { PER_CELL } from '../block';
import type { Exact } from '../measure';
import { pictureText } from './picture';
import { unitKind } from './units';
import type { UnitInBlock } from './units/unit-kind';

/** The unit's kind, roles, and sides in grid cells; where these do not tell all, a short mark of its picture. `tick` is the block's. */
export function unitName(seen: UnitInBlock, tick: Exact): string {
  const cells = (x: Exact) => {
    const n = x.over(tick).over(PER_CELL).toNumber();
    return String(Math.round(n * 1000) / 1000);
  };
  const mark = unitKind(seen.kind).plain ? '' : `*${shortMark(pictureText(seen.picture))}`;
  return `${seen.kind}:${seen.roles.join('+')}@${cells(seen.w)}x${cells(seen.h)}${mark}`;
}

/** The kind of a unit that is named so; of a kind's own name, that. */
export const kindOfName = (name: string): string => name.split(':')[0]!;

/** Six letters and digits out of any text (FNV-1a). */
function shortMark(text: string): string {
  let hash = 0x811c9dc5;
  for (let i = 0; i < text.length; i += 1) hash = Math.imul(hash ^ text.charCodeAt(i), 0x01000193) >>> 0;
  return hash.toString(36).padStart(6, '0').slice(-6);
}
