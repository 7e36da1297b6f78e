/** The steps of making a unit as data: what hands do, in whose words, and what lies on the table then. */
import type { Scene } from '../../hands';
import { words } from './words/step';

/** What hands do, in the order in which they come within a round of sewing. */
export const acts = ['cut', 'crease', 'mark', 'place', 'sew', 'check', 'bonus', 'apart', 'press', 'spin', 'trim'] as const;
export type Act = (typeof acts)[number];

/** What a picture has to know of the fabrics in hand, and of the hands. */
export interface Hand {
  /** Whether the first fabric is lighter than the second. */
  lighter(a: string, b: string): boolean;
  /** The fabric that the unit's seam lies on, counted in the order of sewing; 'open'; '' where it is left to the maker. */
  towards(seam: number): string;
  /** The cutter is held in the left hand. */
  left: boolean;
}

export interface Step {
  act: Act;
  /** One or two sentences; '' where the pressing plan says them. */
  text: string;
  /** Which seams the plan's words are about, counted in the order of sewing; left out: all of the unit. */
  seams?: readonly number[];
  /** The picture, drawn when it is asked for. */
  scene?: (hand: Hand) => Scene;
}

/** Where the unit is pressed as the plan says: opened and pressed first, then trimmed. `seams`: those that are pressed now. */
export const planned = (scene?: Step['scene'], seams?: readonly number[]): Step => ({
  ...{ act: 'press', text: '' },
  ...(seams && { seams }),
  ...(scene && { scene }),
});

/**
 * The steps with the plan's words in their place: `press` says how some seams, or all, are pressed, '' where nothing is to say. After the
 * last of them comes `spin`, where the crossing is spun.
 */
export function stepsInOrder(steps: readonly Step[], press: (seams?: readonly number[]) => string, spin?: Step): Step[] {
  const last = steps.findLastIndex((step) => step.text === '');
  return steps.flatMap((step, i) => {
    if (step.text !== '') return [step];
    const text = press(step.seams);
    return [...(text ? [{ ...step, text }] : []), ...(spin && i === last ? [spin] : [])];
  });
}

/** A seam to both sides of a drawn line, and the cut on it; `seam`: '1/4 in'. */
export const sewnAndCut = (
  seam: string,
  scene: (hand: Hand, stage: 'sew' | 'apart') => Scene,
  cut = words.cutOnTheLine,
): Step[] => [
  {
    act: 'sew',
    text: words.sewFromTheLineOnBoth(seam),
    scene: (hand) => scene(hand, 'sew'),
  },
  { act: 'apart', text: cut, scene: (hand) => scene(hand, 'apart') },
];
