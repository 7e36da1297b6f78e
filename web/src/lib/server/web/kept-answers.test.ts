import { redirect, type RequestEvent } from '@sveltejs/kit';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import { asOwner } from '../../../../tests/fresh-database';
import { MILL, QUARRY, twoHouses } from '../../../../tests/two-houses';
import { lastChange } from '../db/last-change';
import { asOrganisation, closePool } from '../db/pool';
import { deskTurn, turn } from '../clockwork';
import { importProgramme, programmesOf, putAside, saveChanges } from '../programme/programmes';
import { keptAnswer } from './kept-answers';

let owner: string;
let slug: string;

beforeAll(async () => {
  ({ owner, slug } = await twoHouses());
});
afterAll(closePool);

const changed = async (work: () => Promise<unknown>) => {
  const before = await lastChange(QUARRY);
  await work();
  return (await lastChange(QUARRY)) !== before;
};

describe('the mark of the last change', () => {
  it('is another after every change, and the same after looking, after what was taken back, and after what others do', async () => {
    expect(await changed(() => programmesOf(QUARRY))).toBe(false);
    expect(await changed(() => saveChanges(QUARRY, slug, [{ path: '/title', from: demo.title, to: 'Another year' }]))).toBe(
      true,
    );
    expect(await changed(() => putAside(QUARRY, slug, true))).toBe(true);
    expect(await changed(() => putAside(QUARRY, slug, false))).toBe(true);
    const refused = () =>
      asOrganisation(QUARRY, async (db) => {
        await db.query(`update programme set title = 'Nothing'`);
        throw new Error('taken back');
      }).catch(() => {});
    expect(await changed(refused)).toBe(false);
    expect(await changed(() => importProgramme(MILL, demo))).toBe(false);
  });

  it('stays while the clockwork comes by and nothing is due', async () => {
    // The first one clears away what has ended.
    await turn();
    expect(
      await changed(async () => {
        await turn();
        await deskTurn();
      }),
    ).toBe(false);
  });

  it('is kept for every table that an organisation owns', async () => {
    const unmarked = await asOwner<{ table: string }>(
      owner,
      `select c.relname as table from pg_class c join pg_attribute a on a.attrelid = c.oid and a.attname = 'organisation_id'
       where c.relkind = 'r' and not exists (select from pg_trigger t where t.tgrelid = c.oid and t.tgname = 'change') order by 1`,
    );
    // Packs, what was worked out and what was answered say nothing new: a page that was kept without them asks for them. Who opens a participant's page
    // is shown on no page of the organisation's.
    expect(unmarked.map((t) => t.table)).toEqual([
      'change_under_way',
      'first_answer',
      'last_change',
      'object_to_delete',
      'page_code',
      'page_device',
      'page_pin',
      'revision_pack',
      'session',
      'worked_out',
    ]);
    expect(await asOwner(owner, 'select * from change_under_way')).toEqual([]);
  });

  it('lets many change different things at once', async () => {
    const marks = new Set<string | undefined>();
    await Promise.all(
      Array.from({ length: 30 }, (_, i) =>
        asOrganisation(QUARRY, async (db) => {
          // In different orders, as those do who would wait for each other.
          for (const n of i % 2 ? [1, 2] : [2, 1])
            await db.query(`insert into swatch_photo (organisation_id, id, jpeg) values ($1, $2, 'x')`, [
              QUARRY,
              `${n}${i}`.padEnd(32, 'a'),
            ]);
        }).then(async () => marks.add(await lastChange(QUARRY))),
      ),
    );
    expect(marks.size).toBeGreaterThan(1);
  });
});

describe('a page that is kept', () => {
  const ask = (path: string, { name = 'Cleo', route = '/programmes/[programme]', organisation = QUARRY } = {}) =>
    ({
      request: new Request(`http://here${path}`),
      route: { id: route },
      locals: { organisation, who: { session: crypto.randomUUID(), account: name, email: '', name } },
    }) as unknown as RequestEvent;
  let made = 0;
  const make = async () => {
    made += 1;
    const word = `word${made}`;
    return new Response(`<p>${made}</p><script nonce="${word}">`, {
      headers: { 'content-type': 'text/html', 'content-security-policy': `script-src 'nonce-${word}'`, etag: word },
    });
  };
  const timesMade = async (event: RequestEvent, how: () => Promise<Response> = make) => {
    const before = made;
    await (await keptAnswer(event, how)).text();
    return made - before;
  };

  it('is made once while nothing changes, for each person and address, and again after a change', async () => {
    expect(await timesMade(ask('/a'))).toBe(1);
    expect(await timesMade(ask('/a'))).toBe(0);
    expect(await timesMade(ask('/a?x'))).toBe(1);
    expect(await timesMade(ask('/a', { name: 'Dot' }))).toBe(1);
    await saveChanges(QUARRY, slug, [{ path: '/kits/demoSets', from: demo.kits.demoSets, to: 4 }]);
    expect(await timesMade(ask('/a'))).toBe(1);
    expect(await timesMade(ask('/a'))).toBe(0);
  });

  it('bears a word for its scripts that nobody has seen before', async () => {
    const words = new Set<string>();
    for (let i = 0; i < 3; i += 1) {
      const answer = await keptAnswer(ask('/word'), make);
      const body = await answer.text();
      const word = /nonce="([^"]+)"/.exec(body)![1]!;
      expect(answer.headers.get('content-security-policy')).toBe(`script-src 'nonce-${word}'`);
      expect(answer.headers.has('etag')).toBe(false);
      words.add(word);
    }
    expect(words.size).toBe(3);
  });

  it('is made once for those who ask at the same time', async () => {
    const before = made;
    const bodies = await Promise.all(
      Array.from({ length: 8 }, async () => (await (await keptAnswer(ask('/once'), make)).text()).slice(0, 12)),
    );
    expect(made - before).toBe(1);
    expect(new Set(bodies).size).toBe(1);
  });

  it('is none that went wrong, sends on, is of nobody’s house, or is another kind of address', async () => {
    const wrong = async () => (
      (made += 1),
      new Response('{}', { status: 404, headers: { 'content-type': 'application/json' } })
    );
    for (let i = 0; i < 2; i += 1) {
      expect(await timesMade(ask('/wrong'), wrong)).toBe(1);
      expect(await timesMade(ask('/file', { route: '/swatches/[swatch]' }))).toBe(1);
      expect(await timesMade(ask('/nobody', { organisation: '' }))).toBe(1);
      await expect(keptAnswer(ask('/on'), async () => redirect(303, '/'))).rejects.toMatchObject({ status: 303 });
    }
  });
});
