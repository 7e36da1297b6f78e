/**
 * What measured sizes say of the seam (docs/craft.md, Seam diagnosis): if each of k seams takes d too much, a row comes out k·d short. Every reading is only as sure as the
 * ruler's marks, so each allows a range of d; what is said is what all ranges together allow, and what they do not.
 */
import { formatLength, ratio, type LengthUnit } from '../measure';
import { words } from './words';

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
  if (all.length === 0) return { good: false, says: [words.nothingWasMeasuredYet] };
  const sewn = all.filter((m) => m.seams > 0);
  const cut = all.filter((m) => m.seams === 0);
  const wrongCut = cut.filter((m) => !right(m));
  const pressed = sewn.filter(
    (m) => m.before !== undefined && Math.abs(m.expected - m.before) <= sure + DUST && short(m) > sure + DUST,
  );
  const says: string[] = [];
  for (const m of wrongCut)
    says.push(words.wasCutTooLookAtThe(m.what, length(Math.abs(short(m)), unit), short(m) > 0 ? words.small : words.large));
  if (pressed.length > 0) says.push(words.rightBeforePressingAndSmallAfter(named(pressed), pressed.length));
  // A size that pressing spoiled says nothing of the seam; neither does one of a wrong cut.
  const tell = sewn.filter((m) => !pressed.includes(m));
  if (tell.length === 0) {
    if (all.every(right)) says.push(words.everyPieceIsCutRightWithin);
    return { good: all.every(right), says };
  }
  const good = all.every(right);
  const each = meet(tell.map((m): [number, number] => [(short(m) - sure) / m.seams, (short(m) + sure) / m.seams]));
  const offset = meet(tell.map((m): [number, number] => [short(m) - sure, short(m) + sure]));
  const counts = new Set(tell.map((m) => m.seams));
  if (good) says.push(words.allCorrectAsNearAsA);
  if (each && !good) {
    const [least, most] = each;
    if (least <= 0 && most >= 0) says.push(words.yourSeamMayBeRightThe);
    else {
      const [near, far] = [Math.min(Math.abs(least), Math.abs(most)), Math.max(Math.abs(least), Math.abs(most))];
      says.push(
        words.yourSeamIsALittleEach(
          range(seam + least / 2, seam + most / 2, unit),
          least > 0 ? words.wide : words.narrow,
          least > 0 ? words.costs : words.adds,
          range(near, far, unit),
          threads(near / 2, far / 2, unit),
          least > 0 ? words.nearerTheEdge : words.fartherFromTheEdge,
        ),
      );
      if (least > 0) says.push(words.sewAScantSeamAThreads);
    }
  }
  if (!each && offset) {
    // They agree: as much off across few seams as across many.
    const [least, most] = offset;
    const [near, far] = [Math.min(Math.abs(least), Math.abs(most)), Math.max(Math.abs(least), Math.abs(most))];
    says.push(words.allSizesAreTooAcrossFew(range(near, far, unit), least > 0 ? words.small : words.large));
  } else if (!each) {
    const far = tell.filter((m) => !right(m));
    says.push(words.theseSizesDontFitOneSeam(named(far), far.length));
  }
  if (!good && each && offset && counts.size === 1) says.push(words.allWereMeasuredAcrossSoA([...counts][0]!));
  else if (!good && each && offset && counts.size > 1) says.push(words.aCutThatIsOffBy);
  else if (!good && each && !offset) says.push(words.theErrorGrowsWithTheNumber);
  if (!good && tell.length === 1) says.push(words.thisIsOneMeasurementWhichIs);
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

/** To the nearest 32nd, or to a tenth of a millimetre: as fine as anybody reads a ruler; with its unit. */
export const readable = (value: number, unit: LengthUnit): string =>
  // Millimetres are for what is off, not for what is measured.
  unit === 'in' || value < 1 ? length(value, unit) : words.inCm(String(Math.round(value * 100) / 100));

function length(value: number, unit: LengthUnit): string {
  const parts = Math.round(value * 32);
  return unit === 'in' ? (parts === 0 ? words.aThread : words.inWords(bare(value, unit))) : words.mm(bare(value, unit));
}

const bare = (value: number, unit: LengthUnit): string =>
  unit === 'in' ? formatLength(ratio(Math.round(value * 32), 32), 'in') : String(Math.round(value * 100) / 10);

function range(a: number, b: number, unit: LengthUnit): string {
  const [from, to] = [length(a, unit), length(b, unit)];
  return from === to ? words.about(from) : words.toWords(length(a, unit) === words.aThread ? from : bare(a, unit), to);
}

/** A thread of quilting cotton, and how far a needle moves by one position; as a machine's guide is moved. */
const THREAD: Record<LengthUnit, number> = { in: 1 / 64, cm: 0.04 };
const POSITION: Record<LengthUnit, number> = { in: 0.5 / 25.4, cm: 0.05 };

/** 'about 2 threads', '3 to 5 threads (2 to 4 needle positions)': a seam is moved by feel, not by a ruler. */
function threads(a: number, b: number, unit: LengthUnit): string {
  const counted = (step: number, many: typeof words.threads) => {
    const [from, to] = [Math.max(1, Math.round(a / step)), Math.max(1, Math.round(b / step))];
    return many(to, from === to ? String(from) : words.toWords(from, to));
  };
  if (b < THREAD[unit] / 2) return words.lessThanAThread;
  return words.ofHalfAMillimetre(counted(THREAD[unit], words.threads), counted(POSITION[unit], words.needlePositions));
}

/** The sizes that came out wrong by more than half a mark, each as a line for the sheet's checkpoints. */
export function missedSizes(all: readonly Measured[], unit: LengthUnit): string[] {
  return all
    .filter((m) => Math.abs(m.expected - m.measured) > READING[unit] + DUST)
    .map((m) => {
      const off = length(Math.abs(m.expected - m.measured), unit);
      return words.cameOutInOurTestBlock(
        m.what[0]!.toUpperCase(),
        m.what.slice(1),
        off,
        m.measured < m.expected ? words.small : words.large,
      );
    });
}
