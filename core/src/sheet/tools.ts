/** Tools that a month's sheet uses, and what makes its work easier without being needed. */
import { listed } from '../measure';
import { marker, starch, type Construction, type UnitPlan } from '../construction';
import { spunIn } from './spinning';
import { words } from './words/tools';

export interface SheetTools {
  tools: string[];
  /** In place of a tool, or beside one: nobody has to buy it for this sheet. */
  helps: string[];
  /** What is needed where the units are there already. */
  joining: string[];
  /** Units whose edges are bias and starched before they are cut: 'U1', or 'U1 and U3 of Cloche' where there are several blocks. */
  starched: string[];
}

/** A block with its units, or a pool; `name`: what its units are told apart by from others of the sheet. */
interface Made {
  c?: Construction;
  units: readonly Pick<UnitPlan, 'label' | 'recipe'>[];
  name?: string;
}

/** `seam`: '1/4 in'; of each block the units that are made with this month, and pools' units. */
export function toolsOf(made: readonly Made[], seam: string): SheetTools {
  const named = made.flatMap(({ units }) => units.flatMap(({ recipe }) => recipe.tools));
  const blocks = made.flatMap(({ c }) => c ?? []);
  const spun = blocks.map(spunIn);
  // A block's outer edges are pinned where it is eased in.
  const sewing = [words.footOrSeamGuide(seam), ...(blocks.length > 0 ? [words.finePins] : [])];
  const ripper = (when: boolean) => (when ? [words.seamRipper] : []);
  return {
    tools: unique([
      ...[words.rotaryCutterMatAndRuler, ...sewing, ...named],
      ...ripper(spun.some(({ block, units: inside }) => block || inside.size > 0)),
    ]),
    helps: unique([
      ...(named.includes(marker()) ? [words.aGuideLineOnTheMachine] : []),
      ...made.flatMap(({ units }) => units.flatMap(({ recipe }) => recipe.helps ?? [])),
    ]),
    joining: [...sewing, ...ripper(spun.some(({ block }) => block))],
    starched: made.flatMap(({ units, name }) => {
      const labels = listed(unique(units.filter((u) => u.recipe.tools.includes(starch())).map((u) => u.label)));
      return labels ? [name ? words.ofBlock(labels, name) : labels] : [];
    }),
  };
}

const unique = (all: readonly string[]) => [...new Set(all)];

/** 'You will also need: …. Good to have, not needed: ….' */
export const toolWords = ({ tools, helps }: Pick<SheetTools, 'tools' | 'helps'>): string =>
  words.youWillAlsoNeed(tools.join('; '), helps.length > 0 ? words.goodToHaveNotNeeded(helps.join('; ')) : '');

/** What to starch before it is cut, or before it is sewn where it comes as pieces; '' where no edge is bias. */
export function starchWords({ starched }: Pick<SheetTools, 'starched'>, when: 'cut' | 'sew'): string {
  if (starched.length === 0) return '';
  return when === 'cut' ? words.starchTheFabricFor(listed(starched)) : words.starchThePiecesFor(listed(starched));
}
