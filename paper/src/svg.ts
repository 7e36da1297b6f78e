/** A paper's picture as SVG, at true scale where it is drawn at full size. */
import type { PaperLine, PaperPicture } from '@aggrega/core/sheet';

export const INK = '#1c2a4a';
export const MADDER = '#b3322b';

const round = (n: number) => Math.round(n * 1e4) / 1e4;
const escaped = (text: string) => text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);

/** How a line is drawn, in hundredths of an inch on paper. */
export const LINES: Record<PaperLine['kind'], { wide: number; dash?: readonly [number, number] }> = {
  thin: { wide: 0.7 },
  strong: { wide: 1.6 },
  dashed: { wide: 0.7, dash: [4, 3] },
  arrow: { wide: 1.6 },
};

/** The two strokes of an arrow's head, in the picture's unit; `long` is the head's length. */
export function arrowHead({ from, to }: PaperLine, long: number): (readonly [number, number])[] {
  const angle = Math.atan2(to[1] - from[1], to[0] - from[0]);
  const side = (turn: number) => [to[0] - long * Math.cos(angle + turn), to[1] - long * Math.sin(angle + turn)] as const;
  return [side(0.5), to, side(-0.5)];
}

/** `extra` stands in the root element: a class, say. */
export function pictureSvg(picture: PaperPicture, extra = ''): string {
  const { width, height, wide, label, full, shapes, lines, texts } = picture;
  /** An inch of paper in the picture's unit. */
  const inch = width / wide;
  const hundredth = inch / 100;
  const edge = hundredth;
  const points = (all: readonly (readonly [number, number])[]) => all.map((p) => p.map(round).join(',')).join(' ');
  const size = full
    ? `width="${round(wide + 2 * (edge / inch))}in" height="${round((height + 2 * edge) / inch)}in"`
    : `style="width:${round(wide)}in"`;
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" ${size} viewBox="${round(-edge)} ${round(-edge)} ${round(width + 2 * edge)} ${round(height + 2 * edge)}" role="img" aria-label="${escaped(label)}"${extra}>`,
    ...shapes.map(
      (s) =>
        `<polygon points="${points(s.points)}" fill="${s.fill}" stroke="${s.wrong ? MADDER : INK}" stroke-opacity="${s.wrong ? 1 : 0.6}" stroke-width="${round(hundredth * (s.wrong ? 3 : 0.8))}" stroke-linejoin="round"/>`,
    ),
    ...lines.flatMap((line) => {
      const { wide: w, dash } = LINES[line.kind];
      const style = `fill="none" stroke="${INK}" stroke-width="${round(w * hundredth)}"${dash ? ` stroke-dasharray="${dash.map((d) => round(d * hundredth)).join(' ')}"` : ''}`;
      return [
        `<path d="M${points([line.from, line.to])}" ${style}/>`,
        ...(line.kind === 'arrow' ? [`<path d="M${points(arrowHead(line, 6 * hundredth))}" ${style}/>`] : []),
      ];
    }),
    ...texts.map(
      ({ at, text, size: tall, edged }) =>
        `<text x="${round(at[0])}" y="${round(at[1])}" font-size="${round(tall)}" text-anchor="middle" dominant-baseline="central" font-weight="600" fill="${INK}"${edged ? ` stroke="#fff" stroke-width="${round(tall / 4)}" paint-order="stroke"` : ''}>${escaped(text)}</text>`,
    ),
    '</svg>',
  ].join('');
}
