/** compose FILE: whole years in the place of a document without blocks, each with its proof. */
import {
  composeYears,
  givings,
  NoYear,
  proveYear,
  quiltSizes,
  type ComposedYear,
  type Giving,
  type Proof,
  type Wish,
} from '@aggrega/core/compose';
import { skills, techniques, type Skill, type Technique } from '@aggrega/core/construction';
import { LengthError, parseLength } from '@aggrega/core/measure';
import { PlanError } from '@aggrega/core/programme';
import type { Verb } from '../main';
import { readOptions, underWay, UsageError } from '../usage';
import { words as said } from '../words';

const NAMES = ['block', 'quilt', 'from', 'to', 'teach', 'giving', 'fat-quarters', 'hours', 'price', 'seed', 'years'] as const;

export const compose: Verb = ({ file, programme }, given) => {
  const options = readOptions(given, NAMES, ['finishing', 'mystery']);
  const number = (name: (typeof NAMES)[number], usual: number) => {
    const typed = options[name];
    if (typed === undefined) return usual;
    if (!/^\d+(\.\d+)?$/.test(typed) || Number(typed) <= 0) throw new UsageError(said.isNoNumber(name, typed));
    return Number(typed);
  };
  const oneOf = <T extends string | number>(name: (typeof NAMES)[number], all: readonly T[], usual: T): T => {
    const typed = options[name];
    if (typed === undefined) return usual;
    const found = all.find((one) => String(one) === typed);
    if (found === undefined) throw new UsageError(said.isNoneOf(name, typed, all.join(', ')));
    return found;
  };
  const { unit } = programme;
  const refuse = (path: string, message: string) => new PlanError([{ path, message }]);
  if (file.blocks.length > 0) throw refuse('/blocks', said.composeTakesNoBlocks);
  if (programme.months.length < 2 || programme.colourways.length === 0) throw refuse('/months', said.composeNeedsMonths);
  const quilt = quiltSizes.find((s) => s.id === (options.quilt ?? 'lap'))?.[unit] ?? sides(options.quilt!, unit);
  const from = oneOf<Skill>('from', skills, 1);
  const ids = techniques.map((t) => t.id);
  const teach = (options.teach ?? '').split(',').filter(Boolean);
  for (const one of teach)
    if (!ids.includes(one as Technique)) throw new UsageError(said.isNoneOf('teach', one, ids.join(', ')));
  const wish: Wish = {
    ...{ block: options.block ?? (unit === 'in' ? '12' : '30'), quilt: { width: quilt[0], height: quilt[1] } },
    ...{ skill: { from, to: oneOf<Skill>('to', skills, Math.max(3, from) as Skill) }, teach: teach as Technique[] },
    ...{ finishing: options.finishing ?? false, giving: oneOf<Giving>('giving', givings, 'yardage') },
    ...{ fatQuarters: number('fat-quarters', 12), hours: number('hours', 4), mystery: options.mystery ?? false },
    ...{ seed: number('seed', 1), ...(options.price !== undefined && { pricePerYard: number('price', 0) }) },
  };
  const most = number('years', 1);
  const years: (ComposedYear & { proof: Proof })[] = [];
  try {
    for (const year of composeYears(file, wish)) {
      underWay(said.checkingAYear(years.length + 1));
      years.push({ ...year, proof: proofOf(year, wish) });
      if (years.length >= most) break;
    }
  } catch (error) {
    if (error instanceof NoYear || error instanceof LengthError) throw refuse('', error.message);
    throw error;
  }
  return { years };
};

/** '50x64' */
function sides(typed: string, unit: 'in' | 'cm'): readonly [number, number] {
  const [width, height, more] = typed.split('x');
  try {
    if (!width || !height || more !== undefined) throw new LengthError(typed);
    return [parseLength(width, unit).valueOf(), parseLength(height, unit).valueOf()];
  } catch {
    throw new UsageError(said.isNoneOf('quilt', typed, [...quiltSizes.map((s) => s.id), '50x64'].join(', ')));
  }
}

function proofOf(year: ComposedYear, wish: Wish): Proof {
  const steps = proveYear(year, wish);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}
