/** Putting the quilt together on paper: rows and sashing, setting triangles, rounds, borders, and where it lies in the whole. */
import { listed, type Exact } from '../measure';
import { laidOnQuilt, setBlocks, type Colourway, type Month, type Programme, type Quilt } from '../programme';
import { sidesOf, type SetNode, type SetPiece } from '../setting';
import { finishingPieces } from './finishing-paper';
import { inWords } from './in-words';
import type { PaperPicture, PaperPiece, PaperStep } from './paper';
import { joinPicture, piecesPicture, quiltDrawing, withBorders } from './quilt-pictures';
import { centreOf, toldOf, written, type Told } from './quilt-told';
import { putBy, stagesOf, type Stages, type TopRow } from './setting-stages';
import type { SheetWishes } from './wishes';

const PALE = '#eef0f3';

/** Where the month's blocks, or its parts of the quilt, lie in it; the others are left pale. Nothing of a mystery. */
export function whereInQuilt(
  programme: Programme,
  month: Month,
  colourway: Colourway,
  wishes: SheetWishes,
): PaperPicture | undefined {
  const secret = wishes.out ? programme.months.some((m) => !wishes.out!.has(m.id)) : programme.mystery;
  const setting = wishes.size?.setting ?? programme.setting;
  const own = new Set([...(setting?.months ?? [])].filter(([, id]) => id === month.id).map(([group]) => group));
  const told =
    secret || (month.blocks.length === 0 && own.size === 0) ? undefined : toldOf(programme, month, colourway, wishes);
  if (!told) return undefined;
  const { quilt, picture, colours } = told;
  const { width, height, places, parts } = picture;
  return {
    ...{
      width,
      height,
      wide: Math.min(1.1, (1.4 * width) / height),
      lines: [],
      texts: [],
      label: 'Where it lies in the quilt',
    },
    shapes: [
      ...parts.map((p, i) => ({ points: p.points, fill: own.has(quilt.top.parts[i]!.group!) ? colours(p.role) : PALE })),
      ...places.flatMap((place) =>
        place.block && place.month === month
          ? place.block.patches.map((p) => ({ points: p.points.map((q) => laidOnQuilt(place, q)), fill: colours(p.role) }))
          : [{ points: place.outline, fill: PALE }],
      ),
    ],
  };
}

export function finishedWords({ top }: Quilt, { unit, house }: Programme): string {
  const side = (x: Exact) => written({ unit, house }, x);
  return `${side(top.w)} by ${side(top.h)} ${unit}`;
}

/** What is sewn of the quilt with a month: all that is there by then and was not before. */
export function quiltPieces(programme: Programme, month: Month, colourway: Colourway, wishes: SheetWishes): PaperPiece[] {
  const setting = wishes.size?.setting ?? programme.setting;
  const told = setting && toldOf(programme, month, colourway, wishes);
  if (!told) return [];
  const stages = stagesOf(told.quilt, programme);
  const pieces = [...topPieces(told, stages), ...laterPieces(told), ...finishingPieces(told, stages)];
  if (pieces.length === 0) return [];
  return [
    {
      kind: 'text',
      tone: 'lead',
      text: ['The quilt finishes at ', { bold: finishedWords(told.quilt, programme) }, '.'],
    },
    ...pieces,
  ];
}

function topPieces(told: Told, stages: Stages): PaperPiece[] {
  if (told.quilt.setting.kind === 'rows') return roundPieces(told, stages);
  return stages.rows.length > 0 ? rowPieces(told, stages) : interlockedPieces(told, stages);
}

/** A top that no line from edge to edge parts: long sashes that reach past the rows they end at. */
function interlockedPieces(told: Told, stages: Stages): PaperPiece[] {
  if (stages.top !== told.programme.months.indexOf(told.month)) return [];
  const { w, h } = centreOf(told);
  return [
    { kind: 'heading', level: 2, text: 'Put the quilt top together' },
    {
      kind: 'beside',
      pictures: [quiltDrawing(withBorders(told, 0), told.colours, { wide: 2.4, label: 'The top without its borders' })],
      pieces: [
        {
          kind: 'text',
          text: 'The long sashes and the side triangles of this quilt interlock, so it is not sewn in straight rows. Lay it all out as in the picture. Where a sash reaches past what it is sewn to, leave the end of that seam open, sew on what comes beside it, and then close the seam.',
        },
        { kind: 'text', tone: 'check', text: `Measure through the middle, both ways: ${w} by ${h} ${told.programme.unit}.` },
      ],
    },
  ];
}

/** Parts that are cut now and sewn later. */
function laterPieces({ programme, month, quilt }: Told): PaperPiece[] {
  return putBy(month, quilt, programme).map(({ group, until }) => ({
    kind: 'text',
    text: `Put the ${group} by, in a bag with its name and ‘${until.name}’ on it. The sheet of ${until.name} tells how it is sewn on.`,
  }));
}

/** 'rows 1, 2 and 4' */
const rowsWords = (rows: readonly TopRow[]) =>
  rows.length === 1 ? `row ${rows[0]!.number}` : `rows ${listed(rows.map((r) => String(r.number)))}`;

function rowPieces(told: Told, stages: Stages): PaperPiece[] {
  const { programme, month, quilt } = told;
  const at = programme.months.indexOf(month);
  const { setting } = quilt;
  const sewn = stages.rows.filter((row) => row.month === at);
  const triangled = stages.rows.filter((row) => row.triangles.length > 0 && row.trianglesMonth === at);
  const strips = stages.sashing === at && setting.cornerstone ? stripsOf(stages) : [];
  if (sewn.length + triangled.length + strips.length === 0 && stages.top !== at) return [];
  const sashed = setting.sashing !== undefined;
  const whole = stages.top === at;
  const steps: PaperStep[] = [];
  const rowPicture = (rows: readonly TopRow[], what: 'row' | 'all') =>
    piecesPicture(
      told,
      stages.onPoint,
      rows.map((r) => ({
        name: String(r.number),
        pieces: what === 'row' ? r.row : [...r.row, ...(r.strip?.pieces ?? []), ...r.triangles],
      })),
    );
  if (strips.length > 0)
    steps.push({
      picture: piecesPicture(told, stages.onPoint, [{ name: '', pieces: strips[0]!.pieces }]),
      text: `Sew the sashing strips, cornerstones and sashes in turn: ${listed(strips.map(stripWords))}. Press towards the sashes.`,
      check: `Measure: ${listed(strips.map((s) => sizeWords(told, s.pieces, stages.onPoint)))}.`,
    });
  if (sewn.length > 0) {
    const between = sashed
      ? 'with a sash between each two, and at the ends where the picture has one. Press towards the sashes.'
      : setting.alternate
        ? 'pieced and plain in turn. Press towards the plain squares.'
        : 'edge to edge. Press the seams of every other row to the left and of the rows between to the right, so that they nest.';
    steps.push({
      picture: rowPicture(sewn.slice(0, 3), 'row'),
      text: `Sew the blocks of ${rowsWords(sewn)} in the order of the table, ${between}`,
      check: 'Measure each row as the table says.',
    });
    const stripped = sewn.filter((r) => r.strip);
    const edges = (['upper', 'lower'] as const).flatMap((edge) => {
      const own = stripped.filter((r) => r.strip!.edge === edge);
      return own.length > 0 ? [`to the ${edge} edge of ${rowsWords(own)}`] : [];
    });
    if (edges.length > 0)
      steps.push({
        picture: piecesPicture(
          told,
          stages.onPoint,
          stripped.slice(0, 2).map((r) => ({ name: String(r.number), pieces: [...r.row, ...r.strip!.pieces] })),
        ),
        text: `Sew a ${setting.cornerstone ? 'sashing strip' : 'long sash'} ${listed(edges)}, crossings matched and pinned. Press towards the strip.`,
      });
  }
  if (triangled.length > 0)
    steps.push({
      picture: rowPicture(triangled.slice(0, 2), 'all'),
      text: `Sew a side setting triangle to each end of ${rowsWords(triangled)}: match the right-angled corners and keep the long edge on the outside. Its tip reaches beyond the row. Press towards the triangles.`,
    });
  if (whole) {
    const between =
      stages.strips.length > 0
        ? `, ${stages.strips.length === 1 ? 'the strip that is left' : `the ${inWords(stages.strips.length)} strips that are left`} in their places`
        : '';
    const press = sashed ? 'Press towards the sashing.' : 'Press all seams downwards.';
    steps.push({
      picture: joinPicture(told, stages),
      text: `Join the rows in their order${between}. Match and pin every crossing; sew slowly over the bulk. ${press}`,
    });
    if (stages.corners > 0)
      steps.push({
        picture: quiltDrawing(withBorders(told, 0), told.colours, { wide: 1.5, label: 'The top with its corner triangles' }),
        text: 'Sew on the four corner setting triangles last, matching centres. Press towards the triangles. Square up the edges, leaving the seam allowance beyond every point.',
      });
    const { w, h } = centreOf(told);
    const last = steps.pop()!;
    steps.push({ ...last, check: `Measure through the middle, both ways: ${w} by ${h} ${programme.unit}.` });
  }
  return [
    { kind: 'heading', level: 2, text: whole ? 'Put the quilt top together' : 'Begin the quilt top' },
    ...(sewn.length > 0 ? [rowTable(told, sewn, stages)] : []),
    { kind: 'steps', steps },
    ...(!whole
      ? [
          {
            kind: 'text',
            text: `Keep what you have sewn flat, each row with its number pinned to its left end. The quilt goes on with ${programme.months[stages.top]!.name}.`,
          } as const,
        ]
      : []),
  ];
}

/** The rows and the blocks in them, and what each measures before anything is sewn to it. */
function rowTable(told: Told, rows: readonly TopRow[], { onPoint }: Stages): PaperPiece {
  const { programme } = told;
  const known = new Map(setBlocks(programme.months).map((b) => [b.block.key, b]));
  const nameOf = ({ place }: SetPiece) => {
    if (!place) return 'plain square';
    const { entry, month } = known.get(place.block!.key)!;
    return `${entry?.block.name ?? month.name}${place.mirrored ? ' (mirrored)' : ''}${TURNED[place.turn % 4]}`;
  };
  const blocksOf = (row: readonly SetPiece[], between = ', ') =>
    row
      .filter((p) => p.place || p.part?.name === 'alternate block')
      .map(nameOf)
      .join(between);
  return {
    kind: 'table',
    columns: [
      { name: 'Row', share: 0.7 },
      { name: onPoint ? 'Blocks in order, from the upper left end' : 'Blocks in order, from the left', share: 7 },
      { name: `Measure, ${programme.unit}`, right: true, share: 2.4 },
    ],
    groups: [
      rows.map(({ number, row }) => ({
        cells: [
          { text: [{ bold: String(number) }] },
          { text: blocksOf(row, ' · ') },
          { text: sizeWords(told, row, onPoint), numeral: true },
        ],
        said: `Row ${number}: ${blocksOf(row)}. It measures ${sizeWords(told, row, onPoint)} ${programme.unit} before anything is sewn to it.`,
      })),
    ],
  };
}

const TURNED = ['', ' (a quarter turn clockwise)', ' (upside down)', ' (a quarter turn anticlockwise)'];

interface Strip {
  pieces: SetPiece[];
  count: number;
}

/** Sashing strips, equal ones together. */
function stripsOf({ rows, strips }: Stages): Strip[] {
  const found = new Map<string, Strip>();
  for (const pieces of [...strips, ...rows.flatMap((r) => (r.strip ? [r.strip.pieces] : []))]) {
    const key = pieces.map((p) => p.part!.name).join();
    const known = found.get(key);
    if (known) known.count += 1;
    else found.set(key, { pieces: [...pieces].sort((a, b) => a.u[0].compare(b.u[0])), count: 1 });
  }
  return [...found.values()].sort((a, b) => b.pieces.length - a.pieces.length);
}

/** 'two of 4 sashes and 5 cornerstones' */
function stripWords({ pieces, count }: Strip): string {
  const sashes = pieces.filter((p) => p.part!.name === 'sashing').length;
  const corners = pieces.length - sashes;
  const many = (n: number, one: string, more: string) => `${inWords(n)} ${n === 1 ? one : more}`;
  return `${inWords(count)} of ${many(sashes, 'sash', 'sashes')} and ${many(corners, 'cornerstone', 'cornerstones')}`;
}

/** Unfinished sides of some pieces that lie side by side. */
function sizeWords({ programme }: Told, pieces: readonly SetPiece[], onPoint: boolean): string {
  const node: SetNode = { along: 'u', parts: [...pieces] };
  const { w, h } = sidesOf(node, onPoint);
  const s = programme.house.seam.mul(2);
  const [long, short] = [w, h].map((x) => written(programme, x.plus(s))) as [string, string];
  return `${long} by ${short}`;
}

/** A medallion: its middle, then round by round with a size after each. */
function roundPieces(told: Told, stages: Stages): PaperPiece[] {
  const { programme, month, quilt, picture, colours } = told;
  if (stages.top !== programme.months.indexOf(month)) return [];
  const { setting, top } = quilt;
  const roundOf = (at: string) => Number(/^round (\d+)/.exec(at)?.[1] ?? 0);
  const steps: PaperStep[] = [];
  for (let round = 0; round <= setting.rounds.length; round += 1) {
    const places = top.places.filter((p) => roundOf(p.at) <= round);
    const parts = top.parts.filter((p) => p.group === 'rounds' && p.number! <= round);
    const points = [...places.flatMap((p) => p.outline), ...parts.flatMap((p) => p.outline)];
    const side = (axis: 0 | 1) => {
      const all = points.map((p) => p[axis]).sort((a, b) => a.compare(b));
      return written(programme, all.at(-1)!.minus(all[0]!).plus(programme.house.seam.mul(2)));
    };
    const plain = round > 0 ? setting.rounds[round - 1]!.role !== undefined : false;
    const own = places.filter((p) => roundOf(p.at) === round).length;
    const shown = {
      ...picture,
      places: picture.places.filter((p) => roundOf(p.at) <= round),
      parts: picture.parts.filter((_, i) => {
        const part = top.parts[i]!;
        return part.group === 'rounds' ? part.number! <= round : part.place !== undefined && roundOf(part.place) <= round;
      }),
    };
    steps.push({
      picture: quiltDrawing(shown, colours, { wide: 1.2, label: round === 0 ? 'The middle' : `Up to round ${round}` }),
      text:
        round === 0
          ? `The middle: sew ${inWords(own)} ${own === 1 ? 'block' : 'blocks'} together, row by row.`
          : plain
            ? `Round ${round}: sew the shorter strips to the sides, then the longer ones to top and bottom. Press towards the strips.`
            : `Round ${round}: sew its ${inWords(own)} blocks into strips. Sew the strips for the sides on first, then those for top and bottom. Press away from the middle.`,
      check: `Measure: ${side(0)} by ${side(1)}.`,
    });
  }
  return [
    { kind: 'heading', level: 2, text: 'Put the quilt top together' },
    {
      kind: 'text',
      text: 'Work from the middle outwards. Measure before each round: the next one fits only if this one is right.',
    },
    { kind: 'steps', steps },
  ];
}
