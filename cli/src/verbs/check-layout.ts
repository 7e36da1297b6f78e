/** check-layout FILE --block ID --colourway ID PICTURE: what lies where in a photograph of a block's units, or of a quilt's blocks. */
import { checkLayout as checked, layoutOf, type Layout, type LayoutUnit } from '@aggrega/core/eye';
import { averageColour } from '@aggrega/core/fabric';
import { constructMonthBlock, quiltLayout, type Colourway, type Programme } from '@aggrega/core/programme';
import type { Verb } from '../main';
import { cornersOf, cornersText, pixelsOf } from '../pictures';
import { pick, readOptions, UsageError } from '../usage';
import { words as said } from '../words';

const NAMES = ['block', 'month', 'colourway', 'corners', 'size'] as const;

/** By unit, counted from 1 row by row as the block or the quilt stands: what lies in its place. Throws PlanError for a picture that cannot be read. */
export const checkLayout: Verb = async ({ programme }, given) => {
  const quilt = given.includes('--quilt');
  // Every other option has a value: what is left over is the picture.
  const rest = given.filter((word) => word !== '--quilt');
  const path = rest.length % 2 === 1 ? rest.at(-1) : undefined;
  const options = readOptions(path === undefined ? rest : rest.slice(0, -1), NAMES);
  const { block, month, colourway: id, corners: written, size } = options;
  const both = quilt && (block !== undefined || month !== undefined);
  if (path === undefined || both || (!quilt && (block === undefined || size !== undefined)))
    throw new UsageError(said.checkLayoutNeeds);
  const colourway = id === undefined ? programme.colourways[0]! : pick(programme.colourways, id, 'colourway');
  const layout = quilt ? layoutOfQuilt(programme, size) : layoutOfBlock(programme, { block: block!, month, colourway });
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

function layoutOfBlock(
  programme: Programme,
  { block, month, colourway }: { block: string; month?: string; colourway: Colourway },
): Layout {
  const drawing = pick(programme.blocks, block, 'block');
  const months = month === undefined ? programme.months : [pick(programme.months, month, 'month')];
  const entry = months.flatMap((m) => m.blocks).find((e) => e.block === drawing);
  if (!entry) throw new UsageError(said.noMonthSewsBlock(block));
  return layoutOf(constructMonthBlock(programme, entry, colourway));
}

function layoutOfQuilt(programme: Programme, size: string | undefined): Layout {
  const layout = quiltLayout(programme, size === undefined ? undefined : pick(programme.sizes, size, said.sizeOption));
  if (!layout) throw new UsageError(said.nothingIsSet);
  return layout;
}
