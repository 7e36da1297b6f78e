/** Tools that a month's sheet uses, and what makes its work easier without being needed. */
import { marker, type Construction, type UnitPlan } from '../construction';
import { spunIn } from './spinning';
import { words } from './words/tools';

export interface SheetTools {
  tools: string[];
  /** In place of a tool, or beside one: nobody has to buy it for this sheet. */
  helps: string[];
}

/** `seam`: '1/4 in'; `units`: those that are made with this month, pools' too. */
export function toolsOf(
  constructions: readonly Construction[],
  units: readonly Pick<UnitPlan, 'recipe'>[],
  seam: string,
): SheetTools {
  const named = units.flatMap(({ recipe }) => recipe.tools);
  const spun = constructions.map(spunIn).some(({ block, units: inside }) => block || inside.size > 0);
  return {
    tools: [
      ...new Set([
        words.rotaryCutterMatAndRuler,
        words.footOrSeamGuide(seam),
        // A block's outer edges are pinned where it is eased in.
        ...(constructions.length > 0 ? [words.finePins] : []),
        ...named,
        ...(spun ? [words.seamRipper] : []),
      ]),
    ],
    helps: [
      ...new Set([
        ...(named.includes(marker()) ? [words.aGuideLineOnTheMachine] : []),
        ...units.flatMap(({ recipe }) => recipe.helps ?? []),
      ]),
    ],
  };
}

/** 'You will also need: …. Good to have, not needed: ….' */
export const toolWords = ({ tools, helps }: SheetTools): string =>
  words.youWillAlsoNeed(tools.join('; '), helps.length > 0 ? words.goodToHaveNotNeeded(helps.join('; ')) : '');
