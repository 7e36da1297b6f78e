/** Templates of a month at full size, each with its line to cut, line to sew and grain; and a square to check the printer by. */
import {
  blocksAsCast,
  constructMonthBlock,
  monthTitle,
  poolMaking,
  type Colourway,
  type Month,
  type Programme,
} from '../programme';
import type { Paper, PaperPiece } from './paper';
import { checkSquare, templatePicture } from './pictures';
import { inEnglish, type SheetWishes } from './wishes';

/** Undefined for a month that needs no template. Throws PlanError. */
export function templatesPaper(
  programme: Programme,
  month: Month,
  colourway: Colourway,
  wishes: SheetWishes = {},
): Paper | undefined {
  const { unit } = programme;
  const pools = poolMaking(programme, colourway, month, wishes.size);
  const all = [
    ...blocksAsCast(programme, colourway, month, wishes.size).map((entry) => ({
      name: entry.block.name,
      cuts: constructMonthBlock(programme, entry, colourway).cuts,
    })),
    ...(pools ? [{ name: 'your pool', cuts: pools.cuts }] : []),
  ];
  const pieces = all.flatMap(({ name, cuts }): PaperPiece[] =>
    cuts.flatMap((cut): PaperPiece[] => {
      const picture = templatePicture(cut, unit, `Template of ${cut.label}, ${name}`);
      if (!picture) return [];
      const fabric = colourway.fabrics.get(cut.role)!;
      const over = cut.reversed ? ' reversed (turn the template over)' : '';
      return [
        { kind: 'heading', level: 3, text: `${cut.label} of ${name}` },
        {
          kind: 'text',
          text: `Cut ${cut.qty}${over} of ${fabric.name}. The arrow lies on the straight grain; sew on the dashed line.`,
        },
        { kind: 'pictures', pictures: [picture] },
      ];
    }),
  );
  if (pieces.length === 0) return undefined;
  const paper: Paper = {
    title: `${programme.title}: templates, ${monthTitle(month)}`,
    about: 'Templates at full size',
    footer: [programme.title, monthTitle(month), 'Templates', wishes.version ?? ''].filter(Boolean).join(' · '),
    large: wishes.large ?? false,
    pieces: [
      {
        kind: 'title',
        text: `Templates, ${monthTitle(month)}`,
        over: programme.title,
        pieces: [
          {
            kind: 'text',
            text: 'Print at 100% (‘actual size’) and check the square. These shapes cannot be cut with a ruler alone: cut round the paper template.',
          },
        ],
      },
      { kind: 'pictures', pictures: [checkSquare(unit)] },
      ...pieces,
    ],
  };
  return inEnglish(paper, programme, wishes);
}
