/** The last months: sashing, triangles, borders, backing and binding, as paper. */
import { formatLength, type Exact } from '../measure';
import {
  backingCloth,
  castPicture,
  laidOnQuilt,
  quiltAsCast,
  quiltPicture,
  scatteredOf,
  type Colourway,
  type Month,
  type Programme,
  type Quilt,
  type QuiltPicture,
} from '../programme';
import type { PartGroup } from '../setting';
import type { PaperPicture, PaperPiece } from './paper';
import { coloursOf, type Colours } from './pictures';
import type { SheetWishes } from './wishes';

/** The whole quilt; months that may not be seen yet are hatched over, and nothing of them is in it. */
export function quiltDrawing(
  picture: QuiltPicture,
  colours: Colours,
  { wide, label }: { wide: number; label: string },
): PaperPicture {
  const { width, height, places, parts } = picture;
  return {
    ...{ width, height, wide, label, lines: [], texts: [] },
    shapes: [
      ...parts.map((p) => ({ points: p.points, fill: p.covered ? '#e6e9ee' : colours(p.role) })),
      ...places.flatMap((place) =>
        place.block && !place.covered
          ? place.block.patches.map((p) => ({ points: p.points.map((q) => laidOnQuilt(place, q)), fill: colours(p.role) }))
          : [{ points: place.outline, fill: '#e6e9ee' }],
      ),
    ],
  };
}

/** Where the month's blocks, or its parts of the quilt, lie in it; the others are left pale. Nothing of a mystery, nor of blocks not set yet. */
export function whereInQuilt(
  programme: Programme,
  month: Month,
  colourway: Colourway,
  wishes: SheetWishes,
): PaperPicture | undefined {
  const secret = wishes.out ? programme.months.some((m) => !wishes.out!.has(m.id)) : programme.mystery;
  if (secret || (month.blocks.length === 0 && partsWith(programme, month, wishes).size === 0)) return undefined;
  const quilt = quiltAsCast(programme, colourway, wishes.size);
  if (!quilt) return undefined;
  const picture = castPicture(quiltPicture(quilt, programme), scatteredOf(programme, colourway, wishes.size));
  const colours = coloursOf(colourway, wishes.coloured !== false);
  const own = new Set(
    quilt.top.parts.filter((p) => p.group && quilt.setting.months.get(p.group) === month.id).map((p) => p.name),
  );
  const { width, height, places, parts } = picture;
  const wide = Math.min(1.1, (1.4 * width) / height);
  return {
    ...{ width, height, wide, lines: [], texts: [], label: `Where it lies in the quilt` },
    shapes: [
      ...parts.map((p) => ({ points: p.points, fill: own.has(p.name) ? colours(p.role) : PALE })),
      ...places.flatMap((place) =>
        place.block && place.month === month
          ? place.block.patches.map((p) => ({ points: p.points.map((q) => laidOnQuilt(place, q)), fill: colours(p.role) }))
          : [{ points: place.outline, fill: PALE }],
      ),
    ],
  };
}

const PALE = '#eef0f3';

/** The parts of the quilt that a month hands out. */
function partsWith(programme: Programme, month: Month, { size }: SheetWishes): Set<PartGroup> {
  const setting = size?.setting ?? programme.setting;
  return new Set([...(setting?.months ?? [])].filter(([, id]) => id === month.id).map(([group]) => group));
}

/** What a month that hands out parts of the quilt does with them; nothing for any other. */
export function quiltPieces(programme: Programme, month: Month, colourway: Colourway, wishes: SheetWishes): PaperPiece[] {
  const { size } = wishes;
  const setting = size?.setting ?? programme.setting;
  const groups = partsWith(programme, month, wishes);
  const quilt = groups.size > 0 ? quiltAsCast(programme, colourway, size) : undefined;
  if (!setting || !quilt) return [];
  const picture = castPicture(quiltPicture(quilt, programme), scatteredOf(programme, colourway, size));
  const colours = coloursOf(colourway, wishes.coloured !== false);
  return [
    { kind: 'heading', level: 2, text: 'The quilt' },
    {
      kind: 'beside',
      pictures: [quiltDrawing(picture, colours, { wide: 2.6, label: `The quilt in ${colourway.name}` })],
      pieces: [
        { kind: 'text', text: ['It finishes at ', { bold: finishedWords(quilt, programme) }, '.'] },
        ...stepsOf(groups, quilt, programme, colourway, wishes),
      ],
    },
  ];
}

export function finishedWords({ top }: Quilt, { unit, house }: Programme): string {
  const side = (x: Exact) => formatLength(x.isRational ? x.rational : x.ceilTo(house.rounding), unit);
  return `${side(top.w)} by ${side(top.h)} ${unit}`;
}

function stepsOf(
  groups: ReadonlySet<PartGroup>,
  quilt: Quilt,
  programme: Programme,
  colourway: Colourway,
  { size }: SheetWishes,
): PaperPiece[] {
  const { setting, binding } = quilt;
  const { unit, house } = programme;
  const seam = formatLength(house.seam, unit);
  const steps: string[] = [];
  const onPoint = setting.kind === 'on-point';
  if (groups.has('sashing') && setting.sashing) {
    const corners = setting.cornerstone
      ? 'Sew sashes and cornerstones into strips, pressing towards the sashes; sew blocks and sashes into rows, pressing towards the sashes again: every crossing nests.'
      : 'Sew upright sashes between the blocks of a row, then the long level sashes between the rows. Press towards the sashes.';
    steps.push(`Lay all blocks out with their sashing before you sew. ${corners}`);
  }
  if (groups.has('triangles') && onPoint)
    steps.push(
      'The rows run corner to corner. Sew a side triangle to both ends of each row, square corners matched, the long edge outside; the corner triangles go on last, their middles matched.',
    );
  if (groups.has('alternate')) steps.push('Plain blocks lie in every second place: press towards them.');
  if (groups.has('rounds'))
    steps.push(
      'Go round from the middle outwards: sides first, then top and bottom; measure through the middle before each round.',
    );
  if (groups.has('borders') && setting.borders.length > 0) {
    const mitred = setting.borders.some((b) => b.corners === 'mitred');
    steps.push(
      `Measure the top through the middle, both ways, and pin the borders to that length: an edge that is stretched ripples. ${
        mitred
          ? `Sew from ${seam} inside each corner; fold the ends at 45 degrees and sew the corners last.`
          : 'Sides first, then top and bottom.'
      } Press towards the border.`,
    );
  }
  if (groups.has('backing')) {
    const cloth = backingCloth(programme, colourway, size);
    if (cloth) {
      const { name } = cloth.fabric;
      const panels = cloth.panels === 1 ? `one length of ${name}` : `${cloth.panels} lengths of ${name}, sewn side by side`;
      steps.push(
        `Backing: ${panels}, at least ${formatLength(cloth.w, unit)} by ${formatLength(cloth.h, unit)} ${unit}. Layer backing, batting and top; the backing stands out on every side.`,
      );
    }
  }
  if (groups.has('binding') && binding)
    steps.push(
      `Binding: join the strips on the diagonal to ${formatLength(binding.length, unit)} ${unit}, fold in half lengthwise and press. Sew on, folding a mitre at each corner, and turn to the back.`,
    );
  return steps.length === 0 ? [] : [{ kind: 'list', ordered: true, items: steps }];
}
