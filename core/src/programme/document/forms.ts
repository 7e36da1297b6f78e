/** The forms in which fabric comes (docs/craft.md, Fabric as it comes), and what of them can be used when the document does not say. */
import { ratio, type Rational, type LengthUnit } from '../../measure';
import { words } from './words';

/** In inches. A half yard and its parts lose half an inch of each raw edge to squaring; undefined: it must be measured. */
const usual: Record<string, { width?: string; length?: string; plural: string; one: string; yards?: number }> = {
  'half-yard': {
    length: '17.5',
    yards: 1 / 2,
    get one() {
      return words.halfYard;
    },
    get plural() {
      return words.halfYards;
    },
  },
  'fat-quarter': {
    width: '20.5',
    length: '17.5',
    yards: 1 / 4,
    get one() {
      return words.fatQuarter;
    },
    get plural() {
      return words.fatQuarters;
    },
  },
  'fat-eighth': {
    width: '20.5',
    length: '8.5',
    yards: 1 / 8,
    get one() {
      return words.fatEighth;
    },
    get plural() {
      return words.fatEighths;
    },
  },
  strip: {
    length: '2.5',
    get one() {
      return words.strip;
    },
    plural: 'strips',
  },
  'square-10': {
    width: '10',
    length: '10',
    get one() {
      return words.n10InSquare;
    },
    get plural() {
      return words.n10InSquares;
    },
  },
  'square-5': {
    width: '5',
    length: '5',
    get one() {
      return words.n5InSquare;
    },
    get plural() {
      return words.n5InSquares;
    },
  },
  panel: {
    get one() {
      return words.panel;
    },
    plural: 'panels',
  },
  scrap: {
    get one() {
      return words.piece;
    },
    plural: 'pieces',
  },
};

/** What so many pieces of a form are called. */
export function formName(form: string, count: number): string {
  const names = usual[form];
  return names ? (count === 1 ? names.one : names.plural) : form;
}

/** The usable width and length of a form in the document's unit; undefined where the house's width holds, or where it must be measured. */
export function usableSize(form: string, unit: LengthUnit): { width?: Rational; length?: Rational } {
  const names = usual[form];
  const inUnit = (inches: string | undefined) => inches && ratio(inches).mul(unit === 'in' ? 1 : ratio('2.54'));
  return { width: inUnit(names?.width) || undefined, length: inUnit(names?.length) || undefined };
}

/** How much of a yard one piece is, for its price; undefined where a form is not cut from yards. */
export const yardsOf = (form: string): number | undefined => usual[form]?.yards;
