/** check-layout FILE --block ID --colourway ID PICTURE: what lies where in a photograph of a block's units. */
import { checkLayout as checked, layoutOf, type LayoutUnit } from '@aggrega/core/eye';
import { averageColour } from '@aggrega/core/fabric';
import { constructMonthBlock } from '@aggrega/core/programme';
import type { Verb } from '../main';
import { cornersOf, cornersText, pixelsOf } from '../pictures';
import { pick, readOptions, UsageError } from '../usage';
import { words as said } from '../words';

/** By unit, counted from 1 row by row as the block stands: what lies in its place. Throws PlanError for a picture that cannot be read. */
export const checkLayout: Verb = async ({ programme }, given) => {
  // Every option has a value: what is left over is the picture.
  const path = given.length % 2 === 1 ? given.at(-1) : undefined;
  const {
    block,
    month,
    colourway: id,
    corners: written,
  } = readOptions(path === undefined ? given : given.slice(0, -1), [...(['block', 'month', 'colourway', 'corners'] as const)]);
  if (block === undefined || path === undefined) throw new UsageError(said.checkLayoutNeeds);
  const drawing = pick(programme.blocks, block, 'block');
  const months = month === undefined ? programme.months : [pick(programme.months, month, 'month')];
  const entry = months.flatMap((m) => m.blocks).find((e) => e.block === drawing);
  if (!entry) throw new UsageError(said.noMonthSewsBlock(block));
  const colourway = id === undefined ? programme.colourways[0]! : pick(programme.colourways, id, 'colourway');
  const layout = layoutOf(constructMonthBlock(programme, entry, colourway));
  const colours = new Map([...colourway.fabrics].map(([role, { colour, print }]) => [role, averageColour(colour, print)]));
  const corners = written === undefined ? undefined : cornersOf(written);
  const answer = checked(await pixelsOf(path), layout, colours, { corners });
  if (!answer) throw new UsageError(said.cornersAre(written ?? ''));
  const numbered = (lie: LayoutUnit) => ({
    ...lie,
    ...('unit' in lie && { unit: lie.unit + 1 }),
    ...('with' in lie && { with: lie.with + 1 }),
  });
  return {
    units: answer.units.map((lie, i) => ({
      unit: i + 1,
      ...(layout.units[i]!.label && { label: layout.units[i]!.label }),
      lies: numbered(lie),
    })),
    rowsUpsideDown: answer.upsideDown.map((r) => r + 1),
    turned: answer.turned,
    corners: cornersText(answer.corners),
  };
};
