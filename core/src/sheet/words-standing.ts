/** Which of the organiser's own words stand on a month's sheets, and which have lost their place. */
import { hasSheet, type Colourway, type Month, type Programme, type SizeOption } from '../programme';
import { monthPaper } from './month-paper';
import { placesIn } from './own-words';
import type { PaperPiece } from './paper';
import { words as said } from './words/words-standing';

export interface OwnStanding {
  /** Name of the place, 'cloche:U1:sew'. */
  id: string;
  /** Her words; '' where she leaves something out. */
  text: string;
  /** Colourways, with their sizes, that they stand in. */
  stands: string[];
  /** Those that have the place and say something else there. */
  steps: string[];
  /** What stands there instead, in the first of those. */
  computed: string;
}

/** Every text of hers, with where it stands. Throws PlanError when a sheet cannot be made. */
export function wordsStanding(programme: Programme, month: Month): OwnStanding[] {
  const own = Object.entries(month.words).flatMap(([id, texts]) => texts.map((t) => ({ id, ...t })));
  if (own.length === 0 || !hasSheet(programme, month)) return [];
  const bare: Month = { ...month, words: {} };
  const plain: Programme = { ...programme, months: programme.months.map((m) => (m === month ? bare : m)) };
  const variants = programme.colourways.flatMap((colourway) =>
    [undefined, ...programme.sizes].map((size) => ({
      name: [colourway.name, size?.name].filter(Boolean).join(', '),
      places: placesOf(plain, bare, colourway, size),
    })),
  );
  return own.map(({ id, text, instead }) => {
    const fits = (computed: string | undefined) => computed !== undefined && instead.includes(computed);
    const others = month.words[id]!.flatMap((t) => (t.instead === instead ? [] : t.instead));
    // Where another text of hers stands, this one is not missed.
    const steps = variants.filter(({ places }) => {
      const computed = places.get(id);
      return computed !== undefined && !fits(computed) && !others.includes(computed);
    });
    return {
      ...{ id, text },
      stands: variants.filter(({ places }) => fits(places.get(id))).map((v) => v.name),
      steps: steps.map((v) => v.name),
      computed: steps[0]?.places.get(id) ?? '',
    };
  });
}

const placesOf = (programme: Programme, month: Month, colourway: Colourway, size: SizeOption | undefined) =>
  placesIn(monthPaper(programme, month, colourway, { ...(size && { size }) }).pieces);

/** Her texts that are not on one sheet, made while she writes: each with why, as a sentence. */
export function wordsAside(pieces: readonly PaperPiece[], { words }: Month): string[] {
  const places = placesIn(pieces);
  return Object.entries(words).flatMap(([id, texts]) => {
    const computed = places.get(id);
    const stands = computed !== undefined && texts.some(({ instead }) => instead.includes(computed));
    if (stands) return [];
    const why = computed === undefined ? said.thisSheetHasNoSuchStep : said.theSheetSaysSomethingElseThere;
    return texts.filter(({ text }) => text).map(({ text }) => said.yourWordsAreNotOnThe(shortened(text), why));
  });
}

const shortened = (text: string) => (text.length > 60 ? `${text.slice(0, 57)}…` : text);

/** What to tell of words that stand nowhere any more, or not in every colourway that they were meant for; '' where all is well. */
export function lostWords({ text, stands, steps }: OwnStanding): string {
  const named = text ? said.yourWords(shortened(text)) : said.aTextThatYouLeftOut;
  const off = text ? said.areNotOnTheSheet : said.isOnTheSheet;
  if (stands.length === 0) return said.whatTheSheetSaysThereHas(named, off);
  return steps.length === 0 ? '' : said.inWhereItSaysSomethingElse(named, off, steps.join(' and '));
}
