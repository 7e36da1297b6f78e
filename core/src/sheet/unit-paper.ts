/** A unit on paper: made from its pieces, sewn from other units, or taken out of a pool; and all of a block's in a table. */
import type { JoinStep } from './joining';
import type { PaperPiece } from './paper';
import type { SheetUnit } from './sheet-unit';
import { SPIN } from './spinning';

const capital = (text: string) => text[0]!.toUpperCase() + text.slice(1);

/** What is said beside a unit's pictures. `joins`: the seams that it is sewn with from others. */
export function unitWords(
  unit: SheetUnit,
  { blocks, joins, spins }: { blocks: number; joins: readonly JoinStep[]; spins: boolean },
): PaperPiece[] {
  if (unit.pool) return takenWords(unit, unit.pool, blocks);
  if (joins.length > 0) return partWords(unit, joins, spins);
  const many = (n: number) => (n === 1 ? 'one' : String(n));
  const left =
    unit.given > 0
      ? `${capital(many(unit.given))} of them ${unit.given === 1 ? 'is' : 'are'} there already: you kept ${unit.given === 1 ? 'it' : 'them'} from the block before. `
      : '';
  if (unit.given >= unit.make && !unit.mirrorOf)
    return [
      { kind: 'heading', level: 3, text: `${unit.label}: ${unit.make} ${unit.title}` },
      { kind: 'text', text: left.trim() },
      measure(unit),
    ];
  const from = unit.mirrorOf
    ? `They come with ${unit.mirrorOf}, from the same batches.`
    : unit.yields === 1
      ? `Each takes ${unit.from}.`
      : `Each batch takes ${unit.from} and makes ${unit.yields}; ${unit.batches === 1 ? 'one batch is enough' : `${unit.batches} batches`}.`;
  return [
    {
      kind: 'heading',
      level: 3,
      text: `${unit.label}: make ${unit.make} ${unit.mirrorOf ? 'mirrored ' : ''}${unit.title}, ${unit.method}`,
    },
    { kind: 'text', text: `${left}${from}` },
    ...(unit.caution ? [{ kind: 'text', tone: 'caution', text: unit.caution } as const] : []),
    { kind: 'list', ordered: true, items: unit.steps },
    measure(unit),
    ...(unit.over ? [{ kind: 'text', text: unit.over } as const] : []),
  ];
}

/** A unit that is sewn from others: each seam or row of seams a step, with a size to measure before the next. */
function partWords(unit: SheetUnit, joins: readonly JoinStep[], spins: boolean): PaperPiece[] {
  const alike = unit.make > 1 ? ', all alike' : '';
  const last = joins.length - 1;
  const steps = joins.map((join, i) => {
    const part = i < last ? ` Measure ${join.size.join(' by ')}.` : '';
    return `${join.text} ${join.press}${part}`;
  });
  return [
    {
      kind: 'heading',
      level: 3,
      text: `${unit.label}: make ${unit.make} ${unit.mirrorOf ? 'mirrored ' : ''}${unit.title}${alike}`,
    },
    { kind: 'text', text: `Each takes ${unit.from}.` },
    ...(unit.caution ? [{ kind: 'text', tone: 'caution', text: unit.caution } as const] : []),
    { kind: 'list', ordered: true, items: [...steps, ...(spins ? [SPIN] : []), ...unit.steps] },
    measure(unit),
  ];
}

/** 'Take any 16 for each block', 'Take any 4'. */
function anyWords(make: number, blocks: number): string {
  const each = make / blocks;
  const many = (n: number) => (n === 1 ? 'one' : String(n));
  return blocks > 1 && Number.isInteger(each) ? `Take any ${many(each)} for each block` : `Take any ${many(make)}`;
}

/** A unit that is taken out of a pool. */
const takenWords = (unit: SheetUnit, { name, madeWith }: NonNullable<SheetUnit['pool']>, blocks: number): PaperPiece[] => [
  { kind: 'heading', level: 3, text: `${unit.label}: take ${unit.make} ${unit.title} of pool ${name}` },
  {
    kind: 'text',
    text: `${anyWords(unit.make, blocks)}${madeWith ? `, of those that you began with ${madeWith}` : ''}. Choose them so that equal fabrics do not touch when the block is laid out.`,
  },
  measure(unit),
];

const measure = (unit: SheetUnit): PaperPiece => ({
  kind: 'text',
  tone: 'check',
  text: [
    { bold: `Measure: ${unit.size}${unit.square ? ' square' : unit.along ? ` ${unit.along}` : ''}. ` },
    unit.look.map((l) => `${capital(l)}.`).join(' '),
  ],
});

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
