/** trace FILE.svg: a drawing from another program as a block file. */
import { readFileSync } from 'node:fs';
import { blockDocument } from '@aggrega/core/block';
import { blockOfTracing, likelyGrids, readSvg, trace as laid, Unreadable, type Grid } from '@aggrega/core/svg';
import { PlanError } from '@aggrega/core/programme';
import { readOptions, UsageError } from '../usage';
import { words as said } from '../words';

const LETTERS = 'ABCDEFGHIJKLMNOPQRSTUVWXYZ';

/** The block, and what was done to the drawing. Throws PlanError for a drawing that cannot be read or laid on the grid. */
export function trace(path: string, given: string[]) {
  const { grid: written } = readOptions(given, ['grid']);
  const asked = /^(\d{1,2})x(\d{1,2})$/.exec(written ?? '');
  if (written !== undefined && !(asked && Number(asked[1]) > 0 && Number(asked[2]) > 0))
    throw new UsageError(said.gridIs(written));
  const refuse = (message: string) => new PlanError([{ path: '', message }]);
  let drawing;
  try {
    drawing = readSvg(readFileSync(path, 'utf8'));
  } catch (error) {
    throw refuse(error instanceof Unreadable ? error.message : said.theFileCannotBeRead((error as Error).message));
  }
  if (drawing.shapes.length === 0) throw refuse(said.nothingStraightIsDrawn);
  const grids = likelyGrids(drawing.shapes);
  const grid: Grid = asked ? [Number(asked[1]), Number(asked[2])] : (drawing.grid ?? grids[0]!.grid);
  const found = laid(drawing, grid);
  if ('trouble' in found) throw refuse(found.trouble);
  const { tracing } = found;
  if (tracing.paints.length > LETTERS.length) throw refuse(said.moreColoursThanLetters(tracing.paints.length));
  // Letters that the drawing names stay; the others go by what covers most.
  const free = [...LETTERS].filter((letter) => !tracing.paints.some((p) => p.letter === letter));
  const letters = new Map(tracing.paints.map((p) => [p.id, p.letter ?? free.shift()!]));
  return {
    block: blockDocument(blockOfTracing(tracing, letters, drawing.title ?? 'block')),
    colours: tracing.paints.map((p) => ({
      letter: letters.get(p.id),
      colour: p.colour ?? null,
      patches: p.patches,
      share: p.share,
    })),
    ...{ grids, moved: tracing.moved, seamsAdded: tracing.added.length },
    leftOut: { curved: drawing.curved, other: drawing.other, looseLines: tracing.loose },
  };
}
