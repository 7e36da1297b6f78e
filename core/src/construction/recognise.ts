/** Which unit a part of the drawing is: its picture in all eight lies held against every kind. */
import { doubleArea } from '../block';
import type { Exact } from '../measure';
import { pictureOf, pictureText, pictureTick, straightened, type LaidPatch, type Picture } from './picture';
import { template } from './units/template';
import { unitKinds } from './units';
import type { UnitInBlock, UnitKind } from './units/unit-kind';

/** What a picture turned out to be, apart from its size. */
interface Verdict {
  kind: string;
  roles: readonly string[];
  quarters: number;
  mirrored: boolean;
}

/** Pictures are the same at any size and in any block, so what was found once holds for good. Emptied when it grows large. */
const known = new Map<string, Verdict | null>();
const MOST_KNOWN = 20_000;

/** The unit that the patches are, lying on the grid or on point; undefined when they are none by name. */
export function recognise(laid: readonly LaidPatch[], tick: Exact): UnitInBlock | undefined {
  if (!possible(laid)) return undefined;
  return recognisePicture(laid, tick, false) ?? recognisePicture(laid, tick, true);
}

function recognisePicture(laid: readonly LaidPatch[], tick: Exact, onPoint: boolean): UnitInBlock | undefined {
  const picture = pictureOf(laid, onPoint);
  // Upright or level rectangles are not worth turning on point.
  if (onPoint && !fillsItsBox(picture) && picture.w !== picture.h) return undefined;
  const text = pictureText(picture);
  let verdict = known.get(text);
  if (verdict === undefined) {
    verdict = judge(picture, unitKinds) ?? null;
    if (known.size >= MOST_KNOWN) known.clear();
    known.set(text, verdict);
  }
  return verdict ? seen(verdict, picture, tick, onPoint) : undefined;
}

/** Whether any kind is made of so many triangles and other patches: a quick no for most parts of a block. */
function possible(laid: readonly LaidPatch[]): boolean {
  const others = laid.reduce((n, p) => n + (p.points.length === 3 ? 0 : 1), 0);
  const triangles = laid.length - others;
  // What has no triangle and more patches than one is of squares and rectangles.
  if (triangles === 0 && laid.length > 1 && laid.some((p) => p.points.length !== 4)) return false;
  return unitKinds.some((kind) => kind.madeOf?.(triangles, others) ?? true);
}

/** The single patch as a template, laid so that turned and mirrored ones are known for the same. */
export function asTemplate(patch: LaidPatch, tick: Exact): UnitInBlock {
  const picture = pictureOf([patch]);
  return seen(judge(picture, [template])!, picture, tick, false);
}

/** Any part of the drawing as a unit of that kind, laid so that its turned and mirrored twins are known. */
export function asUnit(kind: string, laid: readonly LaidPatch[], tick: Exact): UnitInBlock {
  const picture = pictureOf(laid);
  const roles = [...new Set(laid.map((p) => p.role))].sort();
  return seen(judge(picture, [{ kind, read: () => roles }])!, picture, tick, false);
}

function seen({ kind, roles, quarters, mirrored }: Verdict, drawn: Picture, blockTick: Exact, onPoint: boolean): UnitInBlock {
  const tick = pictureTick(blockTick, onPoint);
  const picture = straightened(drawn, quarters, mirrored);
  return {
    kind,
    roles,
    tick,
    w: tick.times(picture.w),
    h: tick.times(picture.h),
    eighths: quarters * 2 + (onPoint ? 1 : 0),
    mirrored,
    picture,
  };
}

/** The kind, and of all lies in which it can be read the one whose text comes first; unmirrored where both read the same. */
function judge(picture: Picture, kinds: readonly Pick<UnitKind, 'kind' | 'read'>[]): Verdict | undefined {
  const lies = [false, true].flatMap((mirrored) =>
    [0, 1, 2, 3].map((quarters) => ({ mirrored, quarters, image: straightened(picture, quarters, mirrored), text: '' })),
  );
  for (const { kind, read } of kinds) {
    let best: (Verdict & { text: string }) | undefined;
    for (const lie of lies) {
      const roles = read(lie.image);
      if (!roles) continue;
      lie.text ||= pictureText(lie.image);
      const text = `${roles.join()} ${lie.text}`;
      if (!best || text < best.text) best = { kind, roles, quarters: lie.quarters, mirrored: lie.mirrored, text };
    }
    if (best) return best;
  }
  return undefined;
}

export function fillsItsBox({ patches, w, h }: Picture): boolean {
  return patches.reduce((sum, p) => sum + Math.abs(doubleArea(p.points)), 0) === 2 * w * h;
}
