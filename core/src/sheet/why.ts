/** 'Why 2 7/8?': the formula, the numbers in it, the rounding and the ruler, for one cut size. */
import type { Cut, SewingStyle } from '../construction';
import { by, type Exact, formatLength, ratio, rulerWords } from '../measure';

const SIXTEENTH = ratio('1/16');

export interface Why {
  label: string;
  /** The cut size as the ruler shows it. */
  size: string;
  /** Its long side, and in how many marks the ruler for it divides an inch or a centimetre. */
  long: string;
  marks: 8 | 10 | 16;
  formula: string;
  /** 'f is 3, the finished side' */
  where: { symbol: string; value: string; meaning: string }[];
  /** The value before rounding: exactly, and as a decimal to four places. */
  exact: string;
  decimal: string;
  /** Whether anything was rounded, and the step. */
  rounded: boolean;
  step: string;
  ruler: string;
}

/** The explanation of a cut's size; of a rectangle, both sides are named and the long one is placed on the ruler. */
export function whyCut(
  cut: Pick<Cut, 'label' | 'w' | 'h' | 'exact'> & { why: Pick<Cut['why'], 'formula' | 'where'> },
  style: Pick<SewingStyle, 'unit' | 'rounding'>,
): Why {
  const write = (x: Parameters<typeof formatLength>[0]) => formatLength(x, style.unit);
  const both = (text: (side: 0 | 1) => string) => (cut.exact[0].equals(cut.exact[1]) ? text(0) : by(text(0), text(1)));
  const sides = [cut.w, cut.h] as const;
  const plain = (x: Exact) => (x.isRational ? write(x) : String(x));
  return {
    label: cut.label,
    size: both((i) => write(sides[i])),
    long: write(cut.w),
    marks: style.unit === 'cm' ? 10 : style.rounding.equals(SIXTEENTH) ? 16 : 8,
    formula: cut.why.formula,
    where: cut.why.where.map(({ symbol, value, meaning }) => ({ symbol, value: plain(value), meaning })),
    exact: both((i) => plain(cut.exact[i])),
    decimal: both((i) =>
      cut.exact[i]
        .toNumber()
        .toFixed(4)
        .replace(/\.?0+$/, ''),
    ),
    rounded: cut.exact.some((x, i) => !x.equals(sides[i]!)),
    step: write(style.rounding),
    ruler: rulerWords(cut.w, style.unit),
  };
}
