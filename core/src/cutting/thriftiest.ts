/**
 * The plan that takes the least cloth. Three parts: the linear program over strip patterns says what an endless demand of this
 * mixture would be cut from, and what each piece is worth; whole strips of it are taken as they are; what is then left, a kit or so, is
 * searched strip by strip for the end that wastes least. Anytime: each plan yielded is shorter than the one before. No chance
 * and no clock in it, so the same demand always gives the same plans.
 */
import { EndSearch } from './end-search';
import { exactPlan } from './exact';
import { Master } from './master';
import { givenBy, lengthOf, together, waysOf, type Column, type Abreast, type Pattern } from './pattern';
import type { SizedPieces } from './pieces';
import { Pricer } from './pricer';

interface Strip {
  cost: number;
  gives: Float64Array;
  columns: Column[];
}

/** How much is tried. */
interface Effort {
  /** Strip lengths that are priced, and that the search of the end tries. */
  priced: number;
  searched: number;
  /** The longest strip, in longest pieces; none: as long as the ruler reaches. */
  reach?: number;
  /** Rounds of pricing. */
  rounds: number;
  /** Half-finished plans that are followed side by side, and at how many points of the way they are compared. */
  beam: number;
  stops: number;
}

const QUICK: Effort = { priced: 20, searched: 16, reach: 1.5, rounds: 3, beam: 1, stops: 4 };
const LONG: Effort = { priced: 100, searched: 40, rounds: 200, beam: 2, stops: 12 };
const LONGER: Effort = { ...LONG, beam: 4, stops: 18 };

/** A strip that is worth no more than this above its cloth is not pursued. */
const PAYS = 5e-4;

/** Cells that a table of stacks has at most, where the pieces allow: on a finer ruler strips reach less far. */
const TABLE = 300_000;

/** How long a strip is: up to a ruler's reach unless a piece is longer; or always as long as a sheet, which pieces may not exceed. */
export type Stock = { ruler: number } | { sheet: number };

/** One fabric's mixture of sizes: what is learnt of it serves every head count. */
export class Mixture {
  private readonly index: Map<SizedPieces, number>;
  /** Strips that paid at some time. */
  private readonly known: Strip[] = [];
  private readonly pricers = new Map<Effort['priced'], Pricer>();
  private readonly ends = new Map<Effort['searched'], EndSearch>();
  /** Whether pricing found nothing more. */
  private settled = false;

  /** `width`, and how long a strip may be, in ticks. */
  constructor(
    private readonly sizes: readonly SizedPieces[],
    private readonly width: number,
    private readonly stock: Stock,
  ) {
    this.index = new Map(sizes.map((s, i) => [s, i]));
  }

  /** Better and better plans for so many of each size, in the order of the sizes; none is shorter than `bound`, in ticks. */
  *plans(demand: readonly number[], bound = 0): Generator<Pattern[]> {
    let shortest = Infinity;
    for (const plan of this.searched(demand)) {
      shortest = lengthOf(plan);
      yield plan;
    }
    // Unless nothing shorter is possible, a kit's few pieces are shared out in every way there is.
    const exact = 'ruler' in this.stock && shortest > bound ? this.exact(demand) : undefined;
    if (exact && lengthOf(exact) < shortest) yield exact;
  }

  private exact(demand: readonly number[]): Pattern[] | undefined {
    const found = exactPlan(
      this.sizes.map((s) => this.lies().filter((l) => l.size === s)),
      demand,
      this.width,
      this.longest(undefined),
    );
    return found && together(found);
  }

  private *searched(demand: readonly number[]): Generator<Pattern[]> {
    let shortest = Infinity;
    for (const effort of [QUICK, LONG, LONGER]) {
      const master = this.settle(demand, effort);
      let { whole, left } = this.wholeStrips(demand, master);
      if (effort === LONGER) {
        // Where whole strips make up nearly all, a longer search of the end is not worth its time; else all of it is searched.
        if (lengthOf(whole) > 4 * (master.cost - lengthOf(whole))) return;
        [whole, left] = [[], Int32Array.from(demand)];
      }
      const end = this.end(effort).search(left, this.prices(master), effort, shortest - lengthOf(whole));
      if (!end) continue;
      const plan = together([...whole, ...end]);
      shortest = lengthOf(plan);
      yield plan;
    }
  }

  /** Plans that are searched as a whole, without strips of the linear program: for a few kits. With mixed columns, and with plain ones. */
  together(demand: readonly number[]): Pattern[][] {
    const prices = this.prices(this.settle(demand, LONG));
    return [false, true].flatMap((plain) => {
      const found = this.end(LONG).search(Int32Array.from(demand), prices, { ...LONGER, plain }, Infinity);
      return found ? [together(found)] : [];
    });
  }

  /** Lets go of the tables; what was learnt stays. */
  rest(): void {
    this.pricers.clear();
    this.ends.clear();
  }

  /** The linear program, solved as far as the effort goes. */
  private settle(demand: readonly number[], { priced, rounds, reach }: Effort): Master<Strip> {
    const master = new Master<Strip>(
      demand,
      this.sizes.map((s) => this.alone(s)),
    );
    // What paid for another head count mostly pays for this one.
    for (let paid = true; paid;) paid = this.known.filter((strip) => master.enter(strip)).length > 0;
    for (let round = 0; round < rounds && !this.settled; round += 1) {
      const pricer = this.pricer(priced, reach);
      const offers = pricer
        .price((lie) => master.prices[this.index.get(lie.size)!]!)
        .filter((o) => o.worth > o.length * (1 + PAYS))
        .sort((a, b) => b.worth / b.length - a.worth / a.length)
        .slice(0, 30);
      if (offers.length === 0) {
        if (priced === LONG.priced) this.settled = true;
        break;
      }
      for (const offer of offers) {
        const strip = this.strip(pricer.columns(offer), offer.length);
        if (master.enter(strip)) this.known.push(strip);
      }
    }
    return master;
  }

  private pricer(priced: number, reach: number | undefined): Pricer {
    const pricer = this.pricers.get(priced) ?? new Pricer(this.lies(), this.width, this.lengths(priced, reach));
    this.pricers.set(priced, pricer);
    return pricer;
  }

  private end({ searched, reach }: Effort): EndSearch {
    const end =
      this.ends.get(searched) ??
      new EndSearch(this.sizes, this.lies(), this.width, this.lengths(searched, reach), this.longest(reach));
    this.ends.set(searched, end);
    return end;
  }

  private longest(reach: number | undefined): number {
    if ('sheet' in this.stock) return this.stock.sheet;
    const longest = Math.max(...this.lies().map((l) => l.h));
    const far = Math.max(longest, Math.min(this.stock.ruler, Math.floor(TABLE / this.width)));
    return reach === undefined ? far : Math.min(far, Math.ceil(reach * longest));
  }

  /** Lengths worth a strip: those of pieces, of two over each other, of three and so on while there are not too many. */
  private lengths(most: number, reach: number | undefined): number[] {
    if ('sheet' in this.stock) return [this.stock.sheet];
    const heights = [...new Set(this.lies().map((l) => l.h))].sort((a, b) => a - b);
    const longest = this.longest(reach);
    const found = new Set(heights);
    let sums = heights;
    while (found.size < most && sums.length > 0) {
      sums = [...new Set(sums.flatMap((a) => heights.map((b) => a + b)))].filter((s) => s <= longest && !found.has(s));
      sums.sort((a, b) => a - b);
      for (const s of sums) if (found.size < most) found.add(s);
    }
    return [...found].sort((a, b) => a - b);
  }

  /** How the pieces may lie. */
  private lies(): Abreast[] {
    const { stock, width } = this;
    return this.sizes.flatMap((s) => waysOf(s, width)).filter((l) => 'ruler' in stock || l.h <= stock.sheet);
  }

  /** A strip of one size only, the better way up. */
  private alone(size: SizedPieces): Strip {
    const perPiece = (l: Abreast) => l.h / Math.floor(this.width / l.w);
    const lie = this.lies()
      .filter((l) => l.size === size)
      .reduce((a, b) => (perPiece(b) < perPiece(a) ? b : a));
    const column: Column = { w: lie.w, rows: [{ h: lie.h, pieces: [lie] }] };
    return this.strip(
      new Array<Column>(Math.floor(this.width / lie.w)).fill(column),
      'sheet' in this.stock ? this.stock.sheet : lie.h,
    );
  }

  private strip(columns: Column[], length: number): Strip {
    const gives = new Float64Array(this.sizes.length);
    for (const [size, n] of givenBy(columns)) gives[this.index.get(size)!] = n;
    return { cost: length, gives, columns };
  }

  /** The whole strips of the linear program, and what of the demand they leave. */
  private wholeStrips(demand: readonly number[], master: Master<Strip>): { whole: Pattern[]; left: Int32Array } {
    const left = Int32Array.from(demand);
    const whole: Pattern[] = [];
    master.basis.forEach((strip, i) => {
      const repeat = Math.floor(master.amounts[i]! + 1e-6);
      // The program may give more than is asked; such a strip is left to the search.
      if (!strip || repeat === 0 || strip.gives.some((n, j) => n * repeat > left[j]!)) return;
      strip.gives.forEach((n, j) => (left[j] = left[j]! - n * repeat));
      whole.push({ length: strip.cost, repeat, columns: strip.columns });
    });
    return { whole, left };
  }

  /** What a piece is worth in the end: nothing is quite free, or it would never be cut. */
  private prices(master: Master<Strip>): Float64Array {
    return Float64Array.from(this.sizes, (s, i) => Math.max(master.prices[i]!, (0.5 * s.w * s.h) / this.width));
  }
}
