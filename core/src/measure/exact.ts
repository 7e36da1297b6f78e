/**
 * Exact numbers a + b·√2 with rational a and b: everything that 45-degree geometry needs.
 * Comparison and rounding never pass through a float, so a cut is never wrong by a hair.
 */
import Fraction from 'fraction.js';

export type Rational = Fraction;
type Ratio = number | bigint | string | Fraction;

/** A rational number from a whole number, a decimal, a "3/8" or numerator and denominator. */
export function ratio(n: Ratio, d?: number | bigint): Rational {
  return d === undefined ? new Fraction(n) : new Fraction(n as number, d as number);
}

const ZERO = ratio(0);
const TWO = ratio(2);

export class Exact {
  /** The value a + b·√2. */
  private constructor(
    readonly a: Rational,
    readonly b: Rational,
  ) {}

  /** a + b·√2 from rationals; b is 0 when left out. */
  static of(a: Ratio | Exact, b: Ratio = ZERO): Exact {
    if (a instanceof Exact) return a;
    return new Exact(ratio(a), ratio(b));
  }

  static readonly zero = Exact.of(0);
  static readonly root2 = Exact.of(0, 1);

  plus(other: Exact | Ratio): Exact {
    const o = Exact.of(other);
    return new Exact(this.a.add(o.a), this.b.add(o.b));
  }

  minus(other: Exact | Ratio): Exact {
    const o = Exact.of(other);
    return new Exact(this.a.sub(o.a), this.b.sub(o.b));
  }

  times(other: Exact | Ratio): Exact {
    const o = Exact.of(other);
    return new Exact(this.a.mul(o.a).add(this.b.mul(o.b).mul(TWO)), this.a.mul(o.b).add(this.b.mul(o.a)));
  }

  /** The quotient; a zero divisor throws a RangeError. */
  over(other: Exact | Ratio): Exact {
    const o = Exact.of(other);
    // 1/(a+b√2) = (a−b√2)/(a²−2b²); the norm is 0 for 0 alone, since √2 is irrational.
    const norm = o.a.mul(o.a).sub(o.b.mul(o.b).mul(TWO));
    if (norm.equals(ZERO)) throw new RangeError('division by zero');
    return this.times(new Exact(o.a.div(norm), o.b.neg().div(norm)));
  }

  /** −1, 0 or 1, decided by comparing squares where the two parts pull opposite ways. */
  sign(): -1 | 0 | 1 {
    const sa = this.a.compare(ZERO);
    const sb = this.b.compare(ZERO);
    if (sb === 0) return clampSign(sa);
    if (sa === 0 || sa > 0 === sb > 0) return clampSign(sb);
    const squares = this.a.mul(this.a).compare(this.b.mul(this.b).mul(TWO));
    return clampSign(squares > 0 ? sa : sb);
  }

  compare(other: Exact | Ratio): -1 | 0 | 1 {
    return this.minus(other).sign();
  }

  equals(other: Exact | Ratio): boolean {
    const o = Exact.of(other);
    return this.a.equals(o.a) && this.b.equals(o.b);
  }

  get isRational(): boolean {
    return this.b.equals(ZERO);
  }

  /** The rational value; an irrational one throws a RangeError, since it must be rounded first. */
  get rational(): Rational {
    if (!this.isRational) throw new RangeError(`${this} is not a rational number`);
    return this.a;
  }

  /** For pixels and statistics only, never for a cut. */
  toNumber(): number {
    return this.a.valueOf() + this.b.valueOf() * Math.SQRT2;
  }

  /** The smallest multiple of a positive `step` that is not less than this value. */
  ceilTo(step: Rational): Rational {
    if (step.compare(ZERO) <= 0) throw new RangeError('a rounding step must be more than zero');
    if (this.isRational) return this.a.div(step).ceil().mul(step);
    // The float only proposes a multiple; the exact comparison decides.
    let k = BigInt(Math.floor(this.toNumber() / step.valueOf()));
    while (this.compare(step.mul(k)) > 0) k += 1n;
    while (this.compare(step.mul(k - 1n)) <= 0) k -= 1n;
    return step.mul(k);
  }

  /** As a person writes it: '2 7/8', '12√2', '3 + 1/2√2'. */
  toString(): string {
    const root = (b: Rational) => `${b.equals(1) ? '' : b.toFraction(true)}√2`;
    if (this.isRational) return this.a.toFraction(true);
    if (this.a.equals(ZERO)) return this.b.compare(ZERO) < 0 ? `-${root(this.b.neg())}` : root(this.b);
    const minus = this.b.compare(ZERO) < 0;
    return `${this.a.toFraction(true)} ${minus ? '-' : '+'} ${root(minus ? this.b.neg() : this.b)}`;
  }
}

function clampSign(n: number): -1 | 0 | 1 {
  return n > 0 ? 1 : n < 0 ? -1 : 0;
}
