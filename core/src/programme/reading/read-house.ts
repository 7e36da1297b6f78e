/** Reads the house style of a programme document: how it sews, cuts and buys. */
import type { Problem } from '../../block';
import { unitKinds } from '../../construction';
import { usualRates } from '../../cutting';
import { parseLength, ratio, usualStep, type Rational, type LengthUnit } from '../../measure';
import type { House, ProgrammeFile } from '../document/document';
import { lengthReader, type ReadLength, type Refuse } from './read-length';
import { words } from './words';

/** What a house does when the document does not say (docs/craft.md, Cut large and trim). */
export const DEFAULTS = {
  in: {
    seam: '1/4',
    rounding: '1/8',
    wof: '42',
    saleable: '9',
    mat: { width: '12', length: '24', gap: '1/8' },
    seamLimit: 2,
    sizeLimit: 400,
    boltLimit: 4000,
  },
  cm: {
    seam: '0.75',
    rounding: '0.1',
    wof: '106',
    saleable: '25',
    mat: { width: '30', length: '60', gap: '0.3' },
    seamLimit: 5,
    sizeLimit: 1000,
    boltLimit: 10_000,
  },
};

/** Kinds of units that can be cut large and trimmed. */
const LARGE = unitKinds.filter((kind) => kind.oversize);

type HouseFile = NonNullable<ProgrammeFile['house']>;

// What was read of a house style that nobody can change holds for every document with that very one (see frozen.ts).
const known = { in: new WeakMap<HouseFile, House>(), cm: new WeakMap<HouseFile, House>() };
const NO_HOUSE: HouseFile = Object.freeze({});

/** The house style of a document; what is wrong with it joins the errors. */
export function houseOf({ house = NO_HOUSE }: ProgrammeFile, unit: LengthUnit, errors: Problem[]): House {
  const found = known[unit].get(house);
  if (found) return found;
  const before = errors.length;
  const refuse = (path: string, message: string) => void errors.push({ path, message });
  const read = readHouse(house, unit, lengthReader(unit, refuse), refuse);
  if (errors.length === before && Object.isFrozen(house)) known[unit].set(house, read);
  return read;
}

function readHouse(house: HouseFile, unit: LengthUnit, length: ReadLength, refuse: Refuse): House {
  const standard = DEFAULTS[unit];
  const field = (name: 'seam' | 'rounding' | 'wof', limit: number) =>
    length(house[name], `/house/${name}`, { fallback: standard[name], limit });
  const oversize: Record<string, Rational> = {};
  for (const kind of Object.keys(house.oversize ?? {}))
    if (!LARGE.some((large) => large.kind === kind))
      refuse(`/house/oversize/${kind}`, words.unitsOfThatKindAreNot(LARGE.map((large) => large.kind).join(', ')));
  for (const { kind, oversize: usual } of LARGE)
    oversize[kind] = length(house.oversize?.[kind], `/house/oversize/${kind}`, {
      zero: true,
      fallback: usual![unit],
      limit: standard.seamLimit * 2,
    });
  const seam = field('seam', standard.seamLimit);
  refuseTwoSquares(house.methods, seam, unit, '/house/methods', refuse);
  const rounding = field('rounding', standard.seamLimit);
  const soldBy = house.soldBy ?? (unit === 'in' ? 'yd' : 'm');
  const step = { fallback: usualStep({ soldBy }), limit: standard.sizeLimit };
  if (rounding.compare(parseLength('1/64', unit)) < 0) refuse('/house/rounding', words.noRulerShowsStepsAsSmall);
  return {
    unit,
    seam,
    rounding,
    wof: field('wof', standard.sizeLimit),
    sizing: house.sizing ?? 'exact',
    pressing: house.pressing ?? 'nest',
    ...(house.trimming && { trimming: house.trimming }),
    ...(house.corners && { corners: house.corners }),
    oversize,
    methods: { ...house.methods },
    dies: (house.dies ?? []).map(({ kind, units, ...die }, i) => {
      const side = (name: 'finished' | 'width' | 'length') =>
        length(die[name], `/house/dies/${i}/${name}`, { limit: standard.sizeLimit });
      return { kind, units, finished: side('finished'), width: side('width'), length: side('length') };
    }),
    allowance: length(house.allowance, '/house/allowance', { zero: true, fallback: '0', limit: standard.sizeLimit }),
    shrinkage: ratio(String(house.shrinkage ?? 0)),
    soldBy,
    sellingStep: length(house.sellingStep, '/house/sellingStep', step),
    layers: house.layers ?? 4,
    saleable: length(house.saleable, '/house/saleable', { fallback: standard.saleable, limit: standard.sizeLimit }),
    rates: { ...usualRates, ...house.rates },
    mat: {
      width: length(house.mat?.width, '/house/mat/width', { fallback: standard.mat.width, limit: standard.sizeLimit }),
      length: length(house.mat?.length, '/house/mat/length', { fallback: standard.mat.length, limit: standard.sizeLimit }),
      gap: length(house.mat?.gap, '/house/mat/gap', { zero: true, fallback: standard.mat.gap, limit: standard.seamLimit }),
    },
  };
}

/** The large squares of that method are sized for a seam of 1/4 in alone (docs/craft.md, Flying geese). */
export function refuseTwoSquares(
  methods: Record<string, string> | undefined,
  seam: Rational,
  unit: LengthUnit,
  path: string,
  refuse: Refuse,
): void {
  if (methods?.geese === 'two-squares' && (unit !== 'in' || !seam.equals(0.25)))
    refuse(`${path}/geese`, words.twoLargeSquaresAreMadeFor);
}
