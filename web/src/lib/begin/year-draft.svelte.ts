/** A programme as it is begun: its name, its days, its colourways and the fabrics that they start with. */
import { trySendOnce } from '$lib/ask/send-once';
import { dayText } from '$lib/look/day-text';
import { readyCasts } from '@aggrega/core/fabric';
import type { ProgrammeFile } from '@aggrega/core/programme';
import { dayAfter, isDay, newProgramme, releaseDays } from '@aggrega/core/running';
import { words } from './words';

/** Days from now to a first release: time to sew a test block, order and cut. */
const AHEAD = 42;

export class YearDraft {
  title = $state('');
  unit: 'in' | 'cm' = $state('in');
  months = $state(12);
  kind: 'weekly' | 'fortnightly' | 'monthly' = $state('monthly');
  start = $state(dayAfter(new Date().toISOString().slice(0, 10), AHEAD));
  /** As they are typed, with commas between. */
  colourways = $state('');
  letters = $state(4);
  /** Of the ready fabrics; '' for greys. */
  cast = $state(readyCasts[0]!.id as string);

  readonly names = $derived(
    this.colourways
      .split(',')
      .map((c) => c.trim())
      .filter(Boolean),
  );
  readonly days = $derived(
    isDay(this.start) && this.months >= 1 && this.months <= 60
      ? releaseDays({ cadence: { kind: this.kind, start: this.start, last: false }, away: [] }, this.months)
      : [],
  );

  /** Days are written as the reader's language does. */
  constructor(readonly locale: () => string) {}

  /** The document, with nothing drawn in it. */
  document(): ProgrammeFile {
    const { title, unit, months, kind, start, letters, names } = this;
    const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
    const colourways = names.length > 0 ? names : [words.main];
    const first = readyCasts.findIndex((c) => c.id === this.cast);
    return newProgramme({
      ...{ title: title.trim(), unit, months, kind, start, letters, timeZone, colourways },
      nameOf: (day) => dayText(day, this.locale(), kind === 'monthly' ? 'month' : 'plain'),
      casts: colourways.map((_, i) => (first < 0 ? undefined : readyCasts[(first + i) % readyCasts.length])),
    });
  }
}

/** Adds a document as a new programme; what it is called in addresses, or what is wrong, in words. */
export async function addProgramme(file: ProgrammeFile): Promise<{ slug: string } | { trouble: string }> {
  const answer = await trySendOnce('/api/import', { body: file });
  const said = (await answer?.json().catch(() => undefined)) as
    { slug?: string; errors?: { message: string }[]; message?: string } | undefined;
  if (answer?.ok && said?.slug) return { slug: said.slug };
  return { trouble: said?.errors?.map((p) => p.message).join('; ') ?? said?.message ?? words.weCantReachTheServerNothingWas };
}
