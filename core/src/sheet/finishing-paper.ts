/** Finishing on paper: borders measured through the middle, layers, basting, quilting, squaring up, binding; each step with its picture. */
import { formatLength, type Rational } from '../measure';
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
    const which = borders.length > 1 ? `Border ${i + 1}. ` : '';
    const [before, after] = [centreOf(told, i), centreOf(told, i + 1)];
    const picture = (count: number, line?: 'upright' | 'level') => measuredPicture(told, count, line);
    const joined =
      strips === 'joined' ? 'Join the border strips end to end with diagonal seams, and press the seams open. ' : '';
    if (corners === 'mitred')
      return [
        {
          picture: picture(i, 'upright'),
          text: `${which}${joined}Measure the top through the middle, both ways. Mark that length on the borders from their middles, and pin them on, middles and marks matched.`,
          check: `About ${before.w} by ${before.h} ${programme.unit}.`,
        },
        {
          picture: picture(i + 1),
          text: `Sew each border on, from ${long(told, programme.house.seam)} inside one corner to ${long(told, programme.house.seam)} inside the next. Press towards the border. Fold each corner at 45 degrees, sew along the fold from the inside out, and trim.`,
          check: `Measure: ${after.w} by ${after.h} ${programme.unit}.`,
        },
      ];
    return [
      {
        picture: picture(i, 'upright'),
        text: `${which}${joined}Measure the top from upper to lower edge, through the middle. Trim both side borders to that length: they are cut a little long.`,
        check: `About ${before.h} ${programme.unit}.`,
      },
      {
        picture: sidesPicture(told, i),
        text: 'Pin the side borders on, middles and ends first, and ease the rest. An edge that is pulled ripples. Sew, and press towards the border.',
      },
      {
        picture: picture(i + 1, 'level'),
        text: 'Measure from side to side through the middle, side borders and all. Trim the top and bottom borders to that length, and sew them on in the same way.',
        check: `About ${after.w} ${programme.unit}. The top now measures ${after.w} by ${after.h} ${programme.unit}.`,
      },
    ];
  });
  return section(borders.length === 1 ? 'Sew on the border' : 'Sew on the borders', steps);
}

/** The top with its first borders, measured through its middle. */
function measuredPicture(told: Told, count: number, line?: 'upright' | 'level'): PaperPicture {
  const { quilt, colours } = told;
  const drawn = quiltDrawing(withBorders(told, count), colours, {
    wide: 1.35,
    label: line ? `The top, measured through the middle` : 'The top with its border',
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
  return quiltDrawing(picture, told.colours, { wide: 1.35, label: 'The top with its side borders' });
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
  const size = `${formatLength(w, programme.unit)} by ${long(told, h)}`;
  const panels =
    cloth && cloth.panels > 1
      ? ` Cut the backing into ${inWords(cloth.panels)} lengths, trim off the selvedges, and sew the lengths side by side with a ${long(told, quilt.setting.backing!.seam)} seam. Press the seams open.`
      : '';
  const wadding = waddingOf(programme, colourway, wishes.size);
  const step = (scene: Parameters<typeof scenePicture>[0], text: string, check?: string): PaperStep => ({
    picture: pictureOf(told, scene),
    text,
    ...(check && { check }),
  });
  return section('Layer, baste and quilt', [
    step(
      layersScene(finished),
      `${panels.trim()}${panels ? ' ' : ''}Tape the backing to the floor, wrong side up and smooth, not stretched. Lay the wadding on it, and the pressed top on both, right side up.`,
      `Backing${wadding ? ' and wadding' : ''}: at least ${size}.`,
    ),
    step(
      bastedScene(finished),
      'Baste from the middle outwards, with safety pins a hand’s width apart, or with long stitches.',
    ),
    step(
      quiltedScene(finished),
      'Quilt from the middle outwards: along the seams, or as you like. Ask for advice if it is your first.',
    ),
    step(
      squaredScene(finished),
      'Square up: lay the ruler on the edge of the top and a long seam, and trim backing and wadding even with the top. Keep every corner at 90 degrees.',
    ),
  ]);
}

function bindingPieces(told: Told): PaperPiece[] {
  const { programme, colourway, wishes, quilt } = told;
  const { binding } = quilt;
  if (!binding) return [];
  const finished = finishedOf(told);
  const strips = settingPieces(programme, colourway, wishes.size).find((p) => p.name.startsWith('binding'));
  const many = strips ? `the ${inWords(strips.qty)} strips` : 'the strips';
  const seam = long(told, programme.house.seam);
  const step = (scene: Parameters<typeof scenePicture>[0], text: string, check?: string): PaperStep => ({
    picture: pictureOf(told, scene),
    text,
    ...(check && { check }),
  });
  return section('Bind', [
    step(
      stripsJoined(finished),
      `Join ${many} of ${fabricWord(colourway, binding.role)} end to end: lay two ends across each other, right sides together, sew from corner to corner, trim to ${seam} and press open.`,
      `Measure: about ${Math.ceil(binding.length.valueOf())} ${programme.unit}.`,
    ),
    step(stripFolded(finished), 'Press it in half lengthways, wrong sides together.'),
    step(
      bindingSewn(finished),
      `Begin in the middle of a side and leave a hand’s length loose. Lay the raw edges of the strip on the edge of the quilt’s front. Sew ${seam} from the edge, and stop ${seam} before the corner.`,
    ),
    step(
      cornerTurned(finished),
      'Turn the strip up, away from the quilt, so that it folds at 45 degrees; then down along the next side, the fold level with the edge. Sew on from the edge. Do so at every corner.',
    ),
    step(bindingClosed(finished), 'Join the two loose ends with a diagonal seam where they meet, and sew the last stretch on.'),
    step(
      bindingTurned(finished),
      'Fold the binding over to the back and slip-stitch its fold over the seam. The corners fold into mitres. Sew on a label: your name, the quilt’s name and the year.',
    ),
  ]);
}

const pictureOf = ({ colours, colourway }: Told, found: Parameters<typeof scenePicture>[0]): PaperPicture => ({
  ...scenePicture(found, colours, { wide: 1.2, fabric: (role) => fabricWord(colourway, role) }),
});
