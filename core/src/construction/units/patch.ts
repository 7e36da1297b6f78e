/** The plain square or rectangle: w + 2s by h + 2s (handbook 2). */
import { Exact } from '../../measure';
import type { Method, Seen, UnitKind } from './unit-kind';

const cut: Method = {
  name: 'cut',
  title: 'cut to size',
  recipe(unit, style) {
    const twoSeams = Exact.of(style.seam).times(2);
    const [w, h] = [unit.w.plus(twoSeams), unit.h.plus(twoSeams)];
    const square = unit.w.equals(unit.h);
    return {
      yields: 1,
      pieces: [
        {
          role: unit.roles[0]!,
          w,
          h,
          qty: 1,
          sub: 'none',
          why: {
            formula: square ? 'f + 2 × s' : 'w + 2 × s by h + 2 × s',
            where: [
              ...(square
                ? [{ symbol: 'f', meaning: 'finished side', value: unit.w }]
                : [
                    { symbol: 'w', meaning: 'finished width', value: unit.w },
                    { symbol: 'h', meaning: 'finished height', value: unit.h },
                  ]),
              { symbol: 's', meaning: 'seam allowance', value: Exact.of(style.seam) },
            ],
            exact: w,
          },
        },
      ],
      steps: [],
      look: [],
      tools: [],
    };
  },
};

export const patch: UnitKind = {
  kind: 'patch',
  title: 'plain patch',
  plural: 'plain patches',
  methods: [cut],
  see(region, directional): Seen | undefined {
    if (region.patches.length !== 1) return undefined;
    const { role } = region.patches[0]!.patch;
    const { w, h } = region;
    // Fabric without a direction can be cut either way, so lying and standing rectangles are one unit, long side first.
    const standing = w.compare(h) < 0 && !directional.has(role);
    return { kind: 'patch', roles: [role], w: standing ? h : w, h: standing ? w : h, turn: standing ? 90 : 0, mirrored: false };
  },
};
