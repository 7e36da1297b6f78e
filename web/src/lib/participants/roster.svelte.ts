/** The roster as a page has it: asked for page by page, changed in deeds that can be undone, with everything that goes wrong said. */
import { trySendOnce } from '$lib/ask/send-once';
import { words } from './words';
import { inverseRoster, type RosterChange, type RosterMeeting } from '@aggrega/core/running';
import type { RosterPage, RosterSaved } from '$lib/server/participants/roster';

interface Deed {
  name: string;
  changes: RosterChange[];
}

export class Roster {
  page: RosterPage = $state.raw({ people: [], found: 0, tally: [] });
  /** Whether the first answer has come. */
  ready = $state(false);
  trouble = $state('');
  /** What went wrong with single people, by field. */
  faults: { id: string; name: string; field?: string; message: string }[] = $state.raw([]);
  meetings: RosterMeeting[] = $state.raw([]);
  working = $state(false);
  /** What was done last, said aloud. */
  told = $state('');
  undoable: Deed[] = $state.raw([]);
  redoable: Deed[] = $state.raw([]);
  #slug: string;
  #asked = '';
  #onsaved: () => void;

  /** `onsaved` is called when head counts may have changed. */
  constructor(slug: string, onsaved: () => void) {
    this.#slug = slug;
    this.#onsaved = onsaved;
  }

  get address(): string {
    return `/api/programmes/${this.#slug}/roster`;
  }

  /** Asks for the people of that question, as an address carries it. */
  async ask(question: string): Promise<void> {
    this.#asked = question;
    const answer = await fetch(`${this.address}?${question}`).catch(() => undefined);
    // A later question may have been answered meanwhile.
    if (question !== this.#asked) return;
    if (!answer?.ok) {
      this.trouble = words.weCantReachTheServerSo;
      return;
    }
    this.page = (await answer.json()) as RosterPage;
    this.trouble = '';
    this.ready = true;
  }

  /** Does something to people; false, with the reason said, when nothing was changed. */
  async do(name: string, changes: RosterChange[]): Promise<boolean> {
    if (changes.length === 0) return true;
    if (!(await this.#send(changes))) return false;
    this.undoable = [...this.undoable, { name, changes }];
    this.redoable = [];
    this.told = `${name}.`;
    return true;
  }

  async undo(): Promise<void> {
    const deed = this.undoable.at(-1);
    if (!deed || !(await this.#send(inverseRoster(deed.changes)))) return;
    this.undoable = this.undoable.slice(0, -1);
    this.redoable = [...this.redoable, deed];
    this.told = words.undone(deed.name);
  }

  async redo(): Promise<void> {
    const deed = this.redoable.at(-1);
    if (!deed || !(await this.#send(deed.changes))) return;
    this.redoable = this.redoable.slice(0, -1);
    this.undoable = [...this.undoable, deed];
    this.told = words.doneAgain(deed.name);
  }

  async #send(changes: RosterChange[]): Promise<boolean> {
    this.working = true;
    [this.faults, this.meetings, this.trouble, this.told] = [[], [], '', ''];
    try {
      const answer = await trySendOnce(this.address, { body: { changes } });
      const saved = (await answer?.json().catch(() => undefined)) as
        (RosterSaved & { message?: string }) | { kind?: undefined; message?: string } | undefined;
      if (saved?.kind === 'saved') {
        await this.ask(this.#asked);
        this.#onsaved();
        return true;
      }
      if (saved?.kind === 'refused') this.faults = saved.errors;
      else if (saved?.kind === 'conflict') {
        this.meetings = saved.meetings;
        await this.ask(this.#asked);
      } else this.trouble = saved?.message ?? words.weCantReachTheServerNothing;
      return false;
    } finally {
      this.working = false;
    }
  }
}
