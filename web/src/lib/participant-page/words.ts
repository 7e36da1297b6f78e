/** What the participants' pages say. */

export const READER = {
  title: 'Step by step',
  open: 'Sew it step by step',
  sheet: 'The whole sheet',
  goTo: 'Go to',
  start: 'What it is',
  step: ({ number, count }: { number: number; count: number }) => `step ${number} of ${count}`,
  count: (done: number, all: number) => `${done} of ${all}`,
  progress: 'How far you are',
  back: 'Back',
  next: 'Next',
  done: 'Done',
  finish: 'Finish',
  awake: 'The screen stays on. What you have opened here can be read without a connection too.',
  asleep: 'What you have opened here can be read without a connection too.',
};
