/** A cutting layout as an SVG file at true scale: each kind of strip once, in cutting order, with how often it is cut. */
import type { LengthUnit } from '../measure';
import { formatLength } from '../measure';
import type { SheetPlan } from './sheets';
import type { FabricPlan } from './strips';
import { INK, QUIET } from '../ink';

interface Look {
  unit: LengthUnit;
  title: string;
  /** '#rrggbb' of the fabric. */
  colour: string;
}

/** `viewBox` is in the document's unit, so one unit of the drawing is an inch or a centimetre. */
export function layoutSvg(plan: FabricPlan | SheetPlan, { unit, title, colour }: Look): string {
  const strips = 'sheets' in plan ? plan.sheets : plan.strips;
  const scale = unit === 'in' ? 1 : 2.54;
  const width = plan.usableWidth.valueOf();
  const line = scale / 50;
  const size = scale / 2;
  let y = size * 2;
  const parts = strips.map((strip) => {
    const tall = 'sheets' in plan ? plan.usableLength.valueOf() : strip.length.valueOf();
    const name = 'sheets' in plan ? '' : `, ${formatLength(strip.length, unit)} ${unit}`;
    const pieces = strip.rects.map(({ x, y: down, w, h, label }) => {
      const [left, top, wide, high] = [x, down, w, h].map((n) => n.valueOf()) as [number, number, number, number];
      return `<rect x="${round(left)}" y="${round(y + top)}" width="${round(wide)}" height="${round(high)}" fill="${colour}" stroke="${INK}" stroke-width="${round(line)}"><title>${text(label)}</title></rect>`;
    });
    const drawing = [
      `<text x="0" y="${round(y - size / 2)}" font-size="${round(size)}">${strip.repeat} ×${text(name)}</text>`,
      `<rect x="0" y="${round(y)}" width="${round(width)}" height="${round(tall)}" fill="none" stroke="${QUIET}" stroke-width="${round(line)}"/>`,
      ...pieces,
    ];
    y += tall + size * 2.5;
    return drawing.join('\n');
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" width="${round(width)}${unit}" height="${round(y)}${unit}" viewBox="0 0 ${round(width)} ${round(y)}" font-family="sans-serif" fill="${INK}">
<title>${text(title)}</title>
${parts.join('\n')}
</svg>
`;
}

const round = (n: number) => Number(n.toFixed(4));
const text = (s: string) => s.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);
