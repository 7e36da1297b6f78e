/**
 * Full-size templates: the finished shape plus the seam allowance all round, tips blunted, with a grain arrow (docs/craft.md, Templates). Any
 * angle may occur, so that this is arithmetic in decimals, good to a millionth; the cut rectangle around it is rounded up as all sizes.
 */
import type { Polygon } from '../../block';
import { Exact, ratio } from '../../measure';
import type { SewingStyle } from '../style';
import { because } from './reading';
import type { BatchCut, Template } from './unit-kind';
import { words } from './words/template-shape';

type P = readonly [number, number];

/** The template of an outline in ticks, clockwise as patches are kept. */
export function templateOf(points: Polygon, tick: Exact, style: SewingStyle): Template {
  const size = tick.toNumber();
  const sew = points.map(([x, y]): P => [x * size, y * size]);
  const cut = blunted(sew, style.seam.valueOf());
  const [x0, y0] = [Math.min(...cut.map((p) => p[0])), Math.min(...cut.map((p) => p[1]))];
  const shift = ([x, y]: P): P => [clean(x - x0), clean(y - y0)];
  return { sew: sew.map(shift), cut: cut.map(shift), grain: grainOf(sew) };
}

/** The rectangle that a template is cut from. */
export function templatePiece(role: string, template: Template, s: Exact, needs = 1): BatchCut {
  const [w, h] = [0, 1].map((axis) => upper(Math.max(...template.cut.map((p) => p[axis]!)))) as [Exact, Exact];
  const why = because(words.theShapeWithSAllRound, w, s);
  return { role, w, h, sub: 'none', needs, why, template };
}

/** Every edge moved out by s; a tip sharper than a right angle is cut off s beyond its point. */
function blunted(points: readonly P[], s: number): P[] {
  const n = points.length;
  return points.flatMap((p, i): P[] => {
    const [before, after] = [points[(i + n - 1) % n]!, points[(i + 1) % n]!];
    const [u, v] = [unit(before, p), unit(p, after)];
    // Outward is left of a clockwise edge on the screen.
    const [nu, nv]: [P, P] = [
      [u[1], -u[0]],
      [v[1], -v[0]],
    ];
    const turn = u[0] * v[1] - u[1] * v[0];
    const cos = u[0] * v[0] + u[1] * v[1];
    // Half the inner angle: its sine tells how far out the mitre reaches.
    const mitre: P = [nu[0] + nv[0], nu[1] + nv[1]];
    const scale = s / (1 + nu[0] * nv[0] + nu[1] * nv[1]);
    // A reflex corner, or one no sharper than a right angle, keeps its mitre.
    if (turn <= 0 || cos >= -1e-12) return [[p[0] + mitre[0] * scale, p[1] + mitre[1] * scale]];
    const length = Math.hypot(...mitre);
    const out: P = [mitre[0] / length, mitre[1] / length];
    const at = (edge: P, normal: P): P => {
      // Where the moved edge meets the line s beyond the point, square to the tip.
      const t = (s - s * (normal[0] * out[0] + normal[1] * out[1])) / (edge[0] * out[0] + edge[1] * out[1]);
      return [p[0] + normal[0] * s + edge[0] * t, p[1] + normal[1] * s + edge[1] * t];
    };
    return [at(u, nu), at(v, nv)];
  });
}

function unit(a: P, b: P): P {
  const length = Math.hypot(b[0] - a[0], b[1] - a[1]);
  return [(b[0] - a[0]) / length, (b[1] - a[1]) / length];
}

/** Along the longest edge that lies on the grid, where straight grain holds the block's edge; else level. */
function grainOf(points: readonly P[]): P {
  let best: P = [1, 0];
  let longest = 0;
  points.forEach((p, i) => {
    const q = points[(i + 1) % points.length]!;
    const [dx, dy] = [Math.abs(q[0] - p[0]), Math.abs(q[1] - p[1])];
    if (Math.min(dx, dy) > 1e-9 || dx + dy <= longest) return;
    [best, longest] = [dx > dy ? [1, 0] : [0, 1], dx + dy];
  });
  return best;
}

const clean = (x: number) => Math.round(x * 1e6) / 1e6;

/** A decimal as an exact number that is not smaller, but for a dust of less than a millionth. */
function upper(x: number): Exact {
  const near = Math.round(x * 1e6);
  return Exact.of(ratio(Math.abs(x * 1e6 - near) < 1e-2 ? near : Math.ceil(x * 1e6), 1_000_000));
}
