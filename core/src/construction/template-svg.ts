/** A template on paper at true scale: cut line, sewing line, grain arrow, and a square to check the printer by. */
import type { Cut } from './construct';
import type { Template } from './units/unit-kind';
import { INK } from '../ink';

export interface TemplateDrawing {
  width: number;
  height: number;
  cut: Template['cut'];
  sew: Template['sew'];
  /** Ends of the grain arrow. */
  grain: readonly [readonly [number, number], readonly [number, number]];
}

/** The template as lines in the document's unit; mirrored where its piece is cut with the paper turned over. */
export function templateDrawing(cut: Pick<Cut, 'template' | 'reversed'>): TemplateDrawing | undefined {
  const { template, reversed } = cut;
  if (!template) return undefined;
  const width = Math.max(...template.cut.map((p) => p[0]));
  const height = Math.max(...template.cut.map((p) => p[1]));
  const lie = ([x, y]: readonly [number, number]) => [reversed ? width - x : x, y] as const;
  const sew = template.sew.map(lie);
  const middle = [0, 1].map((axis) => sew.reduce((sum, p) => sum + p[axis]!, 0) / sew.length) as [number, number];
  const half = Math.min(width, height) / 5;
  const end = (sign: number) =>
    [middle[0] + sign * half * template.grain[0], middle[1] + sign * half * template.grain[1]] as const;
  return { width, height, cut: template.cut.map(lie), sew, grain: [end(-1), end(1)] };
}

/** The same as an SVG file of that many inches or centimetres; '' for a cut that has no template. */
export function templateSvg(cut: Cut, title: string, unit: 'in' | 'cm'): string {
  const drawing = templateDrawing(cut);
  if (!drawing) return '';
  const { width, height, grain } = drawing;
  const check = unit === 'in' ? 1 : 2;
  const margin = check / 4;
  const line = check / 100;
  const [w, h] = [Math.max(width, check * 3) + 2 * margin, height + check + 3 * margin];
  const text = (s: string) => s.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);
  const points = (list: readonly (readonly [number, number])[]) =>
    list.map(([x, y]) => `${round(x + margin)},${round(y + margin)}`).join(' ');
  const at = (p: readonly [number, number]) => `${round(p[0] + margin)},${round(p[1] + margin)}`;
  const below = round(height + 2 * margin);
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${round(w)}${unit}" height="${round(h)}${unit}" viewBox="0 0 ${round(w)} ${round(h)}" fill="none" stroke="${INK}" stroke-width="${line}" font-family="sans-serif" font-size="${check / 6}">`,
    `  <title>${text(title)}</title>`,
    `  <polygon points="${points(drawing.cut)}"/>`,
    `  <polygon points="${points(drawing.sew)}" stroke-dasharray="${check / 12} ${check / 16}"/>`,
    `  <path d="M${at(grain[0])} L${at(grain[1])}" stroke-width="${line * 2}" marker-start="url(#tip)" marker-end="url(#tip)"/>`,
    `  <defs><marker id="tip" viewBox="0 0 8 8" refX="4" refY="4" markerWidth="5" markerHeight="5" orient="auto"><circle cx="4" cy="4" r="3" fill="${INK}" stroke="none"/></marker></defs>`,
    `  <rect x="${margin}" y="${below}" width="${check}" height="${check}"/>`,
    `  <text x="${round(margin * 2 + check)}" y="${round(below + check / 3)}" fill="${INK}" stroke="none">${text(title)}</text>`,
    `  <text x="${round(margin * 2 + check)}" y="${round(below + check / 1.6)}" fill="${INK}" stroke="none">the square measures ${check} ${unit} when printed full size</text>`,
    '</svg>',
    '',
  ].join('\n');
}

const round = (n: number) => Math.round(n * 1e4) / 1e4;
