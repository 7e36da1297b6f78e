/** The tasks of a desk as they come in: first what is known at once, then with sheets and stock looked through. */
import type { DeskTask } from '@aggrega/core/running';
import { SvelteMap, SvelteSet } from 'svelte/reactivity';

export class Tasks {
  /** Tasks by programme, once they were looked through. */
  readonly checked = new SvelteMap<string, DeskTask[]>();
  readonly waiting = new SvelteSet<string>();
  /** Programmes that could not be looked through. */
  readonly failed = new SvelteSet<string>();

  #stopped = false;

  /** Has these programmes looked through, one after another, so that the first is there soon. */
  async look(slugs: readonly string[]): Promise<void> {
    for (const slug of slugs) this.waiting.add(slug);
    for (const slug of slugs) {
      if (this.#stopped) return;
      const answer = await fetch(`/api/programmes/${slug}/today`).catch(() => undefined);
      if (answer?.ok) this.checked.set(slug, (await answer.json()) as DeskTask[]);
      if (answer?.ok) this.failed.delete(slug);
      else this.failed.add(slug);
      this.waiting.delete(slug);
    }
  }

  /** Nobody looks any more. */
  stop(): void {
    this.#stopped = true;
  }
}

/** A task with the programme that it is of. */
export interface HouseTask extends DeskTask {
  slug: string;
  programme: string;
}

/** When a task is due, as groups of a list. */
export type When = 'late' | 'today' | 'week' | 'later';
export const WHENS: readonly When[] = ['late', 'today', 'week', 'later'];
export const whenOf = ({ days }: Pick<DeskTask, 'days'>): When =>
  days < 0 ? 'late' : days === 0 ? 'today' : days <= 7 ? 'week' : 'later';

/** Whether a list has anything that should not wait. */
export const pressing = (tasks: readonly DeskTask[]): boolean => tasks.some((t) => t.days <= 7);
