/** What is asked of a year that is composed, as it stands in its form. */
import { quiltSizes, readyTitle, type Giving, type QuiltSize, type ReadyYear, type Wish } from '@aggrega/core/compose';
import type { Skill, Technique } from '@aggrega/core/construction';
import { LengthError, parseLength, pricePerYard } from '@aggrega/core/measure';
import type { ProgrammeFile } from '@aggrega/core/programme';
import { words } from './words';
import type { YearDraft } from './year-draft.svelte';

/** Of a block, as it is typed. */
const BLOCK = { in: '12', cm: '30' };

export class WishDraft {
  size: QuiltSize['id'] | 'own' = $state('lap');
  width = $state('');
  height = $state('');
  /** '' for the usual size of the unit. */
  block = $state('');
  from: Skill = $state(1);
  to: Skill = $state(3);
  teach: Technique[] = $state([]);
  finishing = $state(true);
  giving: Giving = $state('yardage');
  fatQuarters = $state(12);
  hours = $state(4);
  mystery = $state(false);
  people = $state(40);
  /** Of a yard or a metre; null while nobody said. */
  price: number | null = $state(null);
  seed = $state(1);

  constructor(readonly year: YearDraft) {}

  get blockOr(): string {
    return this.block || BLOCK[this.year.unit];
  }

  /** Takes a ready year's wishes; its name too, where none is typed yet. */
  take(ready: ReadyYear): void {
    const { year } = this;
    const { skill, teach, finishing, giving, fatQuarters, hours, mystery, seed } = ready.wish;
    year.title ||= readyTitle(ready);
    [year.months, year.kind, year.letters, year.cast] = [ready.instalments, ready.kind, ready.letters, ready.cast];
    [this.size, this.block] = [ready.size, ready.block[year.unit]];
    [this.from, this.to, this.teach] = [skill.from, skill.to, [...teach]];
    [this.finishing, this.giving, this.fatQuarters] = [finishing, giving, fatQuarters];
    [this.hours, this.mystery, this.seed] = [hours, mystery, seed];
  }

  /** The document to compose in, its people shared out evenly over the colourways. */
  base(): ProgrammeFile {
    const file = this.year.document();
    const ids = Object.keys(file.participants ?? {});
    const share = (i: number) => Math.floor((this.people + ids.length - 1 - i) / ids.length);
    return { ...file, participants: Object.fromEntries(ids.map((id, i) => [id, share(i)])) };
  }

  /** The wish, or what is typed wrong, in words. */
  wish(): Wish | { trouble: string } {
    const { unit } = this.year;
    try {
      const side = (typed: string) => parseLength(typed, unit).valueOf();
      const sizes = quiltSizes.find((s) => s.id === this.size)?.[unit];
      const [width, height] = sizes ?? [side(this.width), side(this.height)];
      if (side(this.blockOr) <= 0 || width <= 0 || height <= 0) return { trouble: words.sizesMustBeLarger };
      const { from, teach, finishing, giving, fatQuarters, hours, mystery, seed } = this;
      const to = Math.max(from, this.to) as Skill;
      return {
        ...{ teach: [...teach], finishing, giving, fatQuarters, hours, mystery, seed },
        ...{ block: this.blockOr, quilt: { width, height }, skill: { from, to } },
        ...(this.price && { pricePerYard: pricePerYard(this.price, { soldBy: unit === 'in' ? 'yd' : 'm' }) }),
      };
    } catch (error) {
      if (error instanceof LengthError) return { trouble: error.message };
      throw error;
    }
  }
}
