/** The whole quilt of a programme: its top, parts, binding, and how large its backing is. */
import { LRUCache } from 'lru-cache';
import { ratio, toRuler, type Exact, type Rational } from '../../measure';
import {
  bindingLength,
  quiltParts,
  quiltTop,
  SettingError,
  type QuiltPart,
  type SetBlock,
  type Setting,
  type Top,
} from '../../setting';
import type { Programme, SizeOption } from '../document/document';
import { PlanError } from '../document/plan-error';
import { blocksInOrder } from '../document/set-blocks';
import { KeptWords } from '../../words';

export interface Quilt {
  setting: Setting;
  top: Top;
  parts: QuiltPart[];
  /** Cut length of the binding, once round and over. */
  binding?: { role: string; cut: Rational; length: Rational };
  /** Cut size of the backing, and of the batting, in whole steps of the house. */
  backing: { w: Rational; h: Rational };
}

const made = new KeptWords<Setting, Quilt>();

/** The quilt of the plain size or of a larger one; undefined without a setting. Throws PlanError with the place in the document. */
export function quiltOf(programme: Programme, size?: SizeOption): Quilt | undefined {
  const setting = size?.setting ?? programme.setting;
  if (!setting) return undefined;
  const path = size ? `/sizes/${programme.sizes.indexOf(size)}/setting` : '/setting';
  const found = made.get(setting) ?? quiltWith(programme, setting, path);
  made.set(setting, found);
  return found;
}

/** The quilt of a setting that may be only tried out; `path` is its place in the document. Throws PlanError. */
export function quiltWith(programme: Programme, setting: Setting, path = '/setting'): Quilt {
  const { house, directional, months } = programme;
  try {
    const top = topOf(setting, blocksInOrder(months));
    const { binding } = setting;
    const over = (setting.backing?.overage ?? ratio(house.unit === 'in' ? 4 : 10)).mul(2);
    const cover = (side: Exact) => toRuler(side.plus(over), house.rounding);
    return {
      ...{ setting, top, parts: quiltParts(top.parts, { ...house, directional }) },
      ...(binding && {
        binding: { ...binding, length: bindingLength(top.w, top.h, binding.over, house.rounding) },
      }),
      backing: { w: cover(top.w), h: cover(top.h) },
    };
  } catch (error) {
    if (!(error instanceof SettingError)) throw error;
    throw new PlanError([{ path: `${path}${error.path}`, message: error.message }]);
  }
}

const laid = new LRUCache<string, Top>({ max: 12 });

/**
 * The top of a setting; the last few are remembered by all that they are made of, since a document that is cast or renamed is read anew and
 * its quilt lies as it lay. Throws SettingError.
 */
export function topOf(setting: Setting, blocks: readonly SetBlock[]): Top {
  const name = JSON.stringify([setting, blocks], (_, value: unknown) =>
    value instanceof Map ? [...value] : value && typeof value === 'object' && 'toFraction' in value ? String(value) : value,
  );
  const top = laid.get(name) ?? quiltTop(setting, blocks);
  laid.set(name, top);
  return top;
}

/** How often a month's block, 'm1:cold-frame', stands mirrored in one quilt of that size. */
export function mirroredBlocks(programme: Programme, key: string, size?: SizeOption): number {
  const setting = size?.setting ?? programme.setting;
  if (!setting || ![...setting.places.values()].some((p) => p.mirrored)) return 0;
  return quiltOf(programme, size)!.top.places.filter((p) => p.mirrored && p.block?.key === key).length;
}
