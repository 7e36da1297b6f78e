/** How letters are painted: the ground of their fabrics as variables of a picture, prints and photos as its patterns. */
import { asSeen, type Print, type View } from '@aggrega/core/fabric';

export interface Cloth {
  colour: string;
  print?: Print;
  photo?: { id: string; side: number };
}

/** By letter. */
export type Cast = ReadonlyMap<string, Cloth>;

/** Whether a fabric shows more than one colour; a photo only in its own: in other views its average stands for it. */
export const patterned = ({ print, photo }: Cloth, view: View = 'colour') => (photo ? view === 'colour' : print !== undefined);

/** The grounds as variables, so that another cast repaints a picture without touching its shapes. */
export function groundsOf(cast: Cast, view: View = 'colour'): string {
  return [...cast].map(([role, { colour }]) => `--cloth-${role}:${asSeen(colour, view)}`).join(';');
}

/** What a shape of that letter is filled with; `uid` names the picture's patterns. */
export function fillOf(
  cast: Cast,
  role: string,
  uid: string,
  { view, angle = 0 }: { view?: View; angle?: number } = {},
): string {
  const cloth = cast.get(role);
  return cloth && patterned(cloth, view) ? `url(#${uid}-${role}-${angle})` : `var(--cloth-${role}, var(--color-edge))`;
}
