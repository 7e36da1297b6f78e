/** Composes years off the page's own thread, and proves them. */
import { composeYears, NoYear, proveYear, type ComposedYear, type Kept, type Proof, type Wish } from '@aggrega/core/compose';
import { techniqueTitle } from '@aggrega/core/construction';
import { quiltOf, quiltPicture, quiltSvg, readProgramme, type ProgrammeFile } from '@aggrega/core/programme';
import { blockSvg } from '@aggrega/core/block';
import { formatLength, toRuler, type Exact } from '@aggrega/core/measure';
import { speak } from '@aggrega/core/words';
import { expose } from 'comlink';

export interface ComposeQuestion {
  base: ProgrammeFile;
  wish: Wish;
  kept?: Kept;
}

/** A month as it is shown: what is sewn, and what for. */
export interface OfferedMonth {
  id: string;
  name: string;
  /** Pictures as SVG, and how often each is made. */
  blocks: { name: string; make: number; picture: string }[];
  introduces?: string;
  practises: string[];
  minutes: number;
}

export interface OfferedYear {
  year: ComposedYear;
  /** Finished, as it is written. */
  size: { w: string; h: string };
  /** The quilt as SVG, by colourway. */
  pictures: { id: string; name: string; svg: string }[];
  months: OfferedMonth[];
}

let years: Generator<ComposedYear> | undefined;
let asked: ComposeQuestion | undefined;
const proofs = new Map<number, { year: ComposedYear; steps: ReturnType<typeof proveYear> }>();
let given = 0;

/** Takes a question; what was asked before is let go. */
function begin(question: ComposeQuestion): void {
  asked = question;
  years = composeYears(question.base, question.wish, question.kept);
  proofs.clear();
  given = 0;
}

/** The next year, why there is none, or nothing more. */
function next(): OfferedYear | { trouble: string } | undefined {
  try {
    const { value } = years!.next() as IteratorResult<ComposedYear, undefined>;
    if (!value) return undefined;
    proofs.set(given, { year: value, steps: proveYear(value, asked!.wish) });
    given += 1;
    return offered(value);
  } catch (error) {
    if (error instanceof NoYear) return { trouble: error.message };
    throw error;
  }
}

/** A step of the proof of the year with that number, from 0: how far it is, from 0 to 1, or the proof. */
function prove(number: number): number | Proof {
  const { done, value } = proofs.get(number)!.steps.next();
  return done ? value : value.done / value.of;
}

function offered(year: ComposedYear): OfferedYear {
  const read = readProgramme(year.file);
  if (!read.ok) throw new Error(read.errors[0]!.message);
  const { programme } = read;
  const quilt = quiltOf(programme)!;
  const picture = quiltPicture(quilt, programme);
  const { unit, title } = programme;
  const fabrics = programme.colourways[0]!.fabrics;
  const colours = new Map([...fabrics].map(([letter, fabric]) => [letter, fabric.colour]));
  const side = (length: Exact) => formatLength(toRuler(length, programme.house.rounding), unit);
  return {
    year,
    size: { w: side(quilt.top.w), h: side(quilt.top.h) },
    pictures: programme.colourways.map((c) => ({ id: c.id, name: c.name, svg: quiltSvg(picture, c, unit, title) })),
    months: programme.months.map(({ id, name, blocks }, i) => {
      const { introduces, practises, minutes } = year.lessons[i]!;
      return {
        ...{ id, name, minutes, practises: practises.map(techniqueTitle) },
        ...(introduces && { introduces: techniqueTitle(introduces) }),
        blocks: blocks.map(({ block, make }) => ({
          ...{ name: block.name, make, picture: blockSvg(block, { width: 1, height: 1, unit }, colours) },
        })),
      };
    }),
  };
}

const offers = { speak, begin, next, prove };
export type ComposeOffers = typeof offers;
expose(offers);
