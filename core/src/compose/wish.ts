/** What an organiser asks of a year that is composed for her. */
import type { Skill, Technique } from '../construction';
import type { LengthUnit } from '../measure';
import type { ProgrammeFile } from '../programme';

/** What a participant gets: the kinds of kits, with a bundle of fat quarters apart. */
export const givings = ['yardage', 'pre-cut', 'bundle', 'list'] as const;
export type Giving = (typeof givings)[number];

export interface Wish {
  /** Finished side of a block, as it is typed, in the document's unit. */
  block: string;
  /** The quilt that she has in mind, finished, in the document's unit; what is offered comes near. */
  quilt: { width: number; height: number };
  /** The skill that the first block asks for at most, and the skill that the year leads to. */
  skill: { from: Skill; to: Skill };
  /** What is to be taught; empty for what fits between the two skills. */
  teach: readonly Technique[];
  /** Whether the last instalment is kept for setting and finishing. */
  finishing: boolean;
  giving: Giving;
  /** In each bundle; asked for that way of giving alone. */
  fatQuarters: number;
  /** Hours at the machine that a month's blocks may take. */
  hours: number;
  mystery: boolean;
  /** What a yard costs, in the document's currency; left out while nobody knows. */
  pricePerYard?: number;
  /** The same number brings the same years. */
  seed: number;
}

/** Months of a composed year that stay, while others are sought for the rest. */
export interface Kept {
  file: ProgrammeFile;
  /** Ids of the months. */
  months: readonly string[];
}

/** What is composed: a whole document, and what each month is there for. */
export interface ComposedYear {
  file: ProgrammeFile;
  /** One for each month of the document, in its order. */
  lessons: readonly Lesson[];
}

export interface Lesson {
  /** Of the month. */
  id: string;
  introduces?: Technique;
  practises: readonly Technique[];
  /** At a steady pace; 0 for a month without blocks. */
  minutes: number;
  skill: Skill;
}

/** A quilt that people ask for, by what it lies on: width and height, finished. */
export interface QuiltSize extends Record<LengthUnit, readonly [width: number, height: number]> {
  id: 'wall' | 'lap' | 'single' | 'double';
}

export const quiltSizes: readonly QuiltSize[] = [
  { id: 'wall', in: [40, 40], cm: [100, 100] },
  { id: 'lap', in: [50, 64], cm: [130, 160] },
  { id: 'single', in: [66, 90], cm: [165, 225] },
  { id: 'double', in: [84, 96], cm: [215, 245] },
];
