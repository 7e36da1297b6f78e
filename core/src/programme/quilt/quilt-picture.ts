/** The quilt as shapes: on the page, as a file, and with months that are still a mystery covered. */
import { PER_CELL, type Block } from '../../block';
import type { LaidPlace } from '../../setting';
import type { Colourway, Month, Programme } from '../document/document';
import type { Quilt } from './quilt';
import { setBlocks } from '../document/set-blocks';
import { INK, RULE, WHITE } from '../../ink';

export interface PicturePlace {
  at: string;
  turn: number;
  mirrored: boolean;
  /** Undefined for a month that has no block yet. */
  block?: Block;
  month: Month;
  /** 'm1:cold-frame' */
  key: string;
  /** From the block's grid (twelfths of a cell) to the quilt, as SVG writes it: a b c d e f. */
  matrix: readonly [number, number, number, number, number, number];
  outline: (readonly [number, number])[];
  /** Not to be seen yet. */
  covered: boolean;
}

export interface QuiltPicture {
  width: number;
  height: number;
  places: PicturePlace[];
  parts: { name: string; role: string; points: (readonly [number, number])[]; joined?: boolean; covered: boolean }[];
}

/** The picture of a quilt; `covered` says which months may not be seen yet. */
export function quiltPicture(
  { setting, top }: Quilt,
  { months }: Programme,
  covered: (month: Month) => boolean = () => false,
): QuiltPicture {
  const known = new Map(setBlocks(months).map((b) => [b.block.key, b]));
  const point = ([x, y]: LaidPlace['outline'][number]) => [x.toNumber(), y.toNumber()] as const;
  const hidden = new Set(months.filter(covered).map((m) => m.id));
  const places = top.places.map((place): PicturePlace => {
    const { month, entry } = known.get(place.block!.key)!;
    const { at, turn, mirrored } = place;
    const outline = place.outline.map(point);
    return {
      ...{ at, turn, mirrored, outline, month, key: place.block!.key, covered: hidden.has(month.id) },
      ...(entry && { block: entry.block }),
      matrix: matrixOf(outline, entry?.block.grid ?? [1, 1], turn, mirrored),
    };
  });
  const monthAt = new Map(places.map((p) => [p.at, p.month.id]));
  return {
    width: top.w.toNumber(),
    height: top.h.toNumber(),
    places,
    parts: top.parts.map(({ name, role, outline, group, place, joined }) => {
      const month = group ? setting.months.get(group) : monthAt.get(place!);
      return {
        name,
        role,
        points: outline.map(point),
        ...(joined && { joined }),
        covered: month !== undefined && hidden.has(month),
      };
    }),
  };
}

/** Lays a grid's picture into a place: mirrored left to right, then turned, then moved there. */
function matrixOf(
  outline: readonly (readonly [number, number])[],
  [columns, rows]: readonly [number, number],
  turn: number,
  mirrored: boolean,
): PicturePlace['matrix'] {
  // Turned clockwise, the block's own top left comes to lie at the next corner of its place.
  const corner = (i: number) => outline[(i + turn) % 4]!;
  const [o, x, y] = mirrored ? [corner(1), corner(0), corner(2)] : [corner(0), corner(1), corner(3)];
  const [w, h] = [columns * PER_CELL, rows * PER_CELL];
  return [(x[0] - o[0]) / w, (x[1] - o[1]) / w, (y[0] - o[0]) / h, (y[1] - o[1]) / h, o[0], o[1]];
}

/** A point of a block's grid on the quilt. */
export const laidOnQuilt = ({ matrix: [a, b, c, d, e, f] }: PicturePlace, [x, y]: readonly [number, number]) =>
  [a * x + c * y + e, b * x + d * y + f] as const;

const COVER = RULE;

/** The same as an SVG file of that many inches or centimetres. What is covered is not in it at all. */
export function quiltSvg(picture: QuiltPicture, colourway: Colourway, unit: 'in' | 'cm', title: string): string {
  const { width, height, places, parts } = picture;
  const colour = (role: string) => colourway.fabrics.get(role)?.colour ?? WHITE;
  const round = (n: number) => String(Math.round(n * 1e5) / 1e5);
  const points = (all: readonly (readonly [number, number])[]) => all.map((p) => p.map(round).join(',')).join(' ');
  const escaped = title.replace(/[<>&"]/g, (c) => `&#${c.charCodeAt(0)};`);
  const line = round(Math.max(width, height) / 900);
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${round(width)}${unit}" height="${round(height)}${unit}" viewBox="0 0 ${round(width)} ${round(height)}">`,
    `<title>${escaped}</title>`,
    `<g stroke="${INK}" stroke-opacity=".35" stroke-width="${line}" stroke-linejoin="round">`,
    ...parts.map((p) => `<polygon points="${points(p.points)}" fill="${p.covered ? COVER : colour(p.role)}"/>`),
    ...places.map((place) =>
      !place.block || place.covered
        ? `<polygon points="${points(place.outline)}" fill="${COVER}"/>`
        : place.block.patches
            .map((p) => `<polygon points="${points(p.points.map((q) => laidOnQuilt(place, q)))}" fill="${colour(p.role)}"/>`)
            .join(''),
    ),
    '</g>',
    '</svg>',
    '',
  ].join('\n');
}
