/** How well a programme's quilt goes together, its blocks made as the months say. */
import { constructSewn, quiltOf, setBlocks, type Colourway, type Programme, type SizeOption } from '../programme';
import type { People } from './people';
import { foreseeTop, type ForeseenTop, type TopBlock } from './quilt';

export interface QuiltAsked {
  colourway: Colourway;
  size?: SizeOption;
  people?: People;
  /** Told how much of the work is done, from 0 to 1. */
  report?: (share: number) => void;
}

export interface ForeseenQuilt extends ForeseenTop {
  blocks: (TopBlock & { month: string; name: string })[];
}

/**
 * The forecast of the quilt in a colourway; undefined where there is no setting, or where its parts interlock. Blocks that are not drawn yet are taken to fit. Throws
 * PlanError where the setting, or a block, cannot be made.
 */
export function foreseeQuilt(programme: Programme, { colourway, size, ...asked }: QuiltAsked): ForeseenQuilt | undefined {
  const quilt = quiltOf(programme, size);
  if (!quilt) return undefined;
  const entries = new Map(setBlocks(programme.months).map((set) => [set.block.key, set]));
  const constructionOf = (key: string) => {
    const entry = entries.get(key)?.entry;
    return entry && constructSewn(programme, entry, colourway);
  };
  const found = foreseeTop({
    ...{ top: quilt.top, kind: quilt.setting.kind, house: programme.house, constructionOf },
    ...asked,
  });
  return (
    found && {
      ...found,
      blocks: found.blocks.map((block) => {
        const { month, entry } = entries.get(block.key)!;
        return { ...block, month: month.id, name: entry!.block.name };
      }),
    }
  );
}
