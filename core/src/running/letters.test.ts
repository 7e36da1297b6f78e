import { describe, expect, it } from 'vitest';
import { PAGE, answerLetter, erratumLetter, releaseLetter, type FabricComes } from './letters';

const about = {
  ...{ programme: 'The Hedge', from: 'Lower Lane Guild', contact: 'us on Mondays in the barn', month: 'March' },
  ...{ blocks: 'Cloche', several: false, parts: '', made: 'Frost (Double bed)' },
};
const ada = { name: ' Ada  Fenn ' };
const release = { ...about, homework: 'Sew 80 units.', next: '10 April', comes: 'kept' as FabricComes };

describe('emails to participants', () => {
  it('says in the subject what it is, and in the first two paragraphs what to do', () => {
    const { subject, body } = releaseLetter(ada, release);
    expect(subject).toBe('The Hedge: March, Cloche');
    const paragraphs = body.trim().split('\n\n');
    expect(paragraphs[0]).toBe('Dear Ada,');
    expect(paragraphs[1]).toBe(
      `March is here, and the block is Cloche. Your sheet for Frost (Double bed) is attached, and you can also open it on your page:\n${PAGE}`,
    );
    expect(body).toContain('Before 10 April: Sew 80 units.');
    expect(paragraphs.at(-1)).toBe('Happy sewing,\nLower Lane Guild');
  });

  it('names what a month without a block is for, and the last month as the last', () => {
    const later = releaseLetter(ada, { ...release, blocks: '', parts: 'the sashing', next: '' });
    expect(later.subject).toBe('The Hedge: March');
    expect(later.body).toContain('March is here, and it’s time for the sashing.');
    expect(later.body).toContain('This is the last sheet. Well done!');
    expect(later.body).not.toContain('Before :');
  });

  it('says how the fabric comes, each way in its own words', () => {
    const ways = (['collect', 'post', 'kept', 'own', 'bag'] as const).map(
      (comes) => releaseLetter(ada, { ...release, comes }).body,
    );
    expect(new Set(ways).size).toBe(ways.length);
  });

  it('tells a correction change by change, and what to do after cutting in the organiser’s words or the usual ones', () => {
    const says = ['Cut A1 at 3 7/8 in, not 4 in.', 'You no longer need a square ruler.'];
    const usual = erratumLetter(ada, { ...about, version: 2, held: 1, says, already: '' });
    expect(usual.subject).toBe('Correction: March, Cloche. Please read before you cut');
    for (const line of says) expect(usual.body).toContain(`\n- ${line}`);
    expect(usual.body).toContain('use version 2 (attached, and on your page) and throw version 1 away');
    expect(usual.body).toContain('Already cut? Stop there and ask us first.');
    const own = erratumLetter(ada, { ...about, version: 2, held: 1, says, already: 'Trim it to 3 1/2 in.' });
    expect(own.body).toContain('Already cut? Trim it to 3 1/2 in.');
    expect(own.body).not.toContain('Stop there');
  });

  it('quotes the question line by line before the answer', () => {
    const { body } = answerLetter(ada, { ...about, asks: 'May I\npress open?', answer: 'Yes.' });
    expect(body).toMatch(/> May I\n> press open\?\n\nYes\./);
  });

  it('keeps to a length that is read: under 150 words but for what changed', () => {
    for (const { body } of [
      releaseLetter(ada, release),
      erratumLetter(ada, { ...about, version: 2, held: 1, says: ['x'], already: '' }),
    ])
      expect(body.split(/\s+/).length).toBeLessThan(150);
  });
});
