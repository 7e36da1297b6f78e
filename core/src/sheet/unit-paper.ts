/** Units on paper: those of one method together, what each is made of in a table, the steps once with their pictures. */
import { listed } from '../measure';
import { inWords } from './in-words';
import { plainWords, type PaperPicture, type PaperPiece, type PaperRow, type PaperStep, type Words } from './paper';
import type { SheetUnit } from './sheet-unit';
import { CROSSING, spinText } from './spinning';

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
  `${unit.label}: make ${unit.make} ${unit.mirrorOf ? 'mirrored ' : ''}${unit.title}`;

/** What a unit is made of, before its steps; `several`: it stands in a table with others. */
function fromWords(unit: SheetUnit): string {
  if (unit.given >= unit.make && !unit.mirrorOf) return keptWords(unit);
  const left = unit.given > 0 ? `${keptWords(unit)} ` : '';
  if (unit.mirrorOf)
    return `${left}You have these already: the batches of ${unit.mirrorOf} give them too. Sort them by the pictures.`;
  if (unit.yields === 1) return `${left}Each takes ${unit.from}.`;
  const all = unit.batches === 1 && unit.yields === unit.make;
  const times = unit.batches === 1 ? '' : unit.batches === 2 ? ' Do this twice.' : ` Do this ${inWords(unit.batches)} times.`;
  return `${left}${capital(unit.from)} make ${all ? `all ${inWords(unit.yields)}` : inWords(unit.yields)}.${times}`;
}

function keptWords({ given }: SheetUnit): string {
  return `${capital(many(given))} of them ${given === 1 ? 'is' : 'are'} ready: you kept ${given === 1 ? 'it' : 'them'} from the block before.`;
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
      { name: 'Unit', share: 1.1 },
      { name: '', share: 1.2 },
      { name: 'Make', right: true, share: 0.9 },
      { name: 'Fabrics', share: 3 },
      { name: 'From', share: 4 },
      ...(pressed ? [{ name: 'Pressing', share: 3 }] : []),
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
            { text: `${unit.mirrorOf ? 'mirrored: ' : ''}${listed(unit.roles.map((r) => r.name))}` },
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
export const pressInTable = 'Open each unit and press its seam as the table says.';

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
  const alike = unit.make === 1 ? '' : inTurn ? ', pressed in turn' : ', all alike';
  const told: PaperStep[] = [
    ...steps.flat(),
    ...(spins ? [{ spins: CROSSING, text: spinText(CROSSING), ...(back && { picture: back }) }] : []),
    ...unit.steps.map(({ text }) => ({ text, picture: finished })),
  ];
  told.push({ ...told.pop()!, check: measureWords(unit) });
  const heading: PaperPiece = {
    kind: 'heading',
    level: 3,
    text: `${titleOf(unit)}${alike}${unit.imageOf ? `; ${unit.make === 1 ? 'it is' : 'they are'} ${unit.imageOf} in a mirror` : ''}`,
  };
  const takes = [`Each takes ${unit.from}.`, rows].filter(Boolean).join(' ');
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
  return blocks > 1 && Number.isInteger(each) ? `Take any ${many(each)} for each block` : `Take any ${many(make)}`;
}

/** A unit that is taken out of a pool. */
export function takenPieces(
  unit: SheetUnit,
  { name, madeWith }: NonNullable<SheetUnit['pool']>,
  { blocks, finished }: { blocks: number; finished: PaperPicture },
): PaperPiece[] {
  return [
    { kind: 'heading', level: 3, text: `${unit.label}: take ${unit.make} ${unit.title} of pool ${name}` },
    {
      kind: 'beside',
      pictures: [finished],
      pieces: [
        {
          kind: 'text',
          text: `${anyWords(unit.make, blocks)}${madeWith ? `, of those that you began with ${madeWith}` : ''}. Choose them so that equal fabrics do not touch when the block is laid out.`,
        },
        measureText(unit),
      ],
    },
  ];
}

type Measured = Pick<SheetUnit, 'size' | 'square' | 'along' | 'look'>;

export const measureText = (unit: Measured): PaperPiece => ({ kind: 'text', tone: 'check', text: measureWords(unit) });

const measureWords = ({ size, square, along, look }: Measured): Words => [
  { bold: `Measure: ${size}${square ? ' square' : along ? ` ${along}` : ''}. ` },
  look.map((l) => `${capital(l)}.`).join(' '),
];

/** All units in a table, for somebody who knows how each is made. */
export const unitTable = (units: readonly SheetUnit[]): PaperPiece => ({
  kind: 'table',
  columns: [
    { name: 'Unit', share: 1 },
    { name: 'Make', right: true, share: 1 },
    { name: 'What, and how', share: 5 },
    { name: 'From', share: 4 },
    { name: 'Measures', right: true, share: 2.4 },
  ],
  groups: [
    units.map((u) => ({
      cells: [
        { text: [{ bold: u.label }] },
        { text: String(u.make) },
        {
          text: u.pool
            ? `${u.title}, any of them.`
            : `${u.mirrorOf ? `mirrored ${u.title}, with ${u.mirrorOf}` : `${u.title}, ${u.method}`}. ${u.press}`,
        },
        { text: u.pool ? `pool ${u.pool.name}` : u.batches > 1 ? `${u.batches} × ${u.from}` : u.from },
        { text: u.size, numeral: true },
      ],
    })),
  ],
});
