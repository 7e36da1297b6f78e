/** Ways of setting so many blocks that a quilt comes near the size that was asked for (docs/craft.md, Setting a quilt). */
import type { LengthUnit } from '../measure';
import type { SettingFile } from '../programme';

export interface Layout {
  form: Form['id'];
  blocks: number;
  /** Near enough to choose by; the quilt itself is exact. */
  width: number;
  height: number;
  /** How far it is from what was asked, as a share of each side, added up. */
  off: number;
  setting: (letters: SettingLetters) => SettingFile;
}

export interface SettingLetters {
  /** The lightest, behind the blocks. */
  ground: string;
  /** Between and round the blocks. */
  between: string;
  /** Where sashes meet, and in the inner border. */
  accent: string;
}

interface Form {
  id: 'straight' | 'sashed' | 'framed' | 'alternate' | 'on-point' | 'on-point-sashed';
  /** Blocks that a lattice takes. */
  blocks: (across: number, down: number) => number;
  /** Finished side of so many blocks, with what lies between them. */
  side: (n: number, of: { block: number; strip: number }) => number;
  setting: (letters: SettingLetters, strip: string) => Partial<SettingFile>;
}

const inRows = (n: number, m: number) => n * m;
const onPoint = (n: number, m: number) => n * m + (n - 1) * (m - 1);

/** The forms that a quilt can take. */
const forms: readonly Form[] = [
  { id: 'straight', blocks: inRows, side: (n, { block }) => n * block, setting: () => ({ kind: 'straight' }) },
  {
    id: 'sashed',
    blocks: inRows,
    side: (n, { block, strip }) => n * block + (n + 1) * strip,
    setting: ({ between, accent }, strip) => ({
      ...{ kind: 'straight', sashing: { finished: strip, role: between, outer: true }, cornerstone: { role: accent } },
    }),
  },
  {
    id: 'framed',
    blocks: inRows,
    side: (n, { block, strip }) => n * (block + 2 * strip),
    setting: ({ between }, strip) => ({ kind: 'straight', frame: { finished: strip, role: between } }),
  },
  {
    id: 'alternate',
    blocks: (n, m) => Math.ceil((n * m) / 2),
    side: (n, { block }) => n * block,
    setting: ({ ground }) => ({ kind: 'alternate', alternate: { role: ground } }),
  },
  {
    id: 'on-point',
    blocks: onPoint,
    side: (n, { block }) => Math.SQRT2 * n * block,
    setting: ({ between }) => ({ kind: 'on-point', triangles: { role: between } }),
  },
  {
    id: 'on-point-sashed',
    blocks: onPoint,
    side: (n, { block, strip }) => Math.SQRT2 * (n * (block + strip) + strip),
    setting: ({ ground, between, accent }, strip) => ({
      ...{ kind: 'on-point', sashing: { finished: strip, role: between }, cornerstone: { role: accent } },
      triangles: { role: ground },
    }),
  },
];

/** Blocks along a side at most, and blocks made in a month at most. */
const LONGEST_SIDE = 9;
const MOST_A_MONTH = 6;
/** A side may miss what was asked by so much of it, both sides together. */
const NEAR = 0.25;

/** All that come near, nearest first. `months` is how many months bring blocks: each brings one at least. */
export function layouts({
  block,
  quilt,
  months,
  unit,
}: {
  block: number;
  quilt: { width: number; height: number };
  months: number;
  unit: LengthUnit;
}): Layout[] {
  const step = unit === 'in' ? 0.5 : 1;
  const strip = Math.max(unit === 'in' ? 1 : 3, Math.round(block / 8 / step) * step);
  const found: Layout[] = [];
  for (const form of forms)
    for (let across = 2; across <= LONGEST_SIDE; across += 1)
      for (let down = across; down <= LONGEST_SIDE; down += 1) {
        const blocks = form.blocks(across, down);
        if (blocks < months || blocks > months * MOST_A_MONTH) continue;
        const turn = quilt.width > quilt.height;
        const [n, m] = turn ? [down, across] : [across, down];
        const width = form.side(n, { block, strip });
        const height = form.side(m, { block, strip });
        const lacks = (quilt.width - width + (quilt.height - height)) / 4;
        // A border never wider than half a block, and none narrower than a strip.
        const wide = Math.min(block / 2, Math.floor(lacks / step) * step);
        const border = wide >= strip ? wide : 0;
        const sides = [width + 2 * border, height + 2 * border] as const;
        const off = Math.abs(sides[0] / quilt.width - 1) + Math.abs(sides[1] / quilt.height - 1);
        if (off > NEAR) continue;
        found.push({
          ...{ form: form.id, blocks, width: sides[0], height: sides[1], off },
          setting: (letters) => ({
            ...form.setting(letters, String(strip)),
            ...{ across: n, down: m },
            ...(border > 0 && { borders: [{ finished: String(border), role: letters.between }] }),
          }),
        });
      }
  return found.sort((a, b) => a.off - b.off);
}
