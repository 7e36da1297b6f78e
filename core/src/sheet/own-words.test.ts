import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { hasSheet, readProgramme, setBlocks, type MonthFile, type Programme, type ProgrammeFile } from '../programme';
import { monthPaper } from './month-paper';
import { ownWordsFor, photosIn, placesIn } from './own-words';
import { plainWords, type PaperPiece, type PaperStep } from './paper';
import { lostWords, wordsStanding } from './words-standing';

const file = JSON.parse(
  readFileSync(new URL('../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8'),
) as ProgrammeFile;

function yearWith(change: Partial<MonthFile>, id = 'm3'): Programme {
  const reading = readProgramme({
    ...file,
    months: file.months!.map((m) => (m.id === id ? { ...m, words: {}, notes: {}, ...change } : m)),
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
}

const march = (programme: Programme) => programme.months.find((m) => m.id === 'm3')!;
const sheet = (programme: Programme, at = 0, wishes: Parameters<typeof monthPaper>[3] = {}) =>
  monthPaper(programme, march(programme), programme.colourways[at]!, wishes);

/** All steps and texts of some pieces that have a place. */
function told(pieces: readonly PaperPiece[]): (PaperStep | (PaperPiece & { kind: 'text' }))[] {
  return pieces.flatMap((p) => {
    if (p.kind === 'title' || p.kind === 'beside') return told(p.pieces);
    if (p.kind === 'steps') return p.steps.filter((s) => s.place);
    return p.kind === 'text' && p.place ? [p] : [];
  });
}
const at = (pieces: readonly PaperPiece[], id: string) => told(pieces).find((t) => t.place!.id === id);

const bare = yearWith({});
const places = placesIn(sheet(bare).pieces);
const CUT = 'cloche:U1:apart';

describe('the organiser’s own words', () => {
  it('gives every place a name of its own, fit for a path, in every month', () => {
    for (const month of bare.months.filter((m) => m.blocks.length > 0)) {
      const all = told(monthPaper(bare, month, bare.colourways[0]!).pieces).map((t) => t.place!.id);
      expect(new Set(all).size, month.name).toBe(all.length);
      for (const id of all) expect(id).not.toContain('/');
    }
  });

  it('stands in the place of the words that it was written for, and of no others', () => {
    const words = { [CUT]: [{ text: 'Snip along the line.', instead: [places.get(CUT)!] }] };
    const mine = at(sheet(yearWith({ words })).pieces, CUT)!;
    expect([plainWords(mine.text), mine.place!.mine]).toEqual(['Snip along the line.', true]);
    const stale = { [CUT]: [{ text: 'Snip along the line.', instead: ['Cut somewhere else.'] }] };
    const computed = at(sheet(yearWith({ words: stale })).pieces, CUT)!;
    expect([plainWords(computed.text), computed.place!.mine]).toEqual([places.get(CUT), undefined]);
  });

  it('is found for a step at the sewing machine by its block and its computed words alone', () => {
    const words = { [CUT]: [{ text: 'Snip along the line.', instead: [places.get(CUT)!] }] };
    expect(ownWordsFor(words, 'cloche', places.get(CUT)!)).toBe('Snip along the line.');
    expect(ownWordsFor(words, 'cloche', 'Cut somewhere else.')).toBeUndefined();
    expect(ownWordsFor(words, 'cold-frame', places.get(CUT)!)).toBeUndefined();
    expect(ownWordsFor({ [CUT]: [{ text: '', instead: [places.get(CUT)!] }] }, 'cloche', places.get(CUT)!)).toBeUndefined();
  });

  it('changes nothing else of the sheet', () => {
    const words = { [CUT]: [{ text: 'Snip along the line.', instead: [places.get(CUT)!] }] };
    const others = (programme: Programme) =>
      told(sheet(programme).pieces)
        .filter((t) => t.place!.id !== CUT)
        .map((t) => plainWords(t.text));
    expect(others(yearWith({ words }))).toEqual(others(bare));
  });

  it('leaves a text out, but never a step', () => {
    const safety = [...places.keys()].filter((id) => id.startsWith('end:')).at(-1)!;
    const words = Object.fromEntries([safety, CUT].map((id) => [id, [{ text: '', instead: [places.get(id)!] }]]));
    const { pieces } = sheet(yearWith({ words }));
    expect(at(pieces, safety)).toBeUndefined();
    expect(plainWords(at(pieces, CUT)!.text)).toBe(places.get(CUT));
    // While she writes, it is there to be put back.
    expect(at(sheet(yearWith({ words }), 0, { writing: true }).pieces, safety)!.place!.hidden).toBe(true);
  });

  it('shows her words that no longer fit while she writes, and to nobody else', () => {
    const words = { [CUT]: [{ text: 'Snip.', instead: ['Cut somewhere else.'] }] };
    const programme = yearWith({ words });
    expect(at(sheet(programme, 0, { writing: true }).pieces, CUT)!.place!.aside).toBe('Snip.');
    expect(at(sheet(programme).pieces, CUT)!.place!.aside).toBeUndefined();
  });

  it('tells where her words stand, and when what they were written for has changed', () => {
    const words = { [CUT]: [{ text: 'Snip.', instead: [places.get(CUT)!] }] };
    const [everywhere] = wordsStanding(yearWith({ words }), march(yearWith({ words })));
    expect(lostWords(everywhere!)).toBe('');
    // A text that names fabrics is another one in another colourway.
    const inJanuary = (programme: Programme, at: number) => {
      const january = programme.months.find((m) => m.id === 'm1')!;
      return placesIn(monthPaper(programme, january, programme.colourways[at]!).pieces);
    };
    const other = inJanuary(bare, 1);
    const [id, frost] = [...inJanuary(bare, 0)].find(([name, text]) => other.has(name) && other.get(name) !== text)!;
    const year = yearWith({ words: { [id]: [{ text: 'Mine.', instead: [frost] }] } }, 'm1');
    const [own] = wordsStanding(
      year,
      year.months.find((m) => m.id === 'm1')!,
    );
    expect(own!.stands.some((name) => name.startsWith(bare.colourways[0]!.name))).toBe(true);
    expect(lostWords(own!)).toContain(bare.colourways[1]!.name);
    const gone = yearWith({ words: { 'cloche:U9:sew': [{ text: 'Sew.', instead: ['Sew it.'] }] } });
    expect(lostWords(wordsStanding(gone, march(gone))[0]!)).toContain('has changed');
  });

  it('prints notes in their order, hidden ones not, and photos by their sides', () => {
    const picture = { photo: '0'.repeat(32), width: 800, height: 1600 };
    const notes = {
      cut: [{ text: 'First.' }, { text: 'Not this.', hidden: true }, { text: 'Look:', picture }, { text: 'Last.' }],
    };
    const { pieces } = sheet(yearWith({ notes }));
    const own = pieces.flatMap((p) => (p.kind === 'text' && p.tone === 'own' ? [plainWords(p.text)] : []));
    expect(own).toEqual(['First.', 'Look:', 'Last.']);
    expect(photosIn({ pieces })).toEqual([picture.photo]);
    const photo = pieces.find((p) => p.kind === 'photo')!;
    expect(photo.tall).toBe(2);
    expect(photo.wide * photo.tall).toBeLessThanOrEqual(2.4);
  });

  it('reads a text of notes as it always did: a paragraph a line', () => {
    expect(march(yearWith({ notes: { end: 'One.\n\nTwo.' } })).notes.end).toEqual([{ text: 'One.' }, { text: 'Two.' }]);
  });

  it('makes a lesson of a month without a block: its notes are a sheet, with nothing to need or to cut', () => {
    const empty = { blocks: [] };
    expect(hasSheet(yearWith(empty), march(yearWith(empty)))).toBe(false);
    const lesson = yearWith({
      ...empty,
      notes: { start: [{ text: 'Bring a machine.' }], end: [{ text: 'Not yet.', hidden: true }] },
    });
    expect(hasSheet(lesson, march(lesson))).toBe(true);
    // A block that is still to be drawn has its place in the quilt; a lesson has none.
    const places = (of: Programme) => setBlocks(of.months).filter(({ month }) => month.id === 'm3').length;
    expect([places(yearWith(empty)), places(lesson)]).toEqual([1, 0]);
    const { pieces } = sheet(lesson);
    const said = JSON.stringify(pieces);
    expect(said).toContain('Bring a machine.');
    for (const part of ['Not yet.', 'You will need', 'Cut', 'close the blade']) expect(said).not.toContain(part);
    // What stands in a part has that part's heading.
    const need = [{ text: 'Scraps.' }];
    const headings = sheet(yearWith({ ...empty, notes: { need } })).pieces.flatMap((p) =>
      p.kind === 'heading' ? [p.text] : [],
    );
    expect(headings).toEqual(['You will need', 'Next time']);
    const silent = yearWith({ ...empty, notes: { start: [{ text: 'Not yet.', hidden: true }] } });
    expect(hasSheet(silent, march(silent))).toBe(false);
  });
});
