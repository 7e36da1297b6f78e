/**
 * Saves changes one after another, keeps those that could not be saved yet, also over a reload, and says how it stands.
 * Every change knows what it replaces, so two people's changes join or are shown side by side, never lost.
 */
import { sendOnce } from './send-once';
import { outbox, type Outbox } from './outbox';
import { words } from './words';
import { applyChanges, inverse, sharing, type Change, type Conflict, type ProgrammeFile } from '@aggrega/core/programme';

export type SaveState = 'saved' | 'saving' | 'waiting' | 'conflict' | 'refused';

/** One thing that a person did, which undo takes back as a whole. */
export interface Deed {
  /** 'February, make' — said by undo and when two people meet. */
  name: string;
  changes: Change[];
  /** Left in a meeting: the history keeps it, and the programme stays without it. */
  aside?: true;
  /** Of the request that saves it: sent by two pages, or again after a lost answer, it is made once. */
  key?: string;
}

interface Answer {
  kind: 'saved' | 'missing' | 'refused' | 'conflict';
  revision?: number;
  updated?: string;
  document?: ProgrammeFile;
  conflicts?: Conflict[];
  errors?: { path: string; message: string }[];
  message?: string;
}

const RETRY_AFTER = 3000;

export class Saver {
  /** The document with every deed applied, saved or not. */
  document: ProgrammeFile = $state.raw()!;
  state: SaveState = $state('saved');
  savedAt: Date = $state.raw()!;
  revision = $state(0);
  /** Why the last try failed, as a sentence. */
  trouble = $state('');
  /** What two people changed at once, waiting for a decision. */
  meeting: { deed: Deed; conflicts: Conflict[] } | undefined = $state.raw();
  undoable: Deed[] = $state.raw([]);
  redoable: Deed[] = $state.raw([]);

  /** Whoever only looks on: nothing that she does changes the document. */
  readonly looksOnly: boolean;

  #slug: string;
  #base: ProgrammeFile;
  #page = crypto.randomUUID();
  #queue: Deed[] = [];
  #running = false;
  #timer: ReturnType<typeof setTimeout> | undefined;

  /** Each page keeps what it could not save under a name of its own, or one would erase another's. */
  #box: Outbox<Deed[]>;

  constructor(
    slug: string,
    document: ProgrammeFile,
    revision: number,
    savedAt: Date,
    { looksOnly = false, box = outbox<Deed[]>(`deeds ${slug}`) }: { looksOnly?: boolean; box?: Outbox<Deed[]> } = {},
  ) {
    this.#box = box;
    this.looksOnly = looksOnly;
    this.#slug = slug;
    this.#base = this.document = document;
    this.revision = revision;
    this.savedAt = savedAt;
  }

  /** Takes up deeds that an earlier page could not save, and notices those of other people. Call in the browser. */
  async resume(): Promise<void> {
    const kept = await this.#box.all();
    kept.delete(this.#page);
    const deeds = [...kept.values()].flat();
    if (deeds.length > 0) {
      // They are older than what was done since; but what is under way stays the first.
      if (this.#running) this.#queue.push(...deeds);
      else this.#queue.unshift(...deeds);
      // Kept under this page's own name before the old ones go; sent by two pages, a deed is still made once.
      this.#keep();
      void this.#box.forget([...kept.keys()]);
      this.#rebuild();
    }
    void this.#run();
    // A save of the page before may have come through after this one was made.
    void this.refresh();
  }

  /** A newer document came from the server, by navigation or on return to the window. */
  receive(document: ProgrammeFile, revision: number, savedAt: Date): void {
    if (revision <= this.revision) return;
    this.#base = sharing(this.#base, document);
    this.revision = revision;
    this.savedAt = savedAt;
    this.#rebuild();
  }

  /** Asks the server whether somebody else has saved; a server that does not answer changes nothing here. */
  async refresh(): Promise<void> {
    const response = await fetch(`/api/programmes/${this.#slug}`).catch(() => undefined);
    if (!response?.ok) return;
    const { document, revision, updated } = (await response.json()) as Required<Answer>;
    this.receive(document, revision, new Date(updated));
  }

  /** Makes the changes at once on this page and saves them in the background. */
  do(name: string, changes: Change[]): void {
    if (changes.length === 0 || this.looksOnly) return;
    this.#push({ name, changes });
    this.undoable = [...this.undoable, { name, changes }];
    this.redoable = [];
  }

  undo(): void {
    const deed = this.undoable.at(-1);
    if (!deed) return;
    this.undoable = this.undoable.slice(0, -1);
    this.redoable = [...this.redoable, deed];
    this.#push({ name: deed.name, changes: inverse(deed.changes) });
  }

  redo(): void {
    const deed = this.redoable.at(-1);
    if (!deed) return;
    this.redoable = this.redoable.slice(0, -1);
    this.undoable = [...this.undoable, deed];
    this.#push(deed);
  }

  /** Decides a meeting: mine replaces what the other wrote, or theirs stays. The other one is an undo or a redo away, and in the history. */
  decide(mine: boolean): void {
    const meeting = this.meeting;
    if (!meeting) return;
    this.meeting = undefined;
    const [deed, ...rest] = this.#queue;
    const now = new Map(meeting.conflicts.map((c) => [c.path, c.now]));
    const over = deed && {
      ...deed,
      key: crypto.randomUUID(),
      changes: deed.changes.map((c) => (now.has(c.path) ? { ...c, from: now.get(c.path) } : c)),
    };
    const mineOf = (d: Deed) => d.changes === deed?.changes;
    if (mine && over) {
      this.#queue = [over, ...rest];
      this.undoable = this.undoable.map((d) => (mineOf(d) ? over : d));
    } else {
      this.#queue = over ? [{ ...over, aside: true as const }, ...rest] : rest;
      this.undoable = this.undoable.filter((d) => !mineOf(d));
      if (over) this.redoable = [...this.redoable.filter((d) => !mineOf(d)), over];
    }
    this.#keep();
    this.#rebuild();
    void this.#run();
  }

  /** Drops the deed that the server refused. */
  dropRefused(): void {
    this.#queue = this.#queue.slice(1);
    this.trouble = '';
    this.state = 'saved';
    this.#keep();
    this.#rebuild();
    void this.#run();
  }

  /** Tries again now instead of in a few seconds. */
  retry(): void {
    clearTimeout(this.#timer);
    void this.#run();
  }

  get unsaved(): number {
    return this.#queue.length;
  }

  #push(deed: Deed): void {
    this.#queue.push({ ...deed, key: crypto.randomUUID() });
    this.#keep();
    this.#rebuild();
    void this.#run();
  }

  #keep(): void {
    void (this.#queue.length > 0 ? this.#box.keep([[this.#page, [...this.#queue]]]) : this.#box.forget([this.#page]));
  }

  /** The server's document with the waiting deeds on top; one that no longer fits is left to its meeting. */
  #rebuild(): void {
    this.document = this.#queue.reduce((document, deed) => {
      if (deed.aside) return document;
      const result = applyChanges(document, deed.changes);
      return 'file' in result ? result.file : document;
    }, this.#base);
  }

  async #run(): Promise<void> {
    if (this.#running || this.meeting || this.state === 'refused') return;
    this.#running = true;
    clearTimeout(this.#timer);
    try {
      while (this.#queue.length > 0) {
        this.state = 'saving';
        const done = await this.#send(this.#queue[0]!);
        if (!done) return;
      }
      this.state = 'saved';
      this.trouble = '';
    } finally {
      this.#running = false;
    }
  }

  /** Sends one deed; false when it has to wait, for the server or for a person. */
  async #send(deed: Deed): Promise<boolean> {
    let answer: Answer;
    try {
      const { key, changes, aside } = deed;
      const response = await sendOnce(`/api/programmes/${this.#slug}/changes`, { body: { changes, aside }, key });
      answer = (await response.json()) as Answer;
      // Somebody whose session has ended signs in again, and then it is sent.
      if (response.status >= 500 || response.status === 401) return this.#wait(answer.message ?? words.theServerCouldNotSave);
    } catch {
      return this.#wait(words.weCantReachTheServer);
    }
    // What was left anyway, and cannot be kept any more: nobody has to decide that.
    if (deed.aside && answer.kind !== 'saved') {
      this.#queue.shift();
      this.#keep();
      return true;
    }
    if (answer.kind === 'saved') {
      this.#queue.shift();
      this.#keep();
      this.#base = sharing(this.document, answer.document!);
      this.revision = answer.revision!;
      this.savedAt = new Date(answer.updated!);
      this.#rebuild();
      return true;
    }
    if (answer.kind === 'conflict') {
      this.#base = answer.document!;
      this.revision = answer.revision!;
      this.meeting = { deed, conflicts: answer.conflicts! };
      this.state = 'conflict';
      this.#rebuild();
      return false;
    }
    this.trouble = answer.errors?.map((e) => e.message).join('; ') ?? answer.message ?? words.theProgrammeIsNoLonger;
    this.state = 'refused';
    return false;
  }

  #wait(sentence: string): false {
    this.trouble = sentence;
    this.state = 'waiting';
    this.#timer = setTimeout(() => void this.#run(), RETRY_AFTER);
    return false;
  }
}
