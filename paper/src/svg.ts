/** A paper's picture as SVG, at true scale where it is drawn at full size. */
import type { PaperLine, PaperPicture } from '@aggrega/core/sheet';
import { INK, MADDER } from '@aggrega/core/ink';

export { INK, MADDER };

/** How much of a ruler's colour covers what lies under it. */
export const GLASS = 0.22;

const round = (n: number) => Math.round(n * 1e4) / 1e4;
const escaped = (text: string) => text.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);

/** How a line is drawn, in hundredths of an inch on paper; `cased`: with a light edge, so that it shows on dark fabric. */
export const LINES: Record<PaperLine['kind'], { wide: number; dash?: readonly number[]; cased?: boolean }> = {
  thin: { wide: 0.7 },
  strong: { wide: 1.6 },
  dashed: { wide: 0.7, dash: [4, 3] },
  arrow: { wide: 1.6, cased: true },
  drawn: { wide: 0.8, dash: [6, 1.6], cased: true },
  sewn: { wide: 1.7, dash: [2.6, 1.8], cased: true },
  cut: { wide: 1.3, dash: [9, 2, 2, 2], cased: true },
  crease: { wide: 0.8, dash: [1, 1.6], cased: true },
};

/** How much wider the light edge is. */
export const CASING = 1.8;

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
    ...shapes.map((s) => {
      const line = s.bare
        ? 'stroke="none"'
        : `stroke="${s.wrong ? MADDER : INK}" stroke-opacity="${s.wrong ? 1 : 0.6}" stroke-width="${round(hundredth * (s.wrong ? 3 : 0.8))}" stroke-linejoin="round"`;
      return `<polygon points="${points(s.points)}" fill="${s.fill}"${s.glass ? ` fill-opacity="${GLASS}"` : ''} ${line}/>`;
    }),
    ...lines.flatMap((line) => {
      const { wide: w, dash, cased } = LINES[line.kind];
      const paths = [
        `d="M${points([line.from, line.to])}"`,
        ...(line.kind === 'arrow' ? [`d="M${points(arrowHead(line, 6 * hundredth))}"`] : []),
      ];
      const dashes = dash ? ` stroke-dasharray="${dash.map((d) => round(d * hundredth)).join(' ')}"` : '';
      const drawn = (colour: string, wider: number, more: string) =>
        paths.map((d) => `<path ${d} fill="none" stroke="${colour}" stroke-width="${round((w + wider) * hundredth)}"${more}/>`);
      return [...(cased ? drawn('#fff', CASING, '') : []), ...drawn(INK, 0, dashes)];
    }),
    ...texts.map(
      ({ at, text, size: tall, edged }) =>
        `<text x="${round(at[0])}" y="${round(at[1])}" font-size="${round(tall)}" text-anchor="middle" dominant-baseline="central" font-weight="600" fill="${INK}"${edged ? ` stroke="#fff" stroke-width="${round(tall / 4)}" paint-order="stroke"` : ''}>${escaped(text)}</text>`,
    ),
    '</svg>',
  ].join('');
}
