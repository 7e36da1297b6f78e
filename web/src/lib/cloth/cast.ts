/** How letters are painted: the ground of their fabrics as variables of a picture, prints as its patterns. */
import { asSeen, type Print, type View } from '@aggrega/core/fabric';

/** By letter. */
export type Cast = ReadonlyMap<string, { colour: string; print?: Print }>;

/** The grounds as variables, so that another cast repaints a picture without touching its shapes. */
export function groundsOf(cast: Cast, view: View = 'colour'): string {
  return [...cast].map(([role, { colour }]) => `--cloth-${role}:${asSeen(colour, view)}`).join(';');
}

/** What a shape of that letter is filled with; `uid` names the picture's patterns. */
export function fillOf(cast: Cast, role: string, uid: string, angle = 0): string {
  return cast.get(role)?.print ? `url(#${uid}-${role}-${angle})` : `var(--cloth-${role}, var(--color-edge))`;
}
