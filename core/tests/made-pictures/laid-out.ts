/** Units laid out on a table, as nobody lays them: a little off their places, aslant, and some of them wrong. */
import { locate } from '../../src/block';
import type { Layout } from '../../src/eye/layout/expected';
import type { Chances } from './chances';
import { inked, type MadeFabric } from './fabrics';
import { photographed, type Conditions, type MadePicture } from './picture';

/** What lies in a unit's place: another's number where it is another, quarters clockwise, mirrored first, in other fabrics. */
export interface Slip {
  at: number;
  unit?: number;
  quarters?: number;
  mirrored?: boolean;
  /** Fabrics by role, where they are others. */
  recast?: ReadonlyMap<string, string>;
  missing?: boolean;
}

export interface LaidOut {
  slips: readonly Slip[];
  /** As shares of a unit's size, and in degrees: how far each may lie off. */
  astray: number;
  aslant: number;
  sewn?: boolean;
}

/** `fabrics` by role. */
export function madeLayout(
  layout: Layout,
  fabrics: ReadonlyMap<string, MadeFabric>,
  { slips, astray, aslant, sewn = false }: LaidOut,
  of: Conditions,
  by: Chances,
): MadePicture {
  const [wide, high] = sewn ? layout.sewn : layout.loose;
  const size = Math.max(wide, high);
  return photographed(wide / high, of, by, () => {
    const lying = layout.units.map((place, at) => {
      const slip = slips.find((s) => s.at === at);
      const unit = layout.units[slip?.unit ?? at]!;
      const turn = ((by.between(-aslant, aslant) + (place.slant ?? 0)) * Math.PI) / 180;
      const more = sewn ? 0 : 2 * layout.allowance;
      return {
        ...{
          slip,
          unit,
          cos: Math.cos(turn),
          sin: Math.sin(turn),
          shift: unit.patches.map(() => [by.next(), by.next()] as const),
        },
        middle: (sewn ? place.sewn : place.loose).map((n) => n + by.between(-astray, astray) * Math.min(place.w, place.h)),
        outer: [place.w + more, place.h + more] as const,
      };
    });
    return (u, v) => {
      // Sewn together the outer units go on into the seam allowance.
      const rim = sewn ? layout.allowance + 1e-6 : 0;
      const [x, y] = [Math.max(rim, Math.min(wide - rim, u * wide)), Math.max(rim, Math.min(high - rim, v * high))];
      for (let i = lying.length - 1; i >= 0; i -= 1) {
        const { slip, unit, middle, outer, cos, sin, shift } = lying[i]!;
        const [dx, dy] = [x - middle[0]!, y - middle[1]!];
        let [a, b] = [dx * cos + dy * sin, dy * cos - dx * sin];
        if (slip?.missing || Math.abs(a) > outer[0] / 2 || Math.abs(b) > outer[1] / 2) continue;
        // Back to how the unit stands by itself.
        for (let k = 0; k < (slip?.quarters ?? 0); k += 1) [a, b] = [b, -a];
        if (slip?.mirrored) a = -a;
        const inside = (n: number, of: number) => Math.max(1e-3, Math.min(of - 1e-3, n + of / 2));
        const place = [inside(a, unit.w), inside(b, unit.h)] as const;
        const p = Math.max(
          0,
          unit.patches.findIndex(({ points }) => locate(place, points) !== 'outside'),
        );
        const { role } = unit.patches[p]!;
        const fabric = fabrics.get(slip?.recast?.get(role) ?? role)!;
        const [sx, sy] = shift[p]!;
        return { colour: inked(fabric, x / size + sx, y / size + sy) ? fabric.ink : fabric.ground, shade: 1 };
      }
      return undefined;
    };
  });
}
