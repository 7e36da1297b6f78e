/** One block of a sheet as paper: make the units, lay out, join, press, check, and the likely slips. */
import { slipsOf, type Construction, type Slip } from '../construction';
import type { Colourway } from '../programme';
import type { MonthSheet, SheetBlock } from './month-sheet';
import { fabricWord, type SheetUnit } from './sheet-unit';
import { joinPaperSteps, joinScale } from './join-paper';
import { laidInTurn, layoutInWords, roundTheMiddle, rowsToLay } from './lay-words';
import { partCheckpoint } from './checkpoint';
import { blockPlace, placed } from './own-words';
import type { PaperPicture, PaperPiece, PaperStep, Words } from './paper';
import { joinWords, type JoinStep } from './joining';
import { drawn, partSewn, type Colours } from './pictures';
import { backPicture, boxInBlock, crossingsOf, spinText, spunIn } from './spinning';
import { alikeMade, madePieces, partPieces, pressInTable, takenPieces, unitTable } from './unit-paper';
import { lowered, stepsPiece } from './unit-steps';
import { sewingWalk, toleranceText, type WalkStep } from './walk';
import type { SheetWishes } from './wishes';
import { words } from './words/block-paper';
import { by, listed } from '../measure';

interface Context {
  sheet: MonthSheet;
  block: SheetBlock;
  c: Construction;
  colourway: Colourway;
  walk: ReadonlyMap<string, WalkStep>;
  colours: Colours;
  wishes: SheetWishes;
  several: boolean;
}

/** What the parts of a block's paper are, so that the organiser's words can stand after each. */
export interface BlockPaper {
  units: PaperPiece[];
  layout: PaperPiece[];
  join: PaperPiece[];
  check: PaperPiece[];
}

/** '12 1/2 in square', '12 1/2 by 8 1/2 in'. */
const sized = (block: SheetBlock, unit: string) =>
  block.square ? words.unitsSquare(block.unfinished, unit) : `${block.unfinished} ${unit}`;

/** A block of a month's sheet. */
export function blockPaper({
  c,
  block,
  sheet,
  colourway,
  colours,
  wishes,
}: {
  c: Construction;
  block: SheetBlock;
  sheet: MonthSheet;
  colourway: Colourway;
  colours: Colours;
  wishes: SheetWishes;
}): BlockPaper {
  const walk = new Map(sewingWalk(c, colourway).map((step) => [step.name, step]));
  const context = { sheet, block, c, colourway, walk, colours, wishes, several: sheet.blocks.length > 1 };
  const at = (part: string, pieces: PaperPiece[]) => placed(`${nameOf(block)}:${part}`, pieces);
  return {
    units: unitPieces(context),
    layout: at('layout', layoutPieces(context)),
    join: at('join', joinPieces(context)),
    check: at('check', checkPieces(context)),
  };
}

/** A block's name within the names of its places, which are parts of a path. */
const nameOf = ({ key }: SheetBlock) => blockPlace(key);

function unitPieces(context: Context): PaperPiece[] {
  const { block, wishes, several } = context;
  const { units } = block;
  if (units.length === 0) return [];
  const verb = units.every((u) => u.pool) ? words.take : words.make;
  const heading: PaperPiece = {
    kind: 'heading',
    level: 2,
    text: several ? words.theUnitsOf(verb, block.name) : words.theUnits(verb),
  };
  if (wishes.level === 'versed') return [heading, unitTable(units)];
  return [
    heading,
    ...alikeMade(units).flatMap((group) => placed(`${nameOf(block)}:${group[0]!.label}`, groupPieces(group, context))),
  ];
}

/** Units that are made alike, or one that is taken, or sewn from others. */
function groupPieces(group: readonly SheetUnit[], context: Context): PaperPiece[] {
  const { block, c, walk, colours, colourway } = context;
  const spun = spunIn(c);
  const [first] = group as [SheetUnit];
  const finishedOf = (unit: SheetUnit) => {
    const step = walk.get(unit.label);
    const picture = step ? partSewn(step, colours, 1.15) : drawn(unit.drawing, { wide: 1, label: unit.title, colours });
    return lowered(picture);
  };
  const plan = c.units.find((u) => u.label === first.label)!;
  const back = spun.units.has(first.label)
    ? backPicture(c, {
        wide: 1.15,
        label: words.fromTheBackItsCrossingSpun(first.label),
        box: boxInBlock(plan.places[0]!, c),
      })
    : undefined;
  if (first.pool) return takenPieces(first, first.pool, { blocks: block.make, finished: finishedOf(first) });
  const joins = block.joins.filter((join) => join.unit === first.label);
  if (joins.length > 0)
    return partPieces(first, {
      ...{ spins: spun.units.has(first.label), finished: finishedOf(first), back },
      rows: rowsToLay(plan.places[0]!.inside!, c, colourway),
      inTurn: [...(c.pressing.variants.get(plan)?.values() ?? [])].some((variants) => variants.length > 1),
      steps: joins.map((join, i) =>
        joinPaperSteps(join, {
          sewn: joinPicture(join, walk, colours, longestOf(joins)),
          most: longestOf(joins),
          ...(i < joins.length - 1 && { check: words.measure(by(...join.size)), checkpoint: checkpointOf(join, c) }),
          ...splitFor(context),
        }),
      ),
    });
  const alike = new Set(group.map((u) => u.press)).size === 1;
  const steps = alike
    ? first.steps
    : first.steps.map((step) => (step.text === first.press ? { ...step, text: pressInTable() } : step));
  return madePieces(group, {
    steps: stepsPiece(steps, {
      ...{ colours, back },
      fabric: (role) => fabricWord(colourway, role),
      finished: finishedOf(first),
    }),
    pictures: new Map(group.map((unit) => [unit.label, finishedOf(unit)])),
  });
}

const checkpointOf = (join: JoinStep, c: Construction) => partCheckpoint(join.name, join.branch.laid, c);

/** The longest side of what some seams make, in the document's unit. */
const longestOf = (joins: readonly JoinStep[]) => Math.max(...joins.flatMap(({ drawing }) => [drawing.width, drawing.height]));

/** A part sewn and pressed, on one scale with the others of its kind; `most`: the longest side among them. */
function joinPicture(join: JoinStep, walk: Context['walk'], colours: Colours, most: number): PaperPicture {
  const step = walk.get(join.name);
  const wide = join.drawing.width * joinScale(join, most);
  return lowered(step ? partSewn(step, colours, wide) : drawn(join.drawing, { wide, label: join.name, colours }));
}

/** The block with its units' names, and on each a mark that looks to the unit's own top. */
function layoutPicture({ block, c, colourway, colours, several }: Context, wide: number): PaperPicture {
  const size = block.drawing.width / 22;
  const sewn = new Set(block.units.map((u) => u.label));
  const picture = drawn(block.dealt, {
    ...{ wide, colours, label: [words.layoutOf(block.name), layoutInWords(c, colourway)].filter(Boolean).join(' ') },
    cutOf: (patch) => `${block.key}:${block.patches[patch]?.cut ?? ''}`,
  });
  return {
    ...picture,
    ...(several && { caption: block.name }),
    texts: block.marks.map((m) => ({ at: [m.x, m.y + size * 0.2], text: m.label, size, edged: true })),
    lines: block.marks
      .filter((m) => sewn.has(m.label))
      .map((m) => ({
        from: [m.x + m.up[0] * size * 0.7, m.y + m.up[1] * size * 0.7] as const,
        to: [m.x + m.up[0] * size * 1.5, m.y + m.up[1] * size * 1.5] as const,
        kind: 'arrow' as const,
      })),
  };
}

function layoutPieces(context: Context): PaperPiece[] {
  const { block, c, several, wishes } = context;
  const round = roundTheMiddle(c);
  const inTurn = laidInTurn(c, context.colourway);
  const sewn = block.units.length > 0;
  // A plain patch is called by its cut; out of a pool it has none.
  const plain = block.plain.flatMap(({ label, make, pool }): PaperPiece[] =>
    pool
      ? [
          {
            kind: 'text',
            text: [{ bold: label }, words.isAnyOfPool(make === 1 ? words.onePlainPatch : words.plainPatches(make), pool.name)],
          },
        ]
      : [],
  );
  const pooled = block.units.some((u) => u.pool) || block.plain.some((p) => p.pool);
  const arrow: PaperPiece = {
    kind: 'text',
    text: words.theSmallArrowPointsToThe,
  };
  return [
    { kind: 'heading', level: 2, text: several ? words.putTogether(block.name) : words.putTheBlockTogether },
    {
      kind: 'beside',
      pictures: [layoutPicture(context, wishes.level === 'versed' ? 1.6 : 2.05)],
      pieces: [
        {
          kind: 'text',
          text: words.layAsInThePictureBefore(block.make),
        },
        ...[round, inTurn].flatMap((text): PaperPiece[] => (text ? [{ kind: 'text', text }] : [])),
        ...(sewn && wishes.level === 'new' ? [arrow] : []),
        ...plain,
        ...(pooled
          ? [
              {
                kind: 'text',
                text: words.thePictureShowsOneWayTo,
              } as const,
            ]
          : []),
        ...(sewn ? [{ kind: 'text', tone: 'check', text: checkQuestion(context) } as const] : []),
        ...mistakes(context),
        ...(wishes.level === 'versed' ? joinsInWords(context) : []),
      ],
    },
  ];
}

/** 'is every outside corner Frosted Pane'; '' where no fabric tells. */
function lookWords({ look }: Slip, colourway: Colourway): string {
  if (!look) return '';
  const fabric = fabricWord(colourway, look.role);
  return look.where === 'corners' ? words.isEveryOutsideCorner(fabric) : words.doesMeetInTheMiddle(fabric);
}

/** The slip, and what to look for where that was not asked above. */
function slipWords(slip: Slip, colourway: Colourway, asked: Slip | undefined): string {
  if (!slip.look || (asked?.look?.where === slip.look.where && asked.look.role === slip.look.role)) return slip.text;
  const fabric = fabricWord(colourway, slip.look.role);
  return slip.look.where === 'corners'
    ? words.everyOutsideCornerMustBe(slip.text, fabric)
    : words.mustMeetInTheMiddle(slip.text, fabric[0]!.toUpperCase(), fabric.slice(1));
}

/** A question that the likeliest slip of this block would answer wrongly. */
function checkQuestion({ c, colourway }: Context): Words {
  const [slip] = slipsOf(c, 1);
  if (!slip) return [{ bold: words.check }, words.doesEveryPatchLieAsIn];
  const look = lookWords(slip, colourway);
  if (look) return [{ bold: words.check }, `${look}?`];
  const what = slip.text[0]!.toLowerCase() + slip.text.slice(1);
  return [{ bold: words.check }, words.theUsualMistakeIsHoldYours(what)];
}

/** The seams that join the block; what belongs to a unit was told with it. */
const joinsOf = ({ block }: Context): JoinStep[] => block.joins.filter((join) => join.unit === undefined);

/** The seams in words alone, for somebody versed. */
function joinsInWords(context: Context): PaperPiece[] {
  const { block, c } = context;
  const items = joinsOf(context).map((join) => {
    const alike = join.alike.length > 1 ? words.makeAlike(join.alike.length) : '';
    return [{ bold: `${join.name}. ` }, `${alike}${joinWords(join)}`];
  });
  if (items.length === 0) return [];
  return [
    { kind: 'list', ordered: false, items: [...items, ...(spunIn(c).block ? [words.spin(crossingsOf(c))] : [])] },
    ...(block.nesting ? [{ kind: 'text', text: block.nesting } as const] : []),
  ];
}

function joinPieces(context: Context): PaperPiece[] {
  const { block, c, walk, colours, wishes } = context;
  const joins = joinsOf(context);
  if (joins.length === 0 || wishes.level === 'versed') return [];
  const intro = words.setEachSeamThenPressIt(block.nesting);
  const spinning = (): PaperStep => ({
    ...{ spins: crossingsOf(c), text: spinText(crossingsOf(c)) },
    picture: backPicture(c, { wide: 1.3, label: words.fromTheBackItsCrossingSpun(c.block.name) }),
  });
  return [
    { kind: 'text', text: intro },
    {
      ...{ kind: 'steps', steps: [...joins.flatMap(joinStep), ...(spunIn(c).block ? [spinning()] : [])] },
      ...(block.make > 1 && { times: block.make }),
    },
  ];

  function joinStep(join: JoinStep): PaperStep[] {
    const last = join.name === 'The block';
    return joinPaperSteps(join, {
      sewn: joinPicture(join, walk, colours, longestOf(joins)),
      most: longestOf(joins),
      before: join.alike.length > 1 ? words.makeAlike(join.alike.length) : '',
      name: join.name,
      // The whole block is measured once it is checked.
      ...(!last && {
        check: [words.measure2, { bold: join.size[0] === join.size[1] ? words.square(join.size[0]) : by(...join.size) }, '.'],
        checkpoint: checkpointOf(join, c),
      }),
      ...splitFor(context),
    });
  }
}

/** Somebody new to it sees the parts face to face first. */
const splitFor = ({ c, colours, colourway, wishes }: Context) =>
  wishes.level === 'new' ? { split: { c, colours, fabric: (role: string) => fabricWord(colourway, role) } } : {};

const checkPieces = ({ block, c, sheet, several }: Context): PaperPiece[] => [
  {
    kind: 'text',
    tone: 'check',
    checkpoint: partCheckpoint(c.block.name, c.cloth.patches, c),
    text: [
      { bold: words.yourBlockShouldMeasure(sized(block, sheet.unit)) },
      words.measureThroughTheMiddleBothWays(toleranceText(sheet.unit)),
    ],
  },
  ...roundPieces(block, sheet.unit, several),
];

/** The likeliest wrong pictures, shown before the long seams are sewn; each once where several say the same. */
function mistakes({ c, colours, colourway, wishes }: Context): PaperPiece[] {
  const slips = wishes.level === 'versed' ? [] : slipsOf(c, 3);
  if (slips.length === 0) return [];
  return [
    { kind: 'heading', level: 3, text: words.commonMistakes },
    {
      kind: 'pictures',
      pictures: slips.map((slip): PaperPicture => {
        const wrong = drawn(slip.drawing, { wide: 1, label: words.wrong(slip.text), colours });
        return {
          ...wrong,
          caption: slipWords(slip, colourway, slips[0]),
          shapes: [...wrong.shapes, ...slip.at.map(frame)],
        };
      }),
    },
  ];
}

/** Coping and frame: the sides first, then top and bottom, a size after each. */
function roundPieces({ name, round, make }: SheetBlock, unit: string, several: boolean): PaperPiece[] {
  if (round.length === 0) return [];
  const what = [...new Set(round.map((r) => words[r.name].toLowerCase()))];
  return [
    { kind: 'heading', level: 3, text: words.sewOnThe(listed(what), several ? words.ofWords(name) : '') },
    {
      kind: 'list',
      ordered: true,
      items: round.map((r) =>
        words.sewTwoStripsToThePress(
          words[r.name],
          r.strip,
          unit,
          r.sides === 'sides' ? words.sides : words.topAndBottom,
          words.ofEachBlock(make),
          r.size,
        ),
      ),
    },
  ];
}

const frame = ([x, y, w, h]: readonly [number, number, number, number]) => ({
  fill: 'none',
  wrong: true,
  points: [
    [x, y],
    [x + w, y],
    [x + w, y + h],
    [x, y + h],
  ] as const,
});
