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
import { inLanguage, type SheetWishes } from './wishes';
import { words } from './words/templates-paper';

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
    ...(pools ? [{ name: words.yourPool, cuts: pools.cuts }] : []),
  ];
  const pieces = all.flatMap(({ name, cuts }): PaperPiece[] =>
    cuts.flatMap((cut): PaperPiece[] => {
      const picture = templatePicture(cut, unit, words.templateOf(cut.label, name));
      if (!picture) return [];
      const fabric = colourway.fabrics.get(cut.role)!;
      const over = cut.reversed ? words.reversedTurnTheTemplateOver : '';
      return [
        { kind: 'heading', level: 3, text: words.ofWords(cut.label, name) },
        {
          kind: 'text',
          text: words.cutOfTheArrowLiesOn(cut.qty, over, fabric.name),
        },
        { kind: 'pictures', pictures: [picture] },
      ];
    }),
  );
  if (pieces.length === 0) return undefined;
  const paper: Paper = {
    title: words.templates3(programme.title, monthTitle(month)),
    about: words.templatesAtFullSize,
    footer: [programme.title, monthTitle(month), words.templates, wishes.version ?? ''].filter(Boolean).join(' · '),
    large: wishes.large ?? false,
    pieces: [
      {
        kind: 'title',
        text: words.templates2(monthTitle(month)),
        over: programme.title,
        pieces: [
          {
            kind: 'text',
            text: words.printAt100ActualSizeAnd,
          },
        ],
      },
      { kind: 'pictures', pictures: [checkSquare(unit)] },
      ...pieces,
    ],
  };
  return inLanguage(paper);
}
