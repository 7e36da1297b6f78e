/** A layout that is checked by a photo: what was laid out, the photo, and what lies where. */
import type { SlipKind } from '@aggrega/core/construction';
import type { LayoutAnswer, LayoutUnit } from '@aggrega/core/eye';
import { Photo } from '$lib/eye/photo.svelte';
import type { FoundSlip } from '$lib/server/db/layout-checks';
import type { OwnLayouts } from '$lib/server/participant-page/own-layout';
import { unitsLaid, type Laid } from '$lib/practice/laid';
import { LIES } from '$lib/practice/words';
import { Telling } from './telling.svelte';
import { LAYOUT } from './words';

const SLIPS: Partial<Record<LayoutUnit['kind'], SlipKind>> = {
  ...{ turned: 'turned', mirrored: 'mirrored', fabric: 'fabrics', other: 'exchanged', exchanged: 'exchanged' },
};

export class Checking {
  readonly photo = new Photo();
  block = $state(0);
  laid: Laid = $state('all');
  answer: LayoutAnswer | undefined = $state.raw();
  looking = $state(false);
  trouble = $state('');
  readonly layout = $derived.by(() => this.data.blocks[this.block]!.layout);
  /** The units of the layout that were laid out. */
  readonly units: readonly number[] = $derived.by(() => unitsLaid(this.layout, this.laid));
  readonly telling: Telling;
  #asked = 0;

  constructor(readonly data: OwnLayouts) {
    this.telling = new Telling(data.key, data.tells);
  }

  /** Chooses what was laid out; what was told of anything else no longer holds. */
  choose(block: number, laid: Laid): void {
    void this.telling.done();
    [this.block, this.laid, this.answer] = [block, laid, undefined];
    if (this.photo.address) void this.check();
  }

  async open(file: File): Promise<void> {
    this.again();
    if (await this.photo.open(file)) await this.check();
  }

  /** Another photo is to come. */
  again(): void {
    void this.telling.done();
    this.photo.forget();
    this.#asked += 1;
    [this.answer, this.trouble, this.looking] = [undefined, '', false];
  }

  /** Looks at the photo within its corners; only the newest look counts. */
  async check(): Promise<void> {
    const { photo } = this;
    if (!photo.corners) return;
    const corners = photo.placed ? photo.corners : undefined;
    const turn = (this.#asked += 1);
    this.looking = true;
    const colours = new Map(this.data.fabrics.map(({ letter, colour }) => [letter, colour]));
    const answer = await photo.eye.check(corners, $state.snapshot(this.layout), [...this.units], colours);
    if (turn !== this.#asked) return;
    this.looking = false;
    if (answer && !photo.placed) photo.corners = answer.corners;
    [this.answer, this.trouble] = [answer, answer ? '' : LAYOUT.cornersMakeNone];
    const block = this.data.blocks[this.block]!.id;
    if (answer && block !== undefined && !this.#strange)
      this.telling.note({ month: this.data.month, block, found: this.#found });
  }

  /** What lies in a unit's place; undefined where it was not looked at. */
  lie(unit: number): LayoutUnit | undefined {
    const at = this.units.indexOf(unit);
    return at < 0 ? undefined : this.answer?.units[at];
  }

  /** What there is to say, unit by unit; rows that lie upside down as a whole first, once. */
  get said(): { unit?: number; text: string }[] {
    const { answer, layout } = this;
    if (!answer) return [];
    if (this.#strange) return [{ text: LAYOUT.strange }];
    const rows = answer.upsideDown.map((r) => ({ text: LAYOUT.upsideDown(r + 1) }));
    const within = new Set(answer.upsideDown.flatMap((r) => layout.rows[r]!));
    const told = new Set<number>();
    const units = this.units.flatMap((unit) => {
      const lie = this.lie(unit);
      if (!lie || lie.kind === 'right' || within.has(unit) || told.has(unit)) return [];
      if (lie.kind === 'exchanged') told.add(this.units[lie.with]!);
      return [{ unit, text: this.#text(unit, lie) }];
    });
    return [...rows, ...units];
  }

  get #strange(): boolean {
    return this.answer?.units.every((lie) => lie.kind === 'unclear' && lie.why === 'strange') ?? false;
  }

  /** What lay wrong, each kind once. Rows that lie upside down are one slip, whatever lies in them; what is missing or cannot be told is none. */
  get #found(): FoundSlip[] {
    const { layout } = this;
    const upsideDown = this.answer?.upsideDown ?? [];
    const within = new Set(upsideDown.flatMap((r) => layout.rows[r]!));
    const found: FoundSlip[] = upsideDown.length > 0 ? [{ unit: '', label: '', kind: 'row' }] : [];
    for (const unit of this.units) {
      const kind = SLIPS[this.lie(unit)?.kind ?? 'right'];
      const { name, label } = layout.units[unit]!;
      if (kind && !within.has(unit) && !found.some((f) => f.unit === name && f.kind === kind))
        found.push({ unit: name, label, kind });
    }
    return found;
  }

  #text(unit: number, lie: Exclude<LayoutUnit, { kind: 'right' }>): string {
    const { label } = this.layout.units[unit]!;
    const what = LIES.number(unit + 1, label ? LIES.label(label) : '');
    const name = (letter: string) => this.data.fabrics.find((f) => f.letter === letter)?.name ?? letter;
    switch (lie.kind) {
      case 'turned':
        return [LIES.turned1, LIES.turned2, LIES.turned3][lie.quarters - 1]!(what);
      case 'mirrored':
        return LIES.mirrored(what);
      case 'other':
        return LIES.other(what, this.units[lie.unit]! + 1);
      case 'exchanged':
        return LIES.exchanged(what, this.units[lie.with]! + 1);
      case 'fabric':
        return (lie.both ? LIES.fabrics : LIES.fabric)(what, name(lie.instead), name(lie.of));
      case 'missing':
        return LIES.missing(what);
      case 'unclear':
        if (lie.why === 'alike') return LAYOUT.alike(what, name(lie.fabrics[0]), name(lie.fabrics[1]));
        return lie.why === 'dim' ? LAYOUT.dim(what) : LAYOUT.covered(what);
    }
  }
}
