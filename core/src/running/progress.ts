/** What a participant ticks off, in order. */
export const progressSteps = ['cut', 'units', 'block'] as const;
export type ProgressStep = (typeof progressSteps)[number];
