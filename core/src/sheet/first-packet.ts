/** What everybody finds in the first packet: the letter, the quilt, a map of the months, the fabrics, the house's rules, and a ruler. */
import { checkpoint, listed, ratio, Exact } from '../measure';
import {
  castPicture,
  handsOut,
  lettersOf,
  quiltAsCast,
  quiltPicture,
  scatteredOf,
  type Colourway,
  type Fabric,
  type Month,
  type Programme,
} from '../programme';
import { monthNumber } from '../running';
import type { Paper, PaperPicture, PaperPiece, PaperRow } from './paper';
import { beneath, facedown, marks, piece, scene, type DirectedLine, type Scene } from '../hands';
import { checkSquare, coloursOf } from './pictures';
import { scenePicture } from './scene-picture';
import { finishedWords } from './quilt-paper';
import { quiltDrawing } from './quilt-pictures';
import { homeworkWords } from './sheet-pool';
import { houseRules, welcomeLetter } from './welcome';
import { plainDate, inLanguage, type SheetWishes } from './wishes';
import { swatchOf } from './swatch';
import { words as said } from './words/first-packet';
import { groupName } from '../setting';

/** Letter, map and rules for a colourway. A mystery shows neither the quilt nor the blocks. Throws PlanError. */
export function firstPacketPaper(programme: Programme, colourway: Colourway, wishes: SheetWishes = {}): Paper {
  const { title } = programme;
  const who = [colourway.name, wishes.size?.name ?? ''].filter(Boolean).join(', ');
  const paper: Paper = {
    title: said.welcome2(title, who),
    about: said.welcomeLetterMapOfTheMonths,
    footer: [title, said.welcome, who, wishes.version ?? ''].filter(Boolean).join(' · '),
    large: wishes.large ?? false,
    pieces: [
      { kind: 'title', text: said.welcomeTo(title), over: who, pieces: welcomeLetter(programme) },
      ...theQuilt(programme, colourway, wishes),
      ...mapOfMonths(programme, colourway, wishes),
      ...fabricList(colourway, wishes),
      ...houseRules(programme),
      ...rulerPage(programme),
      ...drawingKey(colourway, wishes),
    ],
  };
  return inLanguage(paper);
}

function theQuilt(programme: Programme, colourway: Colourway, wishes: SheetWishes): PaperPiece[] {
  const quilt = quiltAsCast(programme, colourway, wishes.size);
  if (!quilt) return [];
  const size: PaperPiece = { kind: 'text', text: [said.itFinishesAt, { bold: finishedWords(quilt, programme) }, '.'] };
  if (programme.months.some((month) => hidden(programme, month, wishes)))
    return [{ kind: 'heading', level: 2, text: said.theQuilt }, size, { kind: 'text', text: said.theQuiltIsAMysteryEach }];
  const picture = castPicture(quiltPicture(quilt, programme), scatteredOf(programme, colourway, wishes.size));
  const colours = coloursOf(colourway, wishes.coloured !== false);
  return [
    { kind: 'heading', level: 2, text: said.theQuilt },
    {
      kind: 'beside',
      pictures: [quiltDrawing(picture, colours, { wide: 3.2, label: said.theQuiltIn(colourway.name) })],
      pieces: [size],
    },
  ];
}

/** Whether what a month brings is not to be seen yet. */
const hidden = (programme: Programme, month: Month, { out }: SheetWishes) => (out ? !out.has(month.id) : programme.mystery);

/** Which month brings what, and when. */
function mapOfMonths(programme: Programme, colourway: Colourway, wishes: SheetWishes): PaperPiece[] {
  const { out } = wishes;
  const packetOf = (month: Month) => programme.kits.packets.findIndex((months) => months.includes(month)) + 1;
  const handed = (month: Month): string => {
    if (hidden(programme, month, wishes)) return said.aMystery;
    const blocks = month.blocks.map((b) => (b.make > 1 ? `${b.make} × ${b.block.name}` : b.block.name));
    const groups = [...(programme.setting?.months ?? [])]
      .filter(([, id]) => id === month.id)
      .map(([group]) => groupName(group));
    return listed([...blocks, ...groups]);
  };
  // 'February, Seed Drill' would tell what February brings; where months are let out one by one, not even its own name is sure not to.
  const nameOf = (month: Month, i: number) => {
    return out && hidden(programme, month, wishes) ? monthNumber(i) : month.name;
  };
  const rows = programme.months.map((month, i): PaperRow => ({
    cells: [
      { text: String(i + 1), numeral: true },
      { text: nameOf(month, i) },
      { text: month.release ? plainDate(month.release) : '' },
      { text: handed(month) },
      { text: handsOut(programme, month) ? said.packet(packetOf(month)) : '' },
    ],
  }));
  return [
    { kind: 'heading', level: 2, text: said.theMonths },
    {
      kind: 'table',
      columns: [
        { name: '', share: 0.7 },
        { name: said.month, share: 4 },
        { name: said.released, share: 3 },
        { name: said.youWillMake, share: 4 },
        { name: said.fabric, share: 2 },
      ],
      groups: [rows],
    },
    ...yearAhead(programme, colourway, wishes),
  ];
}

/** The hour at which months come out, days on which nobody is there, and what to have done by when. */
function yearAhead(programme: Programme, colourway: Colourway, wishes: SheetWishes): PaperPiece[] {
  const { calendar, months } = programme;
  const dated = months.filter((m) => m.release);
  if (dated.length === 0) return [];
  const homework = dated.flatMap((month, i) => {
    const next = dated[i + 1];
    const words = homeworkWords(programme, month, colourway, wishes.size);
    return words && next && !hidden(programme, month, wishes) ? [said.byWords(plainDate(next.release!), words)] : [];
  });
  const away = calendar.away.filter(({ from, to }) => to >= dated[0]!.release! && from <= dated.at(-1)!.release!);
  const days = ({ from, to }: (typeof away)[number]) =>
    from === to ? plainDate(from) : said.toWords(plainDate(from), plainDate(to));
  return [
    {
      kind: 'text',
      text: said.eachSheetIsReleasedAtTime(calendar.time, calendar.timeZone.replaceAll('_', ' ')),
    },
    ...(away.length > 0
      ? [
          {
            kind: 'text',
            text: said.weAreAway(listed(away.map((a) => (a.name ? `${days(a)} (${a.name})` : days(a))))),
          } as const,
        ]
      : []),
    ...(homework.length > 0
      ? [
          { kind: 'heading', level: 3, text: said.homework } as const,
          { kind: 'list', items: homework, ordered: false } as const,
        ]
      : []),
  ];
}

function fabricList(colourway: Colourway, wishes: SheetWishes): PaperPiece[] {
  const row = (letters: string, fabric: Fabric): PaperRow => ({
    cells: [
      { text: fabric.name, swatch: swatchOf(fabric.colour, letters, wishes) },
      { text: fabric.sku },
      { text: fabric.own ? said.youChooseIt : fabric.directional ? said.oneWayKeepItUpright : '' },
    ],
  });
  const rows = lettersOf(colourway).flatMap(([role, fabric]) => {
    const pool = colourway.pools.get(role);
    return pool ? pool.fabrics.map((f) => row(role, f)) : [row(role, fabric)];
  });
  return [
    { kind: 'heading', level: 2, text: said.theFabricsAndTheirLetters },
    {
      kind: 'table',
      columns: [
        { name: said.fabric, share: 4 },
        { name: said.number, share: 2 },
        { name: '', share: 4 },
      ],
      groups: [rows],
    },
  ];
}

/** A ruler at full size, its marks named, and a square to check the printer by. */
function rulerPage({ unit, house }: Programme): PaperPiece[] {
  const whole = checkpoint(Exact.of(unit === 'in' ? ratio(1) : ratio(2)), house.rounding, unit);
  return [
    { kind: 'page' },
    { kind: 'heading', level: 2, text: said.theRuler },
    {
      kind: 'text',
      text: said.printAt100ActualSizeThe(whole, unit),
    },
    { kind: 'pictures', pictures: [checkSquare(unit)] },
    { kind: 'pictures', pictures: [longRuler(unit)] },
    ...(unit === 'in'
      ? [
          {
            kind: 'text',
            text: said.anInchHasEightEighthsThe,
          } as const,
        ]
      : []),
  ];
}

/** The marks of all drawings, explained once. */
function drawingKey(colourway: Colourway, wishes: SheetWishes): PaperPiece[] {
  const colours = coloursOf(colourway, wishes.coloured !== false);
  // The darkest fabric shows a right and a wrong side best.
  const [role] = lettersOf(colourway).reduce((dark, one) => (one[1].value < dark[1].value ? one : dark));
  const square = piece(role, 4, 4);
  const back = facedown(square);
  const middle: DirectedLine = { from: [0, 4], to: [4, 0] };
  const drawn = (caption: string, found: Scene): PaperPicture => ({
    ...scenePicture(found, colours, { wide: 0.95, label: caption, fabric: () => '' }),
    caption,
  });
  const key: PaperPicture[] = [
    drawn(said.rightSideOfTheFabric, scene([square])),
    drawn(said.wrongSideTheBack, scene([back])),
    drawn(said.twoPiecesRightSidesTogether, scene([...beneath([square]), back])),
    drawn(said.aLineThatYouDraw, scene([back], { marks: marks('drawn', middle) })),
    drawn(said.stitches, scene([back], { marks: marks('sewn', middle) })),
    drawn(said.cutHereFromTheWheelOn, scene([square], { marks: marks('cut', middle) })),
    drawn(said.aCrease, scene([square], { marks: marks('crease', middle) })),
    drawn(said.pressThisWay, scene([square], { press: [{ from: [1, 3], to: [3, 1] }] })),
    drawn(
      said.theRulerTrimmingTwoSides,
      scene([square], {
        marks: marks('cut', { from: [0, 0.6], to: [4.2, 0.6] }, { from: [3.4, 4.2], to: [3.4, 0] }),
        rulers: [
          [
            [-0.6, 0.6],
            [3.4, 0.6],
            [3.4, 4.4],
            [-0.6, 4.4],
          ],
        ],
      }),
    ),
  ];
  return [
    { kind: 'heading', level: 2, text: said.howToReadTheDrawings },
    { kind: 'pictures', pictures: key },
  ];
}

function longRuler(unit: 'in' | 'cm'): PaperPicture {
  const [long, ticks] = unit === 'in' ? [6, 8] : [16, 10];
  const height = unit === 'in' ? 0.9 : 2.2;
  const tall = (i: number) =>
    (i % ticks === 0 ? 0.5 : i % (ticks / 2) === 0 ? 0.38 : ticks === 8 && i % 2 === 0 ? 0.28 : 0.18) *
    (unit === 'in' ? 1 : 2.2);
  return {
    ...{ width: long, height, full: true, wide: unit === 'in' ? long : long / 2.54 },
    label: said.aRulerOfAtFullSize(long, unit),
    shapes: [
      {
        points: [
          [0, 0],
          [long, 0],
          [long, height],
          [0, height],
        ],
        fill: 'none',
      },
    ],
    lines: Array.from({ length: long * ticks + 1 }, (_, i) => ({
      ...{ from: [i / ticks, 0] as const, to: [i / ticks, tall(i)] as const },
      kind: i % ticks === 0 ? ('strong' as const) : ('thin' as const),
    })),
    texts: Array.from({ length: long - 1 }, (_, i) => ({
      ...{ at: [i + 1, height * 0.78] as const, text: String(i + 1), size: height / 5 },
    })),
  };
}
