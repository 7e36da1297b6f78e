import { describe, expect, it } from 'vitest';
import { readProgramme, type Programme, type ProgrammeFile } from '../programme';
import demo from '../../../demo/allotment-year.aggrega.json';
import { firstSteps, newProgramme, nextStep, type FirstFacts } from './index';

const programmeIn = (file: ProgrammeFile): Programme => {
  const reading = readProgramme(file);
  if (!reading.ok) throw new Error(reading.errors[0]!.message);
  return reading.programme;
};
const none: FirstFacts = { proofed: new Set(), released: new Set(), counted: false, cut: false };
const whole = demo as unknown as ProgrammeFile;
const [first] = whole.months!;

describe('the first steps', () => {
  it('lead from nothing to a released month, one after another, and end', () => {
    const file = newProgramme({
      ...{ title: 'Hedge Year', unit: 'in', months: 3, kind: 'monthly', start: '2027-06-05', timeZone: 'UTC' },
      ...{ colourways: ['Dawn'], letters: 4, nameOf: (day) => day },
    });
    const begun = firstSteps(programmeIn(file), none);
    expect(begun.find((s) => s.id === 'block')).toMatchObject({ done: false, station: 'draft', month: file.months![0]!.id });
    const programme = programmeIn(whole);
    const month = first!.id;
    const seen: (string | undefined)[] = [];
    let facts = none;
    for (const more of [
      {},
      { counted: true },
      { proofed: new Set([month]) },
      { released: new Set([month]) },
      { cut: true },
    ] as Partial<FirstFacts>[]) {
      facts = { ...facts, ...more };
      seen.push(nextStep(firstSteps(programme, facts))?.id);
    }
    // What can wait comes when nothing else is left.
    expect(seen.slice(0, 3)).toEqual(['people', 'proof', 'release']);
    expect(['months', 'kits']).toContain(seen[3]);
    const drawn = programmeIn({
      ...whole,
      months: whole.months!.map((m) => ({ ...m, blocks: m.blocks?.length ? m.blocks : first!.blocks })),
    });
    expect(nextStep(firstSteps(drawn, facts))).toBeUndefined();
  });

  it('say what is missing by its name, and are none where there is no month', () => {
    const bare = programmeIn({ ...whole, months: whole.months!.map((m) => ({ ...m, blocks: [] })) });
    const steps = firstSteps(bare, none);
    expect(steps.find((s) => s.id === 'block')!.say).toContain(first!.name!);
    expect(steps.find((s) => s.id === 'months')!.say).toContain(String(whole.months!.length));
    expect(firstSteps({ ...bare, months: [] }, none)).toEqual([]);
  });
});
