import demo from '$demo/allotment-year.aggrega.json';
import scraps from '$demo/winter-scrap-basket.aggrega.json';
import { readProgramme, type ProgrammeFile } from '@aggrega/core/programme';
import { stringify } from 'devalue';
import { describe, expect, it } from 'vitest';
import { partAsked } from './part-asked';
import { usualQuestions } from './year-questions';
import { work, type YearQuestion } from './year-work';

const year = demo as unknown as ProgrammeFile;
const read = (file: ProgrammeFile) => {
  const reading = readProgramme(file);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
};
/** With a shorter curve of the head count, which asks for as much as all others together. */
const questions = (file: ProgrammeFile) => usualQuestions(read(file), '2027-05-20').filter((q) => q.kind !== 'cost');
const answered = (file: ProgrammeFile, question: YearQuestion) => stringify(work(file, question, () => undefined));
const told = (file: ProgrammeFile, question: YearQuestion) => JSON.stringify(partAsked(file, question));

describe('the part of a document that a question is about', () => {
  it('is answered as the whole document is', () => {
    for (const file of [year, scraps as unknown as ProgrammeFile])
      for (const question of questions(file)) {
        const answer = answered(file, question);
        expect(answer).toContain('answer');
        expect(answered(partAsked(file, question), question)).toBe(answer);
      }
  });

  it('stays as it is while words and prices of the programme change, and is another where fabric does', () => {
    const [march] = year.months!.filter((m) => m.id === 'm3');
    const worded = { ...year, title: 'The Plot', welcome: 'Dear all', contact: 'us', money: { price: 40 } };
    const noted = {
      ...worded,
      months: year.months!.map((m) => (m === march ? { ...m, notes: {}, words: {}, homework: 'rest' } : m)),
    };
    const wider = { ...year, fabrics: year.fabrics!.map((f, i) => (i === 0 ? { ...f, usableWidth: '44' } : f)) };
    for (const question of questions(year)) {
      expect(told(noted, question)).toBe(told(year, question));
      expect(told(wider, question)).not.toBe(told(year, question));
      // What lies on the shelf is asked for by stock alone.
      expect(told({ ...year, shelf: [] }, question) === told(year, question)).toBe(question.kind !== 'stock');
    }
  });

  it('tells a lesson from a month whose block is still to be drawn', () => {
    const silent = { ...year, months: year.months!.map((m) => (m.id === 'm10' ? { ...m, notes: {} } : m)) };
    const [question] = questions(year);
    expect(told(silent, question!)).not.toBe(told(year, question!));
  });
});
