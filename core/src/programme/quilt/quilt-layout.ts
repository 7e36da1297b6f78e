/** The blocks of a quilt as they are laid out before they are set: what an eye holds a photograph against. */
import type { ExpectedUnit, Layout } from '../../eye';
import type { Programme, SizeOption } from '../document/document';
import { quiltOf } from './quilt';
import { laidOnQuilt, quiltPicture, type PicturePlace } from './quilt-picture';

type Place = readonly [number, number];

export interface QuiltLayout extends Layout {
  /** Whether these are all the blocks of the quilt. */
  whole: boolean;
}

/**
 * The blocks of the plain size or of a larger one: the whole quilt where all are in `out` (ids of months), else its rows from the top as far as they are; a quilt
 * on point only as a whole, since its rows end in points. Undefined where there is no setting, or no row yet. 'loose' is block to block, with nothing between them;
 * 'sewn' as they are set, without what goes round them. Throws PlanError.
 */
export function quiltLayout(programme: Programme, size?: SizeOption, out?: ReadonlySet<string>): QuiltLayout | undefined {
  const quilt = quiltOf(programme, size);
  if (!quilt) return undefined;
  const { places } = quiltPicture(quilt, programme);
  const there = ({ block, month }: PicturePlace) => block !== undefined && (!out || out.has(month.id));
  const at = new Map(quilt.top.places.map((place) => [place.at, place]));
  const aslant = Math.abs(places[0]!.outline[1]![1] - places[0]!.outline[0]![1]) > NEAR;
  const ofRow = (row: number) => places.filter((p) => at.get(p.at)!.row === row);
  const rows = [...new Set(places.map((p) => at.get(p.at)!.row))].sort((a, b) => a - b);
  const full = rows.findIndex((row) => !ofRow(row).every(there));
  const shown = full < 0 ? places : aslant ? [] : rows.slice(0, full).flatMap(ofRow);
  if (shown.length === 0) return undefined;

  const allowance = programme.house.seam.valueOf();
  const slant = aslant ? 45 : 0;
  const units = shown.map((place) => unitOf(place, slant));
  // Block to block, each with its allowances, along the blocks' own edges.
  const wide = Math.max(...units.map((u) => u.w)) + 2 * allowance;
  const high = Math.max(...units.map((u) => u.h)) + 2 * allowance;
  const loose = shown.map((place) => {
    const { column, row } = at.get(place.at)!;
    return turned([column * wide, row * high], slant);
  });
  const ways = { loose: placed(loose, units, slant, allowance), sewn: placed(shown.map(middleOf), units, slant, 0) };
  return {
    units: units.map((unit, i) => ({ ...unit, loose: ways.loose.at[i]!, sewn: ways.sewn.at[i]! })),
    rows: aslant
      ? []
      : rows.map((row) => [...shown.keys()].filter((i) => at.get(shown[i]!.at)!.row === row)).filter((r) => r.length),
    ...{ loose: ways.loose.size, sewn: ways.sewn.size, allowance, whole: full < 0 },
  };
}

const NEAR = 1e-6;

const turned = ([x, y]: Place, degrees: number): Place => {
  const [cos, sin] = [Math.cos((degrees * Math.PI) / 180), Math.sin((degrees * Math.PI) / 180)];
  return [x * cos - y * sin, x * sin + y * cos];
};

function middleOf({ outline }: PicturePlace): Place {
  const [x, y] = [0, 1].map((k) => outline.reduce((sum, p) => sum + p[k]!, 0) / outline.length) as [number, number];
  return [x, y];
}

/** A block as it stands in its place, turned back where the quilt is on point. */
function unitOf(place: PicturePlace, slant: number): Omit<ExpectedUnit, 'loose' | 'sewn'> {
  const middle = middleOf(place);
  const upright = (p: Place) => turned([p[0] - middle[0], p[1] - middle[1]], -slant);
  const corners = place.outline.map(upright);
  const [left, top] = [0, 1].map((k) => Math.min(...corners.map((c) => c[k]!))) as [number, number];
  const patches = place.block!.patches.map(({ role, points }) => ({
    role,
    points: points.map((p): Place => {
      const [x, y] = upright(laidOnQuilt(place, p));
      return [x - left, y - top];
    }),
  }));
  return { label: place.block!.name, name: '', w: -2 * left, h: -2 * top, patches, ...(slant && { slant }) };
}

/** Middles moved to where the whole begins, and how large it is. */
function placed(middles: readonly Place[], units: readonly { w: number; h: number }[], slant: number, allowance: number) {
  const reach = units.map(({ w, h }): Place => {
    const [a, b] = [w / 2 + allowance, h / 2 + allowance];
    const corners = [turned([a, b], slant), turned([a, -b], slant)];
    return [Math.max(...corners.map((c) => Math.abs(c[0]))), Math.max(...corners.map((c) => Math.abs(c[1])))];
  });
  const ends = (k: 0 | 1, side: 1 | -1) => middles.map((m, i) => m[k] + side * reach[i]![k]);
  const [x, y] = [Math.min(...ends(0, -1)), Math.min(...ends(1, -1))];
  const size: Place = [Math.max(...ends(0, 1)) - x, Math.max(...ends(1, 1)) - y];
  return { at: middles.map(([mx, my]): Place => [mx - x, my - y]), size };
}
