/**
 * What measured sizes say of the seam (docs/craft.md, Seam diagnosis): if each of k seams takes d too much, a row comes out k·d short. Every reading is only as sure as the
 * ruler's marks, so each allows a range of d; what is said is what all ranges together allow, and what they do not.
 */
import { formatLength, ratio, type LengthUnit } from '../measure';

export interface Measured {
  /** 'row of four', 'A1'. */
  what: string;
  /** Seams across the side that was measured; 0 for a cut piece. */
  seams: number;
  /** In the programme's unit: as it should be, as it is, and as it was before pressing where that was noted. */
  expected: number;
  measured: number;
  before?: number;
}

export interface SeamDiagnosis {
  /** Whether every size is right within half a mark. */
  good: boolean;
  /** What each seam takes too much, least and most, where one amount explains every sewn size; negative where it takes too little. */
  each?: [number, number];
  /** What to be said, the most useful first. */
  says: string[];
}

/** Half of the finest mark that people read: a sixteenth, or a millimetre. */
const READING: Record<LengthUnit, number> = { in: 1 / 32, cm: 0.05 };

/** `seam` is the allowance to be sewn. */
export function diagnose(all: readonly Measured[], { seam, unit }: { seam: number; unit: LengthUnit }): SeamDiagnosis {
  const sure = READING[unit];
  const short = (m: Measured) => m.expected - m.measured;
  const right = (m: Measured) => Math.abs(short(m)) <= sure + DUST;
  if (all.length === 0) return { good: false, says: ['Nothing was measured yet.'] };
  const sewn = all.filter((m) => m.seams > 0);
  const cut = all.filter((m) => m.seams === 0);
  const wrongCut = cut.filter((m) => !right(m));
  const pressed = sewn.filter(
    (m) => m.before !== undefined && Math.abs(m.expected - m.before) <= sure + DUST && short(m) > sure + DUST,
  );
  const says: string[] = [];
  for (const m of wrongCut)
    says.push(
      `${m.what} was cut ${length(Math.abs(short(m)), unit)} too ${short(m) > 0 ? 'small' : 'large'}: look at the cut before the seam.`,
    );
  if (pressed.length > 0)
    says.push(
      `${named(pressed)} ${pressed.length === 1 ? 'was' : 'were'} right before pressing and small after: press the seam flat, with no ridge beside it, and measure again.`,
    );
  // A size that pressing spoiled says nothing of the seam; neither does one of a wrong cut.
  const tell = sewn.filter((m) => !pressed.includes(m));
  if (tell.length === 0) {
    if (all.every(right))
      says.push('Every piece is cut right, within half a mark. Nothing sewn was measured, so the seam is not known.');
    return { good: all.every(right), says };
  }
  const good = all.every(right);
  const each = meet(tell.map((m): [number, number] => [(short(m) - sure) / m.seams, (short(m) + sure) / m.seams]));
  const offset = meet(tell.map((m): [number, number] => [short(m) - sure, short(m) + sure]));
  const counts = new Set(tell.map((m) => m.seams));
  if (good) says.push('All correct, as near as a ruler can show. Don’t change a thing.');
  if (each && !good) {
    const [least, most] = each;
    if (least <= 0 && most >= 0) says.push('Your seam may be right: the difference is too small to tell.');
    else {
      const [near, far] = [Math.min(Math.abs(least), Math.abs(most)), Math.max(Math.abs(least), Math.abs(most))];
      says.push(
        `Your seam is ${range(seam + least / 2, seam + most / 2, unit)}, a little ${least > 0 ? 'wide' : 'narrow'}: each one ${least > 0 ? 'costs' : 'adds'} ${range(near, far, unit)}. Sew ${threads(near / 2, far / 2, unit)} ${least > 0 ? 'nearer the edge' : 'farther from the edge'}.`,
      );
      if (least > 0) says.push('Sew a scant seam, a thread’s width narrower, to allow for the fold.');
    }
  }
  if (!each && offset) {
    // They agree: as much off across few seams as across many.
    const [least, most] = offset;
    const [near, far] = [Math.min(Math.abs(least), Math.abs(most)), Math.max(Math.abs(least), Math.abs(most))];
    says.push(
      `All sizes are ${range(near, far, unit)} too ${least > 0 ? 'small' : 'large'}, across few seams as across many. That is a cut or a trim, not the seam: look at the ruler setting.`,
    );
  } else if (!each) {
    const far = tell.filter((m) => !right(m));
    says.push(
      `These sizes don’t fit one seam width: ${named(far)} ${far.length === 1 ? 'is the odd one' : 'are the odd ones'} out. Check for a miscut piece or a seam that wandered.`,
    );
  }
  if (!good && each && offset && counts.size === 1)
    says.push(
      `All were measured across ${[...counts][0]} ${[...counts][0] === 1 ? 'seam' : 'seams'}, so a wrong cut would look the same. Measure a row with more seams: if it is off by more, it is the seam.`,
    );
  else if (!good && each && offset && counts.size > 1)
    says.push('A cut that is off by the same everywhere would explain it as well; a longer row would tell the two apart.');
  else if (!good && each && !offset) says.push('The error grows with the number of seams, so it is the seam and not the cut.');
  if (!good && tell.length === 1) says.push('This is one measurement, which is weak: the range above is all that it allows.');
  return { good, ...(each && { each }), says };
}

/** Lengths closer than that are the same to any ruler. */
const DUST = 1e-9;

/** What all ranges have in common; undefined where there is nothing. */
function meet(ranges: readonly [number, number][]): [number, number] | undefined {
  const least = Math.max(...ranges.map(([a]) => a));
  const most = Math.min(...ranges.map(([, b]) => b));
  return least <= most + DUST ? [least, Math.max(least, most)] : undefined;
}

const named = (list: readonly Measured[]) => list.map((m) => m.what).join(', ');

/** To the nearest 32nd, or to a tenth of a millimetre: as fine as anybody reads a ruler. */
function length(value: number, unit: LengthUnit): string {
  const parts = Math.round(value * 32);
  return unit === 'in'
    ? parts === 0
      ? 'a thread'
      : `${formatLength(ratio(parts, 32), 'in')} in`
    : `${Math.round(value * 100) / 10} mm`;
}

function range(a: number, b: number, unit: LengthUnit): string {
  const [from, to] = [length(a, unit), length(b, unit)];
  return from === to ? `about ${from}` : `${from.replace(/ (in|mm)$/, '')} to ${to}`;
}

/** A thread of quilting cotton, and how far a needle moves by one position; as a machine's guide is moved. */
const THREAD: Record<LengthUnit, number> = { in: 1 / 64, cm: 0.04 };
const POSITION: Record<LengthUnit, number> = { in: 0.5 / 25.4, cm: 0.05 };

/** 'about 2 threads', '3 to 5 threads (2 to 4 needle positions)': a seam is moved by feel, not by a ruler. */
function threads(a: number, b: number, unit: LengthUnit): string {
  const counted = (step: number, name: string) => {
    const [from, to] = [Math.max(1, Math.round(a / step)), Math.max(1, Math.round(b / step))];
    return from === to ? `${from} ${from === 1 ? name : `${name}s`}` : `${from} to ${to} ${name}s`;
  };
  if (b < THREAD[unit] / 2) return 'less than a thread';
  return `${counted(THREAD[unit], 'thread')} (${counted(POSITION[unit], 'needle position')} of half a millimetre)`;
}

/** The sizes that came out wrong by more than half a mark, each as a line for the sheet's checkpoints. */
export function missedSizes(all: readonly Measured[], unit: LengthUnit): string[] {
  return all
    .filter((m) => Math.abs(m.expected - m.measured) > READING[unit] + DUST)
    .map((m) => {
      const off = length(Math.abs(m.expected - m.measured), unit);
      return `${m.what[0]!.toUpperCase()}${m.what.slice(1)} came out ${off} ${m.measured < m.expected ? 'small' : 'large'} in our test block. Check your seam allowance before you go on.`;
    });
}
