/** Units on a table, looked at in a picture that lies straight: what lies in each one's place. */
import type { Colour } from '../colours';
import { smoothed } from '../labels';
import { evened } from '../light';
import { labOf, type LabPicture, type Pixels } from '../pixels';
import type { Place } from '../seam-evidence';
import type { ExpectedUnit, Layout } from './expected';
import { meanLight, Palette, rimOf } from './palette';
import {
  candidatesFor,
  GROUND,
  isLike,
  LOOKS,
  lookOf,
  placeOf,
  rolesIn,
  SEAM,
  turned,
  type Candidate,
  type Lie,
  type Look,
} from './templates';

/** Why it cannot be told what lies in a place. */
type Unclear =
  | { kind: 'unclear'; why: 'dim' | 'covered' | 'strange' }
  | { kind: 'unclear'; why: 'alike'; fabrics: readonly [string, string] };

/** What lies in a unit's place. */
export type LayoutUnit = Lie | Unclear;

export const isAmiss = ({ kind }: LayoutUnit) => kind !== 'right';

/** How much of the layout is seen beyond its corners. */
export const BEYOND = 0.05;
/** Places to a side of the straight picture; more where patches would be smaller than so many places. */
const SIDE = 360;
const MOST_SIDE = 720;
const PATCH = 22;

/** Places to a side at which a layout is looked at. */
export function sideFor({ units, loose }: Layout): number {
  const areas = units.flatMap((u) => u.patches.map((p) => Math.abs(areaOf(p.points))));
  const small = Math.sqrt(Math.min(...areas)) / Math.max(...loose);
  return Math.min(MOST_SIDE, Math.max(SIDE, Math.round(PATCH / small)));
}
/** Units lie beside their places by so much of their size, and aslant by so many degrees, at most. */
const OFF = [-0.12, -0.06, 0, 0.06, 0.12];
const ASLANT = [-5, 0, 5];
/** Places to each side that run together, so that a small print is one colour. */
const PRINT = 2;
/** Spread of a fabric's colour to begin with, and within what it is taken afterwards. */
const SPREAD = 10;
const LEAST_SPREAD = 5;
const MOST_SPREAD = 16;
/** Nothing speaks louder against a fabric at one place (natural logarithm of how likely it is). */
const LOUDEST = 5;
/** Of places that lie so near each other so many count as one. */
const ALIKE = 8;
/** So much has to speak for an answer against any other. */
const SURE = 7;
/** So much has to speak for another side up than that in which the picture stands: more than one unit that lies wrong. */
const TURNED = 60;
/** What lies there is none of what was thought of: so much speaks against it at each place. */
const STRANGE = 2.2;
/** How a fabric as it is said to be weighs against what is seen, in places. */
const SAID = 30;
/** Fabrics nearer than this, and light below this (L*), are named as why nothing can be told. */
const NEAR = 14;
const DIM = 14;

export interface TableAnswer {
  /** By unit. */
  units: readonly LayoutUnit[];
  /** Rows, by number, that lie upside down as a whole. */
  upsideDown: readonly number[];
  /** How many quarters clockwise the whole is turned in the picture. */
  turned: number;
  /** How well all of it fits, at its best: 0 is perfectly. */
  score: number;
}

/** How the layout is thought to lie: turned by quarters, loose or sewn. */
interface Way {
  quarters: number;
  laid: 'loose' | 'sewn';
}

/** How well a look fits, and what is seen where it fits best. */
interface Fit {
  score: number;
  seen: Float32Array;
}

/** What lies in a place, and how that looks. */
interface Told {
  lie: LayoutUnit;
  look: Look;
}

/** `straight`: the layout as if it lay straight, and BEYOND of its size around it, square. */
export class Table {
  readonly roles: string[];
  readonly looks: Look[];
  readonly lab: LabPicture;
  #fabrics: Colour[];
  #ground: Colour;
  #spread = SPREAD;
  readonly #rows = new WeakMap<Look, Int32Array>();

  constructor(
    straight: Pixels,
    readonly layout: Layout,
    colours: ReadonlyMap<string, string>,
  ) {
    this.roles = rolesIn(layout);
    this.looks = layout.units.map((unit) => lookOf(unit, this.roles));
    const counts = this.roles.map((_, r) =>
      this.looks.reduce((sum, look, i) => sum + share(look, r) * layout.units[i]!.w * layout.units[i]!.h, 0),
    );
    const all = counts.reduce((sum, n) => sum + n, 0);
    const palette = new Palette(
      this.roles.map((role) => colours.get(role) ?? '#808080'),
      counts.map((n) => n / all),
    );
    const even = evened(labOf(straight));
    this.lab = { ...even, lab: smoothed(even, PRINT) };
    this.#fabrics = palette.lit(
      meanLight(
        straight,
        layout.units.map((unit) => middleOf(unit, layout)),
      ),
    );
    this.#ground = rimOf(this.lab);
  }

  answer(): TableAnswer {
    const way = this.#likeliestWay();
    const candidates = this.layout.units.map((_, i) => candidatesFor(this.layout, i, this.looks, this.roles));
    this.#learn(way, candidates);
    this.#learn(way, candidates);
    const fits = this.layout.units.map((_, i) => this.#weighed(i, way, candidates[i]!));
    const told = fits.map((all, i) => this.#told(all, candidates[i]!));
    const score = fits.reduce((sum, all) => sum + Math.max(...all.map((s) => s.score)), 0);
    return { ...this.#together(told), turned: way.quarters, score };
  }

  /** A single unit, or a single row, is taken to stand as its picture stands. */
  #likeliestWay(): Way {
    const apart = [0, 1].map((k) => this.layout.units.some(({ loose }, _, [first]) => !near(loose[k]!, first!.loose[k]!)));
    const all = apart.every(Boolean) ? [0, 1, 2, 3] : [0];
    const same = near(this.layout.loose[0], this.layout.sewn[0]) && near(this.layout.loose[1], this.layout.sewn[1]);
    let best: { way: Way; score: number } | undefined;
    for (const quarters of all)
      for (const laid of same ? (['loose'] as const) : (['loose', 'sewn'] as const)) {
        const way = { quarters, laid };
        let score = 0;
        for (const [i, look] of this.looks.entries()) score += this.#best(i, way, [look], [0])[0]!.score;
        if (!best || score > best.score + (quarters === best.way.quarters ? 0 : TURNED)) best = { way, score };
      }
    return best!.way;
  }

  /** For each look, how well it fits at its best, and where that is. */
  #best(unit: number, way: Way, looks: readonly Look[], aslant: readonly number[] = ASLANT): Fit[] {
    const best = looks.map(() => ({ score: -Infinity, seen: undefined as Float32Array | undefined }));
    const rows = looks.map((look) => this.#rowsOf(look));
    for (const dx of OFF)
      for (const dy of OFF)
        for (const degrees of aslant) {
          const seen = this.#seen(unit, way, [dx, dy], degrees);
          const against = this.#against(seen);
          for (let l = 0; l < rows.length; l += 1) {
            const at = rows[l]!;
            let score = 0;
            for (let s = 0; s < at.length; s += 1) score -= against[at[s]!]!;
            if (score > best[l]!.score) best[l] = { score, seen };
          }
        }
    return best.map(({ score, seen }) => ({ score: score / ALIKE, seen: seen! }));
  }

  /** The colours at a unit's places, three numbers each, where it lies so much off its place. */
  #seen(unit: number, { quarters, laid }: Way, [dx, dy]: Place, degrees: number): Float32Array {
    const { w, h, loose, sewn, slant = 0 } = this.layout.units[unit]!;
    const { allowance } = this.layout;
    const [wide, high] = laid === 'loose' ? this.layout.loose : this.layout.sewn;
    const [cx, cy] = laid === 'loose' ? loose : sewn;
    const [ow, oh] = [w + 2 * allowance, h + 2 * allowance];
    const turn = ((degrees + slant) * Math.PI) / 180;
    const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
    const seen = new Float32Array(LOOKS * LOOKS * 3);
    const side = this.lab.width;
    for (let j = 0; j < LOOKS; j += 1)
      for (let i = 0; i < LOOKS; i += 1) {
        const lx = (placeOf(i + 0.5) - 0.5) * w;
        const ly = (placeOf(j + 0.5) - 0.5) * h;
        let u = (cx + dx * ow + lx * cos - ly * sin) / wide;
        let v = (cy + dy * oh + lx * sin + ly * cos) / high;
        for (let k = 0; k < quarters; k += 1) [u, v] = [1 - v, u];
        const x = Math.max(0, Math.min(side - 1, Math.floor(((u + BEYOND) / (1 + 2 * BEYOND)) * side)));
        const y = Math.max(0, Math.min(side - 1, Math.floor(((v + BEYOND) / (1 + 2 * BEYOND)) * side)));
        const [from, at] = [(y * side + x) * 3, (j * LOOKS + i) * 3];
        for (let k = 0; k < 3; k += 1) seen[at + k] = this.lab.lab[from + k]!;
      }
    return seen;
  }

  /** Where what speaks against a look stands in `#against`, place by place. */
  #rowsOf(look: Look): Int32Array {
    const known = this.#rows.get(look);
    if (known) return known;
    const rowOf = (role: number) => (role === GROUND ? this.roles.length : role === SEAM ? this.roles.length + 1 : role);
    const rows = Int32Array.from(look, (role, s) => rowOf(role) * look.length + s);
    this.#rows.set(look, rows);
    return rows;
  }

  /** What speaks against each fabric, against the ground, and against all fabrics, at each place. */
  #against(seen: Float32Array): Float32Array {
    const places = LOOKS * LOOKS;
    const all = [...this.#fabrics, this.#ground];
    const against = new Float32Array((all.length + 1) * places);
    const under = 2 * this.#spread ** 2;
    const any = against.subarray(all.length * places).fill(LOUDEST);
    for (const [r, [l, a, b]] of all.entries())
      for (let s = 0; s < places; s += 1) {
        const far = (seen[3 * s]! - l) ** 2 + (seen[3 * s + 1]! - a) ** 2 + (seen[3 * s + 2]! - b) ** 2;
        const loud = Math.min(LOUDEST, far / under);
        against[r * places + s] = loud;
        if (r < this.#fabrics.length) any[s] = Math.min(any[s]!, loud);
      }
    return against;
  }

  #weighed(unit: number, way: Way, candidates: readonly Candidate[]) {
    return this.#best(
      unit,
      way,
      candidates.map((c) => c.look),
    );
  }

  /** How the fabrics look here, from what lies where as far as that is known. */
  #learn(way: Way, candidates: readonly Candidate[][]): void {
    const sums = this.#fabrics.map((colour) => ({ colour: colour.map((n) => n * SAID), n: SAID }));
    const far: number[] = [];
    for (const [i, all] of candidates.entries()) {
      const scores = this.#weighed(i, way, all);
      const best = scores.reduce((b, s, k) => (s.score > scores[b]!.score ? k : b), 0);
      const { look } = all[best]!;
      const { seen } = scores[best]!;
      for (let s = 0; s < look.length; s += 1) {
        if (look[s]! >= SEAM) continue;
        const [l, a, b] = [seen[3 * s]!, seen[3 * s + 1]!, seen[3 * s + 2]!];
        const own = this.#fabrics[look[s]!]!;
        const off = Math.hypot(l - own[0], a - own[1], b - own[2]);
        far.push(off);
        // What is farther off is a seam, a gap, or something else.
        if (off > 3 * this.#spread) continue;
        const sum = sums[look[s]!]!;
        sum.n += 1;
        [l, a, b].forEach((n, k) => (sum.colour[k]! += n));
      }
    }
    this.#fabrics = sums.map(({ colour, n }) => colour.map((c) => c / n) as unknown as Colour);
    if (far.length === 0) return;
    far.sort((a, b) => a - b);
    // Two thirds of a bell curve in three dimensions lie within 1.85 spreads.
    this.#spread = Math.max(LEAST_SPREAD, Math.min(MOST_SPREAD, far[Math.floor(far.length * 0.66)]! / 1.85));
  }

  #told(fits: readonly Fit[], candidates: readonly Candidate[]): Told {
    const order = [...candidates.keys()].sort((a, b) => fits[b]!.score - fits[a]!.score);
    const [first, second] = [order[0]!, order[1]!];
    const { lie, look } = candidates[first]!;
    const { score, seen } = fits[first]!;
    if ((-score * ALIKE) / (LOOKS * LOOKS) > STRANGE)
      return { lie: { kind: 'unclear', why: this.#isDim(seen) ? 'dim' : 'covered' }, look };
    // What lies right has to be told from all that is wrong; what lies wrong only from what is right.
    const rival = lie.kind === 'right' ? second : 0;
    if (score - fits[rival]!.score >= SURE) return { lie, look };
    return { lie: this.#unclear(look, candidates[rival]!.look, seen), look };
  }

  /** Why two looks cannot be told apart: the nearest two fabrics in which they differ, the light, or what lies over them. */
  #unclear(a: Look, b: Look, seen: Float32Array): Unclear {
    let nearest: { fabrics: readonly [string, string]; far: number } | undefined;
    for (let s = 0; s < a.length; s += 1) {
      const [r, q] = [a[s]!, b[s]!];
      if (r === q || r >= SEAM || q >= SEAM) continue;
      const [p, o] = [this.#fabrics[r]!, this.#fabrics[q]!];
      const far = Math.hypot(p[0] - o[0], p[1] - o[1], p[2] - o[2]);
      if (!nearest || far < nearest.far)
        nearest = { far, fabrics: r < q ? [this.roles[r]!, this.roles[q]!] : [this.roles[q]!, this.roles[r]!] };
    }
    if (this.#isDim(seen)) return { kind: 'unclear', why: 'dim' };
    if (nearest && nearest.far < NEAR) return { kind: 'unclear', why: 'alike', fabrics: nearest.fabrics };
    return { kind: 'unclear', why: 'covered' };
  }

  #isDim(seen: Float32Array): boolean {
    let sum = 0;
    for (let s = 0; s < seen.length; s += 3) sum += seen[s]!;
    return sum / (seen.length / 3) < DIM;
  }

  /** What belongs together: two units that have changed places, and rows that lie upside down as a whole. */
  #together(told: readonly Told[]): Pick<TableAnswer, 'units' | 'upsideDown'> {
    const lies = (at: number, look: Look) => told[at]!.lie.kind !== 'unclear' && isLike(told[at]!.look, look);
    const upsideDown = this.layout.rows.flatMap((row, r) => {
      const amiss = row.filter((i) => isAmiss(told[i]!.lie)).length;
      const over = row.every((i, k) => lies(i, turned(this.looks[row[row.length - 1 - k]!]!, 2)));
      return row.length > 1 && amiss > 1 && over ? [r] : [];
    });
    const units = told.map(({ lie }, i): LayoutUnit => {
      if (lie.kind !== 'other') return lie;
      const other = told.findIndex(
        (t, j) => j !== i && t.lie.kind === 'other' && lies(i, this.looks[j]!) && lies(j, this.looks[i]!),
      );
      return other < 0 ? lie : { kind: 'exchanged', with: other };
    });
    return { units, upsideDown };
  }
}

const near = (a: number, b: number) => Math.abs(a - b) < 1e-3;

const areaOf = (points: readonly Place[]): number =>
  points.reduce(
    (sum, [x, y], i) => sum + (x * points[(i + 1) % points.length]![1] - y * points[(i + 1) % points.length]![0]) / 2,
    0,
  );

/** The middle of a unit, which a turn leaves where it is, and no gap reaches: its box in the straight picture. */
function middleOf(
  { loose: [x, y], w, h, slant }: ExpectedUnit,
  { loose: [wide, high] }: Layout,
): [number, number, number, number] {
  const at = (n: number, of: number) => (n / of + BEYOND) / (1 + 2 * BEYOND);
  const share = slant ? MIDDLE * Math.SQRT1_2 : MIDDLE;
  const [dx, dy] = [(share / 2) * w, (share / 2) * h];
  return [at(x - dx, wide), at(y - dy, high), at(x + dx, wide), at(y + dy, high)];
}
const MIDDLE = 0.7;

/** How much of a unit's middle is of one fabric. */
function share(look: Look, role: number): number {
  const rim = Math.round(((1 - MIDDLE) / 2) * LOOKS);
  let [own, all] = [0, 0];
  for (let y = rim; y < LOOKS - rim; y += 1)
    for (let x = rim; x < LOOKS - rim; x += 1) {
      const r = look[y * LOOKS + x]!;
      if (r === SEAM) continue;
      all += 1;
      own += Number(r === role);
    }
  return own / Math.max(1, all);
}
