/** Files for a computer-driven cutting machine: a mat each, one closed path for every piece, seam allowance included. */
import { PER_SQUARE, templateDrawing } from '../../construction';
import { DoesNotFit, planSheets } from '../../cutting';
import { formatLength } from '../../measure';
import { demandOf, type DemandRequest, type WantedPiece } from '../demand/demand';
import type { Fabric, Programme } from '../document/document';
import { PlanError } from '../document/plan-error';
import { INK } from '../../ink';

type Corner = readonly [x: number, y: number];

export interface CutterMat {
  fabric: Fabric;
  /** From 1, among the mats of its fabric. */
  number: number;
  /** How many sheets of cloth are cut so. */
  repeat: number;
  pieces: number;
  svg: string;
}

/**
 * Every mat of a month or more, fabric by fabric; sashing, borders and binding are cut with a ruler. Throws PlanError where a piece is larger than
 * the mat.
 */
export function cutterMats(programme: Programme, request: DemandRequest): CutterMat[] {
  const { mat } = programme.house;
  return demandOf(programme, { ...request, setting: 'none' }).flatMap(({ fabric, pieces }) => {
    // With the gap added to every piece and to the mat, pieces end up a gap apart.
    const spaced = pieces.map((p) => ({ ...p, w: p.w.add(mat.gap), h: p.h.add(mat.gap) }));
    const plan = attempt(programme, fabric, spaced);
    const byLabel = new Map(pieces.map((p) => [p.label, p]));
    return plan.sheets.map(({ repeat, rects }, i): CutterMat => {
      const paths = [...rects]
        .sort((a, b) => a.y.compare(b.y) || a.x.compare(b.x))
        .flatMap((rect) => {
          const piece = byLabel.get(rect.label)!;
          const turned = !rect.w.equals(piece.w.add(mat.gap));
          const [x, y] = [rect.x.valueOf(), rect.y.valueOf()];
          return outlines(piece, turned).map((outline) => ({
            label: rect.label,
            points: outline.map(([px, py]): Corner => [x + px, y + py]),
          }));
        });
      return { fabric, number: i + 1, repeat, pieces: paths.length, svg: matSvg(programme, fabric, i + 1, paths) };
    });
  });
}

function attempt(programme: Programme, fabric: Fabric, pieces: readonly WantedPiece[]) {
  const { mat } = programme.house;
  try {
    return planSheets(pieces, mat.width.add(mat.gap), mat.length.add(mat.gap));
  } catch (error) {
    if (!(error instanceof DoesNotFit)) throw error;
    const piece = pieces.find((p) => p.label === error.label)!;
    const write = (x: typeof piece.w) => formatLength(x, programme.unit);
    const message = `${error.label} (${fabric.name}, ${write(piece.w.sub(mat.gap))} by ${write(piece.h.sub(mat.gap))}) won’t fit the ${write(mat.width)} by ${write(mat.length)} ${programme.unit} mat. Cut it by hand, or choose a larger mat`;
    throw new PlanError([{ path: '/house/mat', message }]);
  }
}

/** The shapes that come out of one cut, from its upper left corner: itself, the triangles of its square, or its template. */
export function outlines({ cut, w, h }: Pick<WantedPiece, 'cut' | 'w' | 'h'>, turned = false): Corner[][] {
  const shapes = shapesOf(cut, w.valueOf(), h.valueOf());
  // A quarter turn, not a mirror image: what was right is below.
  return turned ? shapes.map((shape) => shape.map(([x, y]): Corner => [h.valueOf() - y, x])) : shapes;
}

function shapesOf(cut: WantedPiece['cut'], w: number, h: number): Corner[][] {
  const drawing = templateDrawing(cut);
  if (drawing) return [drawing.cut.map(([x, y]): Corner => [x, y])];
  const corners: Corner[] = [
    [0, 0],
    [w, 0],
    [w, h],
    [0, h],
  ];
  if (PER_SQUARE[cut.sub] === 1) return [corners];
  const [a, b, c, d] = corners as [Corner, Corner, Corner, Corner];
  if (PER_SQUARE[cut.sub] === 2)
    return [
      [a, b, d],
      [b, c, d],
    ];
  const middle: Corner = [w / 2, h / 2];
  return [
    [a, b, middle],
    [b, c, middle],
    [c, d, middle],
    [d, a, middle],
  ];
}

function matSvg(
  { house, unit }: Programme,
  fabric: Fabric,
  number: number,
  paths: { label: string; points: Corner[] }[],
): string {
  const [w, h] = [house.mat.width.valueOf(), house.mat.length.valueOf()];
  const text = (s: string) => s.replace(/[&<>"]/g, (c) => `&#${c.charCodeAt(0)};`);
  const round = (n: number) => Number(n.toFixed(5));
  const drawn = paths.map(
    ({ label, points }) => `  <path data-cut="${text(label)}" d="M${points.map((p) => p.map(round).join(' ')).join('L')}Z"/>`,
  );
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${round(w)}${unit}" height="${round(h)}${unit}" viewBox="0 0 ${round(w)} ${round(h)}" fill="none" stroke="${INK}" stroke-width="${round(w / 1000)}">`,
    `  <title>${text(`${fabric.name}, mat ${number}`)}</title>`,
    ...drawn,
    '</svg>',
    '',
  ].join('\n');
}
