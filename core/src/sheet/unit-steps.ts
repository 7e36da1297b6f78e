/** The steps of making a unit as numbered pictures with their words, all to one scale. */
import type { PaperPicture, PaperPiece } from './paper';
import type { Colours } from './pictures';
import { scenePicture } from './scene-picture';
import { theCrossing } from './spinning';
import type { SheetStep } from './sheet-step';

/** The widest picture of a method, and the narrowest that is still read in grey print. Inches. */
const WIDEST = 1.3;
const NARROWEST = 0.75;

/** `finished`: the unit sewn and pressed, for the step that has nothing else to show; `back`: its back where its crossing is spun. */
export function stepsPiece(
  steps: readonly SheetStep[],
  {
    colours,
    fabric,
    finished,
    back,
  }: { colours: Colours; fabric: (role: string) => string; finished?: PaperPicture; back?: PaperPicture },
): PaperPiece & { kind: 'steps' } {
  const most = Math.max(...steps.map((step) => step.extent));
  return {
    kind: 'steps',
    steps: steps.map(({ id, act, text, scene, extent }) => {
      const wide = Math.max(NARROWEST, (WIDEST * extent) / most);
      const other = act === 'press' ? finished : act === 'spin' ? back : undefined;
      const picture = scene ? lowered(scenePicture(scene, colours, { wide, fabric })) : other;
      return { place: { id }, ...(act === 'spin' && { spins: theCrossing() }), ...(picture && { picture }), text };
    }),
  };
}

/** No taller than it may be wide. */
export const lowered = (picture: PaperPicture, tallest = WIDEST): PaperPicture => ({
  ...picture,
  wide: Math.min(picture.wide, (tallest * picture.width) / picture.height),
});
