/** Putting the quilt together on paper: rows and sashing, setting triangles, rounds, borders, and where it lies in the whole. */
import { by, type Exact, listed } from '../measure';
import { laidOnQuilt, setBlocks, type Colourway, type Month, type Programme, type Quilt } from '../programme';
import { sidesOf, type SetNode, type SetPiece } from '../setting';
import { finishingPieces } from './finishing-paper';
import { inWords } from './in-words';
import type { PaperPicture, PaperPiece, PaperStep } from './paper';
import { joinPicture, piecesPicture, quiltDrawing, withBorders } from './quilt-pictures';
import { centreOf, toldOf, written, type Told } from './quilt-told';
import { putBy, stagesOf, type Stages, type TopRow } from './setting-stages';
import type { SheetWishes } from './wishes';
import { words } from './words/quilt-paper';
import { PALE } from '../ink';

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
      label: words.whereItLiesInTheQuilt,
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
  return words.byWords(side(top.w), side(top.h), unit);
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
      text: [words.theQuiltFinishesAt, { bold: finishedWords(told.quilt, programme) }, '.'],
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
    { kind: 'heading', level: 2, text: words.putTheQuiltTopTogether },
    {
      kind: 'beside',
      pictures: [quiltDrawing(withBorders(told, 0), told.colours, { wide: 2.4, label: words.theTopWithoutItsBorders })],
      pieces: [
        {
          kind: 'text',
          text: words.theLongSashesAndTheSide,
        },
        { kind: 'text', tone: 'check', text: words.measureThroughTheMiddleBothWays(w, h, told.programme.unit) },
      ],
    },
  ];
}

/** Parts that are cut now and sewn later. */
function laterPieces({ programme, month, quilt }: Told): PaperPiece[] {
  return putBy(month, quilt, programme).map(({ group, until }) => ({
    kind: 'text',
    text: words.putTheByInABag(group, until.name),
  }));
}

/** 'rows 1, 2 and 4' */
const rowsWords = (rows: readonly TopRow[]) =>
  rows.length === 1 ? words.row(rows[0]!.number) : words.rows(listed(rows.map((r) => String(r.number))));

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
      text: words.sewTheSashingStripsCornerstonesAnd(listed(strips.map(stripWords))),
      check: words.measure(listed(strips.map((s) => sizeWords(told, s.pieces, stages.onPoint)))),
    });
  if (sewn.length > 0) {
    const between = sashed
      ? words.withASashBetweenEachTwo
      : setting.alternate
        ? words.piecedAndPlainInTurnPress
        : words.edgeToEdgePressTheSeams;
    steps.push({
      picture: rowPicture(sewn.slice(0, 3), 'row'),
      text: words.sewTheBlocksOfInThe(rowsWords(sewn), between),
      check: words.measureEachRowAsTheTable,
    });
    const stripped = sewn.filter((r) => r.strip);
    const edges = (['upper', 'lower'] as const).flatMap((edge) => {
      const own = stripped.filter((r) => r.strip!.edge === edge);
      return own.length > 0 ? [words.toTheEdgeOf(edge, rowsWords(own))] : [];
    });
    if (edges.length > 0)
      steps.push({
        picture: piecesPicture(
          told,
          stages.onPoint,
          stripped.slice(0, 2).map((r) => ({ name: String(r.number), pieces: [...r.row, ...r.strip!.pieces] })),
        ),
        text: words.sewACrossingsMatchedAndPinned(setting.cornerstone ? words.sashingStrip : words.longSash, listed(edges)),
      });
  }
  if (triangled.length > 0)
    steps.push({
      picture: rowPicture(triangled.slice(0, 2), 'all'),
      text: words.sewASideSettingTriangleTo(rowsWords(triangled)),
    });
  if (whole) {
    const between =
      stages.strips.length > 0
        ? words.inTheirPlaces(
            stages.strips.length === 1 ? words.theStripThatIsLeft : words.theStripsThatAreLeft(inWords(stages.strips.length)),
          )
        : '';
    const press = sashed ? words.pressTowardsTheSashing : words.pressAllSeamsDownwards;
    steps.push({
      picture: joinPicture(told, stages),
      text: words.joinTheRowsInTheirOrder(between, press),
    });
    if (stages.corners > 0)
      steps.push({
        picture: quiltDrawing(withBorders(told, 0), told.colours, { wide: 1.5, label: words.theTopWithItsCornerTriangles }),
        text: words.sewOnTheFourCornerSetting,
      });
    const { w, h } = centreOf(told);
    const last = steps.pop()!;
    steps.push({ ...last, check: words.measureThroughTheMiddleBothWays(w, h, programme.unit) });
  }
  return [
    { kind: 'heading', level: 2, text: whole ? words.putTheQuiltTopTogether : words.beginTheQuiltTop },
    ...(sewn.length > 0 ? [rowTable(told, sewn, stages)] : []),
    { kind: 'steps', steps },
    ...(!whole
      ? [
          {
            kind: 'text',
            text: words.keepWhatYouHaveSewnFlat(programme.months[stages.top]!.name),
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
    if (!place) return words.plainSquare;
    const { entry, month } = known.get(place.block!.key)!;
    return `${entry?.block.name ?? month.name}${place.mirrored ? ' (mirrored)' : ''}${turned(place.turn % 4)}`;
  };
  const blocksOf = (row: readonly SetPiece[], between = ', ') =>
    row
      .filter((p) => p.place || p.part?.name === 'alternate block')
      .map(nameOf)
      .join(between);
  return {
    kind: 'table',
    columns: [
      { name: words.row2, share: 0.7 },
      { name: onPoint ? words.blocksInOrderFromTheUpper : words.blocksInOrderFromTheLeft, share: 7 },
      { name: words.measure2(programme.unit), right: true, share: 2.4 },
    ],
    groups: [
      rows.map(({ number, row }) => ({
        cells: [
          { text: [{ bold: String(number) }] },
          { text: blocksOf(row, ' · ') },
          { text: sizeWords(told, row, onPoint), numeral: true },
        ],
        said: words.rowItMeasuresBeforeAnythingIs(number, blocksOf(row), sizeWords(told, row, onPoint), programme.unit),
      })),
    ],
  };
}

const turned = (quarters: number) => ['', words.clockwise, words.upsideDown, words.anticlockwise][quarters]!;

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
  return words.ofAnd(inWords(count), words.sashes(sashes, inWords(sashes)), words.cornerstones(corners, inWords(corners)));
}

/** Unfinished sides of some pieces that lie side by side. */
function sizeWords({ programme }: Told, pieces: readonly SetPiece[], onPoint: boolean): string {
  const node: SetNode = { along: 'u', parts: [...pieces] };
  const { w, h } = sidesOf(node, onPoint);
  const s = programme.house.seam.mul(2);
  const [long, short] = [w, h].map((x) => written(programme, x.plus(s))) as [string, string];
  return by(long, short);
}

/** A medallion: its middle, then round by round with a size after each. */
function roundPieces(told: Told, stages: Stages): PaperPiece[] {
  const { programme, month, quilt, picture, colours } = told;
  if (stages.top !== programme.months.indexOf(month)) return [];
  const { setting, top } = quilt;
  const rounds = new Map(top.places.map((place) => [place.at, place.round ?? 0]));
  const roundOf = (at: string) => rounds.get(at) ?? 0;
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
      picture: quiltDrawing(shown, colours, { wide: 1.2, label: round === 0 ? words.theMiddle : words.upToRound(round) }),
      text:
        round === 0
          ? words.theMiddleSewTogetherRowBy(inWords(own), own)
          : plain
            ? words.roundSewTheShorterStripsTo(round)
            : words.roundSewItsBlocksIntoStrips(round, inWords(own)),
      check: words.measureBy(side(0), side(1)),
    });
  }
  return [
    { kind: 'heading', level: 2, text: words.putTheQuiltTopTogether },
    {
      kind: 'text',
      text: words.workFromTheMiddleOutwardsMeasure,
    },
    { kind: 'steps', steps },
  ];
}
