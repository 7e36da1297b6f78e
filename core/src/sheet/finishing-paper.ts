/** Finishing on paper: borders measured through the middle, layers, basting, quilting, squaring up, binding; each step with its picture. */
import { by, formatLength, type Rational } from '../measure';
import { backingCloth, settingPieces, waddingOf } from '../programme';
import {
  bastedScene,
  bindingClosed,
  bindingSewn,
  bindingTurned,
  cornerTurned,
  layersScene,
  quiltedScene,
  squaredScene,
  stripFolded,
  stripsJoined,
  type Finished,
} from './finishing-scenes';
import { inWords } from './in-words';
import type { PaperPicture, PaperPiece, PaperStep } from './paper';
import { quiltDrawing, withBorders } from './quilt-pictures';
import { centreOf, type Told } from './quilt-told';
import { scenePicture } from './scene-picture';
import type { Stages } from './setting-stages';
import { fabricWord } from './sheet-unit';
import { words } from './words/finishing-paper';

/** Whatever of it comes with the month. */
export function finishingPieces(told: Told, stages: Stages): PaperPiece[] {
  const at = told.programme.months.indexOf(told.month);
  return [
    ...(stages.borders === at ? borderPieces(told) : []),
    ...(stages.layers === at ? layerPieces(told) : []),
    ...(stages.binding === at ? bindingPieces(told) : []),
  ];
}

const section = (text: string, steps: PaperStep[]): PaperPiece[] => [
  { kind: 'heading', level: 2, text },
  { kind: 'steps', steps },
];

/** A length with its unit. */
const long = ({ programme: { unit } }: Told, x: Rational) => `${formatLength(x, unit)} ${unit}`;

function borderPieces(told: Told): PaperPiece[] {
  const { quilt, programme } = told;
  const { borders } = quilt.setting;
  const steps = borders.flatMap(({ corners, strips }, i): PaperStep[] => {
    const which = borders.length > 1 ? words.border(i + 1) : '';
    const [before, after] = [centreOf(told, i), centreOf(told, i + 1)];
    const picture = (count: number, line?: 'upright' | 'level') => measuredPicture(told, count, line);
    const joined = strips === 'joined' ? words.joinTheBorderStripsEndTo : '';
    if (corners === 'mitred')
      return [
        {
          picture: picture(i, 'upright'),
          text: words.measureTheTopThroughTheMiddle(which, joined),
          check: words.aboutBy(before.w, before.h, programme.unit),
        },
        {
          picture: picture(i + 1),
          text: words.sewEachBorderOnFromInside(long(told, programme.house.seam)),
          check: words.measureBy(after.w, after.h, programme.unit),
        },
      ];
    return [
      {
        picture: picture(i, 'upright'),
        text: words.measureTheTopFromUpperTo(which, joined),
        check: words.about(before.h, programme.unit),
      },
      {
        picture: sidesPicture(told, i),
        text: words.pinTheSideBordersOnMiddles,
      },
      {
        picture: picture(i + 1, 'level'),
        text: words.measureFromSideToSideThrough,
        check: words.aboutTheTopNowMeasuresBy(after.w, programme.unit, after.h),
      },
    ];
  });
  return section(words.sewOnTheBorders(borders.length), steps);
}

/** The top with its first borders, measured through its middle. */
function measuredPicture(told: Told, count: number, line?: 'upright' | 'level'): PaperPicture {
  const { quilt, colours } = told;
  const drawn = quiltDrawing(withBorders(told, count), colours, {
    wide: 1.35,
    label: line ? words.theTopMeasuredThroughTheMiddle : words.theTopWithItsBorder,
  });
  const inset = quilt.setting.borders.slice(count).reduce((sum, b) => sum + b.finished.valueOf(), 0);
  const [w, h] = [drawn.width, drawn.height];
  const ends =
    line === 'upright'
      ? ([
          [w / 2, inset],
          [w / 2, h - inset],
        ] as const)
      : ([
          [inset, h / 2],
          [w - inset, h / 2],
        ] as const);
  if (!line) return drawn;
  const [from, to] = ends;
  return {
    ...drawn,
    lines: [
      { from, to, kind: 'arrow' },
      { from: to, to: from, kind: 'arrow' },
    ],
  };
}

/** The top with the side pieces of its next border. */
function sidesPicture(told: Told, before: number): PaperPicture {
  const whole = withBorders(told, before + 1);
  const own = told.quilt.top.parts.filter((p) => p.group !== 'borders' || p.number! <= before + 1);
  const ends = own.map((p) => p.group === 'borders' && p.number === before + 1 && p.name === 'top or bottom border');
  const picture = { ...whole, parts: whole.parts.filter((_, i) => !ends[i]) };
  return quiltDrawing(picture, told.colours, { wide: 1.35, label: words.theTopWithItsSideBorders });
}

/** The letters of what shows in the pictures of finishing. */
function finishedOf({ quilt: { setting }, colourway }: Told): Finished {
  const any = [...colourway.fabrics.keys()][0]!;
  const top = setting.borders.at(-1)?.role ?? setting.sashing?.role ?? setting.triangles?.role ?? any;
  return { top, backing: setting.backing?.role ?? any, binding: setting.binding?.role ?? top };
}

function layerPieces(told: Told): PaperPiece[] {
  const { programme, colourway, wishes, quilt } = told;
  const finished = finishedOf(told);
  const cloth = backingCloth(programme, colourway, wishes.size);
  const { w, h } = quilt.backing;
  const size = by(formatLength(w, programme.unit), long(told, h));
  const panels =
    cloth && cloth.panels > 1
      ? words.cutTheBackingIntoLengthsTrim(inWords(cloth.panels), long(told, quilt.setting.backing!.seam))
      : '';
  const wadding = waddingOf(programme, colourway, wishes.size);
  const step = (scene: Parameters<typeof scenePicture>[0], text: string, check?: string): PaperStep => ({
    picture: pictureOf(told, scene),
    text,
    ...(check && { check }),
  });
  return section(words.layerBasteAndQuilt, [
    step(
      layersScene(finished),
      words.tapeTheBackingToTheFloor(panels.trim(), panels ? ' ' : ''),
      words.backingAtLeast(wadding ? words.andWadding : '', size),
    ),
    step(bastedScene(finished), words.basteFromTheMiddleOutwardsWith),
    step(quiltedScene(finished), words.quiltFromTheMiddleOutwardsAlong),
    step(squaredScene(finished), words.squareUpLayTheRulerOn),
  ]);
}

function bindingPieces(told: Told): PaperPiece[] {
  const { programme, colourway, wishes, quilt } = told;
  const { binding } = quilt;
  if (!binding) return [];
  const finished = finishedOf(told);
  const strips = settingPieces(programme, colourway, wishes.size).find((p) => p.name.startsWith('binding'));
  const many = strips ? words.theStrips(inWords(strips.qty)) : words.theStrips2;
  const seam = long(told, programme.house.seam);
  const step = (scene: Parameters<typeof scenePicture>[0], text: string, check?: string): PaperStep => ({
    picture: pictureOf(told, scene),
    text,
    ...(check && { check }),
  });
  return section(words.bind, [
    step(
      stripsJoined(finished),
      words.joinOfEndToEndLay(many, fabricWord(colourway, binding.role), seam),
      words.measureAbout(Math.ceil(binding.length.valueOf()), programme.unit),
    ),
    step(stripFolded(finished), words.pressItInHalfLengthwaysWrong),
    step(bindingSewn(finished), words.beginInTheMiddleOfA(seam)),
    step(cornerTurned(finished), words.turnTheStripUpAwayFrom),
    step(bindingClosed(finished), words.joinTheTwoLooseEndsWith),
    step(bindingTurned(finished), words.foldTheBindingOverToThe),
  ]);
}

const pictureOf = ({ colours, colourway }: Told, found: Parameters<typeof scenePicture>[0]): PaperPicture => ({
  ...scenePicture(found, colours, { wide: 1.2, fabric: (role) => fabricWord(colourway, role) }),
});
