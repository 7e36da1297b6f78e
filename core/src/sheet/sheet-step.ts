/** A unit's steps with their pictures, drawn for the fabrics and the hands of one sheet. */
import { boxOf, type Scene } from '../hands';
import { stepsInOrder, type Act, type Construction, type Step, type UnitPlan } from '../construction';
import { handOf } from './hand';
import { theCrossing, spinText } from './spinning';

export interface SheetStep {
  /** Its name within the unit, 'sew', 'sew-2': what the organiser's own words are kept under. */
  id: string;
  act: Act;
  text: string;
  /** What lies on the table then; undefined where the finished unit says it. */
  scene?: Scene;
  /** The longer side of what lies there, to draw a unit's steps to one scale. */
  extent: number;
}

/** The steps of a unit in the order of the hands; `press`: the plan's words, `spins`: its crossing is spun. */
export function sheetSteps(
  unit: UnitPlan,
  c: Construction,
  { press, spins, left }: { press: (seams?: readonly number[]) => string; spins: boolean; left: boolean },
): SheetStep[] {
  const spin: Step | undefined = spins ? { act: 'spin', text: spinText(theCrossing()) } : undefined;
  // What is spun is pressed by that, where the plan leaves its side open.
  const seams = handOf(unit, c, left);
  const said = (which?: readonly number[]) =>
    spins && which !== undefined && which.every((i) => seams.towards(i) === '') ? '' : press(which);
  return drawnSteps(stepsInOrder(unit.recipe.steps, said, spin), seams);
}

/** Steps with their scenes drawn and their names given. */
export function drawnSteps(steps: readonly Step[], hand: ReturnType<typeof handOf>): SheetStep[] {
  const count = new Map<Act, number>();
  return steps.map(({ act, text, scene }): SheetStep => {
    const n = (count.get(act) ?? 0) + 1;
    count.set(act, n);
    const drawn = scene?.(hand);
    const [, , w, h] = drawn ? boxOf(drawn.plies) : [0, 0, 0, 0];
    return { id: n === 1 ? act : `${act}-${n}`, act, text, ...(drawn && { scene: drawn }), extent: Math.max(w, h) };
  });
}
