/** Units on paper: those of one method together, what each is made of in a table, the steps once with their pictures. */
import { listed } from '../measure';
import { inWords } from './in-words';
import { plainWords, type PaperPicture, type PaperPiece, type PaperRow, type PaperStep, type Words } from './paper';
import type { SheetUnit } from './sheet-unit';
import { theCrossing, spinText } from './spinning';
import { words } from './words/unit-paper';

export const capital = (text: string) => text.slice(0, 1).toUpperCase() + text.slice(1);
const many = (n: number) => (n === 1 ? 'one' : String(n));

/** Units that are made by the same steps, but for their fabrics and the way they are pressed. */
export function alikeMade(units: readonly SheetUnit[]): SheetUnit[][] {
  const groups = new Map<string, SheetUnit[]>();
  for (const unit of units) {
    const twin = unit.mirrorOf ? units.find((u) => u.label === unit.mirrorOf) : undefined;
    const key = keyOf(twin ?? unit);
    groups.set(key, [...(groups.get(key) ?? []), unit]);
  }
  return [...groups.values()];
}

/** What is sewn from others, or taken, is told by itself. */
function keyOf(unit: SheetUnit): string {
  if (unit.pool || unit.steps.length === 0 || unit.making.endsWith(' parts')) return unit.label;
  const told = unit.steps.map((step) => (step.act === 'press' ? step.id : step.text));
  return [unit.making, unit.size, unit.caution, ...told].join('|');
}

/** 'U1: make 4', 'U1: make 4 and 4 mirrored' */
const titleOf = (unit: SheetUnit): string =>
  words.make3(unit.label, unit.make, unit.mirrorOf ? words.mirrored : '', unit.title);

/** What a unit is made of, before its steps; `several`: it stands in a table with others. */
function fromWords(unit: SheetUnit): string {
  if (unit.given >= unit.make && !unit.mirrorOf) return keptWords(unit);
  const left = unit.given > 0 ? `${keptWords(unit)} ` : '';
  if (unit.mirrorOf) return words.youHaveTheseAlreadyTheBatches(left, unit.mirrorOf);
  if (unit.yields === 1) return words.eachTakes(left, unit.from);
  const all = unit.batches === 1 && unit.yields === unit.make;
  const times = unit.batches === 1 ? '' : unit.batches === 2 ? words.doThisTwice : words.doThisTimes(inWords(unit.batches));
  const made = inWords(unit.yields);
  return words.make(left, capital(unit.from), !all ? made : unit.yields === 2 ? words.both : words.all(made), times);
}

function keptWords({ given }: SheetUnit): string {
  return words.ofThemReadyYouKeptFrom(capital(many(given)), given);
}

/** Units that are made from their pieces in the same way. `steps`: their steps, drawn; `pictures`: each of them finished, by label. */
export function madePieces(
  units: readonly SheetUnit[],
  { steps, pictures }: { steps: PaperPiece; pictures: ReadonlyMap<string, PaperPicture> },
): PaperPiece[] {
  const [first] = units as [SheetUnit];
  const caution: PaperPiece[] = first.caution ? [{ kind: 'text', tone: 'caution', text: first.caution }] : [];
  const over = units.flatMap((unit): PaperPiece[] => (unit.over ? [{ kind: 'text', text: unit.over }] : []));
  const ready = units.every((u) => u.given >= u.make && !u.mirrorOf);
  const heed = ready ? [] : caution;
  const told = ready ? [] : [steps];
  if (units.length === 1)
    return [
      { kind: 'heading', level: 3, text: `${titleOf(first)}, ${first.method}` },
      {
        kind: 'beside',
        pictures: [pictures.get(first.label)!],
        pieces: [{ kind: 'text', text: fromWords(first) }, ...heed, measureText(first)],
      },
      ...told,
      ...over,
    ];
  return [
    { kind: 'heading', level: 3, text: `${capital(first.title)}, ${first.method}` },
    unitRows(units, pictures),
    ...heed,
    ...told,
    measureText(first),
    ...over,
  ];
}

/** How wide and tall a picture in the table may be. Inches. */
const SMALL = 0.5;

/** Each unit of a group: its picture, how many, of which fabrics and cuts, and which way it is pressed. */
function unitRows(units: readonly SheetUnit[], pictures: ReadonlyMap<string, PaperPicture>): PaperPiece {
  const presses = new Set(units.map((u) => u.press));
  const pressed = presses.size > 1;
  return {
    kind: 'table',
    columns: [
      { name: words.unit, share: 1.1 },
      { name: '', share: 1.2 },
      { name: words.make2, right: true, share: 0.9 },
      { name: words.fabrics, share: 3 },
      { name: words.from, share: 4 },
      ...(pressed ? [{ name: words.pressing, share: 3 }] : []),
    ],
    groups: [
      units.map((unit): PaperRow => {
        const picture = pictures.get(unit.label);
        return {
          cells: [
            { text: [{ bold: unit.label }] },
            {
              text: '',
              ...(picture && { picture: { ...picture, wide: Math.min(SMALL, (SMALL * picture.width) / picture.height) } }),
            },
            { text: String(unit.make), numeral: true },
            {
              text: unit.mirrorOf
                ? words.mirroredOnes(listed(unit.roles.map((r) => r.name)))
                : listed(unit.roles.map((r) => r.name)),
            },
            { text: fromWords(unit) },
            ...(pressed ? [{ text: unit.press }] : []),
          ],
          said: `${titleOf(unit)}, ${listed(unit.roles.map((r) => r.name))}. ${fromWords(unit)}${pressed ? ` ${unit.press}` : ''}`,
        };
      }),
    ],
  };
}

/** How a group is pressed, where its units are not pressed alike: the table says it. */
export const pressInTable = (): string => words.pressInTable;

/** A unit that is sewn from others: each seam or row of seams a step, with a size to measure before the next. */
export function partPieces(
  unit: SheetUnit,
  {
    steps,
    rows,
    inTurn,
    spins,
    finished,
    back,
  }: {
    /** Of each seam or row of seams in order. */
    steps: readonly (readonly PaperStep[])[];
    /** How its pieces lie, row by row. */
    rows: string;
    /** Not all of them are pressed alike. */
    inTurn: boolean;
    spins: boolean;
    finished: PaperPicture;
    back?: PaperPicture;
  },
): PaperPiece[] {
  const alike = unit.make === 1 ? '' : inTurn ? words.pressedInTurn : words.allAlike;
  const told: PaperStep[] = [
    ...steps.flat(),
    ...(spins ? [{ spins: theCrossing(), text: spinText(theCrossing()), ...(back && { picture: back }) }] : []),
    ...unit.steps.map(({ text }) => ({ text, picture: finished })),
  ];
  told.push({ ...told.pop()!, check: measureWords(unit), ...(unit.checkpoint && { checkpoint: unit.checkpoint }) });
  const heading: PaperPiece = {
    kind: 'heading',
    level: 3,
    text: `${titleOf(unit)}${alike}${unit.image ? imageWords(unit, unit.image) : ''}`,
  };
  const takes = [words.eachTakes2(unit.from), rows].filter(Boolean).join(' ');
  const caution: PaperPiece[] = unit.caution ? [{ kind: 'text', tone: 'caution', text: unit.caution }] : [];
  const [only] = told;
  if (told.length === 1)
    return [
      heading,
      {
        kind: 'beside',
        pictures: [only!.picture!],
        pieces: [{ kind: 'text', text: `${takes} ${plainWords(only!.text)}` }, ...caution, measureText(unit)],
      },
    ];
  return [heading, { kind: 'text', text: takes }, ...caution, { kind: 'steps', steps: told }];
}

/** 'Take any 16 for each block', 'Take any 4'. */
function anyWords(make: number, blocks: number): string {
  const each = make / blocks;
  return blocks > 1 && Number.isInteger(each) ? words.takeAnyForEachBlock(many(each)) : words.takeAny(many(make));
}

/** A unit that is taken out of a pool. */
export function takenPieces(
  unit: SheetUnit,
  { name, madeWith }: NonNullable<SheetUnit['pool']>,
  { blocks, finished }: { blocks: number; finished: PaperPicture },
): PaperPiece[] {
  return [
    { kind: 'heading', level: 3, text: words.takeOfPool(unit.label, unit.make, unit.title, name) },
    {
      kind: 'beside',
      pictures: [finished],
      pieces: [
        {
          kind: 'text',
          text: words.chooseThemSoThatEqualFabrics(
            anyWords(unit.make, blocks),
            madeWith ? words.ofThoseThatYouBeganWith(madeWith) : '',
          ),
        },
        measureText(unit),
      ],
    },
  ];
}

type Measured = Pick<SheetUnit, 'size' | 'square' | 'along' | 'look' | 'checkpoint'>;

export const measureText = (unit: Measured): PaperPiece => ({
  ...{ kind: 'text', tone: 'check', text: measureWords(unit) },
  ...(unit.checkpoint && { checkpoint: unit.checkpoint }),
});

const measureWords = ({ size, square, along, look }: Measured): Words => [
  { bold: words.measure(size, square ? words.square : along ? ` ${along}` : '') },
  look.map((l) => `${capital(l)}.`).join(' '),
];

/** All units in a table, for somebody who knows how each is made. */
export const unitTable = (units: readonly SheetUnit[]): PaperPiece => ({
  kind: 'table',
  columns: [
    { name: words.unit, share: 1 },
    { name: words.make2, right: true, share: 1 },
    { name: words.whatAndHow, share: 5 },
    { name: words.from, share: 4 },
    { name: words.measures, right: true, share: 2.4 },
  ],
  groups: [
    units.map((u) => ({
      cells: [
        { text: [{ bold: u.label }] },
        { text: String(u.make) },
        {
          text: u.pool
            ? words.anyOfThem(u.title)
            : `${u.mirrorOf ? words.mirroredWith(u.title, u.mirrorOf) : `${u.title}, ${u.method}`}. ${u.press}`,
        },
        { text: u.pool ? words.poolNamed(u.pool.name) : u.batches > 1 ? `${u.batches} × ${u.from}` : u.from },
        { text: u.size, numeral: true },
      ],
    })),
  ],
});

const imageWords = ({ make }: SheetUnit, { of, prints }: NonNullable<SheetUnit['image']>) =>
  prints.length > 0 ? words.printLiesAnotherWay(make, of, listed(prints)) : words.inAMirror(make, of);
