import { applyChanges, type Change, type ProgrammeFile } from '@aggrega/core/programme';
import fc from 'fast-check';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import type { Outbox } from './outbox';
import { Saver, type Deed } from './saver.svelte';

const file = (): ProgrammeFile => ({
  format: 'aggrega-programme',
  version: 1,
  title: 'The Allotment Year',
  blocks: [],
  months: [{ id: 'm1', name: 'January' }],
  participants: { frost: 24 },
});

const SAVED_AT = '2027-01-09T10:00:00Z';

/** A server in a few lines: it keeps a document, and can be away, lose its answer, or refuse. */
class Server {
  document = file();
  revision = 1;
  /** What was left in meetings. */
  asides: ProgrammeFile[] = [];
  /** What becomes of the next requests, one after another; 'ok' when the list is empty. */
  weather: ('ok' | 'away' | 'answer lost' | 'refuse')[] = [];

  /** Keys of requests that it has done. */
  known = new Set<string>();

  fetch = async (_: string, init?: { body: string; headers: Record<string, string> }): Promise<Response> => {
    if (!init) return this.#answer(200, { document: this.document, revision: this.revision, updated: SAVED_AT });
    const { body } = init;
    const key = init.headers['idempotency-key']!;
    const weather = this.weather.shift() ?? 'ok';
    if (weather === 'away') throw new TypeError('Failed to fetch');
    const { changes, aside } = JSON.parse(body) as Deed;
    if (weather === 'refuse')
      return this.#answer(422, { kind: 'refused', errors: [{ path: '/title', message: 'no such title' }] });
    if (this.known.has(key)) return this.#saved();
    const result = applyChanges(this.document, changes);
    if ('conflicts' in result)
      return this.#answer(409, { kind: 'conflict', ...result, document: this.document, revision: this.revision });
    if (aside) this.asides.push(result.file);
    else this.document = result.file;
    this.revision += aside ? 2 : 1;
    this.known.add(key);
    if (weather === 'answer lost') throw new TypeError('Failed to fetch');
    return this.#saved();
  };

  #saved = () => this.#answer(200, { kind: 'saved', document: this.document, revision: this.revision, updated: SAVED_AT });

  #answer(status: number, body: object): Response {
    return new Response(JSON.stringify(body), { status });
  }
}

let server: Server;
let storage: Map<string, Deed[]>;

/** The browser's database, in a few lines. */
const box: Outbox<Deed[]> = {
  all: () => Promise.resolve(new Map(storage)),
  keep: (kept) => Promise.resolve(kept.forEach(([key, deeds]) => storage.set(key, deeds))),
  forget: (keys) => Promise.resolve(keys.forEach((key) => storage.delete(key))),
};

beforeEach(() => {
  server = new Server();
  storage = new Map();
  vi.useFakeTimers();
  vi.stubGlobal('fetch', server.fetch);
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

const saver = () => new Saver('year', file(), 1, new Date(0), { box });
const title = (from: string, to: string): Change[] => [{ path: '/title', from, to }];

/** Lets time go by, some milliseconds at once, until it is so; how long that takes here does not matter. */
async function until(so: () => boolean, at: number): Promise<void> {
  do await vi.advanceTimersByTimeAsync(at);
  while (!so());
}
/** Lets answers arrive and retries come due until nothing is under way. */
const settle = (s: Saver) => until(() => s.state !== 'saving' && s.state !== 'waiting', 3000);

describe('saving', () => {
  it('shows a change at once, and says saved only when the server has it', async () => {
    const s = saver();
    s.do('title', title('The Allotment Year', 'The Plot'));
    expect([s.document.title, s.state]).toEqual(['The Plot', 'saving']);
    await settle(s);
    expect([server.document.title, s.state, s.revision]).toEqual(['The Plot', 'saved', 2]);
    expect(storage.size).toBe(0);
  });

  it('loses nothing and doubles nothing, whatever the weather', async () => {
    const weather = fc.array(fc.constantFrom('ok' as const, 'away' as const, 'answer lost' as const), { maxLength: 12 });
    await fc.assert(
      fc.asyncProperty(
        weather,
        fc.array(fc.integer({ min: 1, max: 99 }), { minLength: 1, maxLength: 6 }),
        async (skies, counts) => {
          server.document = file();
          server.weather = [...skies];
          storage.clear();
          const s = saver();
          for (const to of counts) {
            const from = s.document.participants!.frost;
            if (from !== to) s.do('head count', [{ path: '/participants/frost', from, to }]);
          }
          await settle(s);
          expect(server.document.participants!.frost).toBe(counts.at(-1));
          expect(s.document).toEqual(server.document);
          expect(storage.size).toBe(0);
        },
      ),
      { numRuns: 60 },
    );
  });

  it('of the page before shows on the next one, though that was made before the save came through', async () => {
    const [before, next] = [saver(), saver()];
    before.do('title', title('The Allotment Year', 'The Plot'));
    await settle(before);
    void next.resume();
    await until(() => next.revision === 2, 10);
    expect(next.document.title).toBe('The Plot');
  });

  it('that was done, and that a device still kept, is no meeting with what others did since', async () => {
    const first = saver();
    first.do('title', title('The Allotment Year', 'The Plot'));
    // The page closes before it could let go of what it kept.
    const left = new Map(storage);
    await settle(first);
    server.document = { ...server.document, title: 'The Plot, second year' };
    server.revision += 1;
    storage = left;
    const next = saver();
    await next.resume();
    await settle(next);
    expect([next.meeting, next.state, next.document.title]).toEqual([undefined, 'saved', 'The Plot, second year']);
    expect(server.document.title).toBe('The Plot, second year');
    expect(storage.size).toBe(0);
  });

  it('is taken up by the next page when this one could not do it', async () => {
    server.weather = ['away'];
    const first = saver();
    first.do('title', title('The Allotment Year', 'The Plot'));
    await vi.advanceTimersByTimeAsync(100);
    expect(first.state).toBe('waiting');
    // The page is closed here; its timer with it.
    vi.clearAllTimers();
    const next = saver();
    await next.resume();
    expect(next.document.title).toBe('The Plot');
    await settle(next);
    expect(server.document.title).toBe('The Plot');
  });

  it('of one page does not erase what another page still keeps', async () => {
    server.weather = ['away'];
    const waiting = saver();
    waiting.do('title', title('The Allotment Year', 'The Plot'));
    await vi.advanceTimersByTimeAsync(100);
    vi.clearAllTimers();
    // A second page of the same programme saves something of its own; then both are closed, and a third is opened.
    const second = saver();
    second.do('count', [{ path: '/participants/frost', from: 24, to: 30 }]);
    await settle(second);
    expect(storage.size).toBe(1);
    const third = saver();
    void third.resume();
    await settle(third);
    expect(server.document).toMatchObject({ title: 'The Plot', participants: { frost: 30 } });
    expect(storage.size).toBe(0);
  });

  it('keeps what the server refused until it is taken back', async () => {
    server.weather = ['refuse'];
    const s = saver();
    s.do('title', title('The Allotment Year', '?'));
    await settle(s);
    expect([s.state, s.trouble]).toEqual(['refused', 'no such title']);
    s.dropRefused();
    await settle(s);
    expect([s.state, s.document.title, server.document.title]).toEqual(['saved', 'The Allotment Year', 'The Allotment Year']);
  });
});

describe('undo', () => {
  it('walks back and forth over any deeds', async () => {
    const s = saver();
    const states = [s.document];
    s.do('title', title('The Allotment Year', 'The Plot'));
    states.push(s.document);
    s.do('name', [{ path: '/months/m1/name', from: 'January', to: 'Jan' }]);
    states.push(s.document);
    s.undo();
    expect(s.document).toEqual(states[1]);
    s.undo();
    s.undo();
    expect(s.document).toEqual(states[0]);
    s.redo();
    s.redo();
    expect(s.document).toEqual(states[2]);
    s.undo();
    s.do('other', [{ path: '/participants/frost', from: 24, to: 30 }]);
    expect(s.redoable).toEqual([]);
    await settle(s);
    expect(s.document).toEqual(server.document);
  });
});

describe('two people', () => {
  it.each([true, false])('meet over one place; mine chosen: %s', async (mine) => {
    const s = saver();
    server.document = { ...file(), title: 'Theirs' };
    s.do('title', title('The Allotment Year', 'Mine'));
    s.do('count', [{ path: '/participants/frost', from: 24, to: 30 }]);
    await settle(s);
    expect(s.state).toBe('conflict');
    expect(s.meeting!.conflicts).toEqual([{ path: '/title', from: 'The Allotment Year', to: 'Mine', now: 'Theirs' }]);
    expect(server.document.title).toBe('Theirs');
    s.decide(mine);
    await settle(s);
    expect(server.document).toMatchObject({ title: mine ? 'Mine' : 'Theirs', participants: { frost: 30 } });
    // What was left is in the history all the same.
    expect(server.asides.map((d) => d.title)).toEqual(mine ? [] : ['Mine']);
    expect(s.document).toEqual(server.document);
  });

  it('what was left and can be kept no more is let go, and what follows is saved', async () => {
    const s = saver();
    server.document = { ...file(), title: 'Theirs' };
    s.do('title', title('The Allotment Year', 'Mine'));
    s.do('count', [{ path: '/participants/frost', from: 24, to: 30 }]);
    await settle(s);
    server.document = { ...server.document, title: 'A third' };
    s.decide(false);
    await settle(s);
    expect([s.state, s.meeting]).toEqual(['saved', undefined]);
    expect(server.document).toMatchObject({ title: 'A third', participants: { frost: 30 } });
  });

  it('a newer document from the server is taken over, an older one is not', () => {
    const s = saver();
    s.receive({ ...file(), title: 'Newer' }, 5, new Date(1));
    s.receive({ ...file(), title: 'Older' }, 4, new Date(2));
    expect(s.document.title).toBe('Newer');
  });
});
