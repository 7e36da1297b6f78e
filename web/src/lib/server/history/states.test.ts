import { afterAll, beforeAll, expect, it } from 'vitest';
import demo from '../../../../../demo/allotment-year.aggrega.json';
import { freshDatabase } from '../../../../tests/fresh-database';
import { insertOrganisation } from '../db/organisations';
import { asOrganisation, closePool } from '../db/pool';
import { importProgramme, saveChanges } from '../programme/programmes';
import { recordOf } from './record';
import { stateOf, statePicture } from './states';

const QUARRY = '00000000-0000-4000-8000-00000000000a';
const MILL = '00000000-0000-4000-8000-00000000000b';
let slug: string;

beforeAll(async () => {
  await freshDatabase();
  for (const id of [QUARRY, MILL]) await asOrganisation(id, (db) => insertOrganisation(db, id, 'Somebody'));
  const imported = await importProgramme(QUARRY, demo);
  if (imported.kind !== 'imported') throw new Error('unsound');
  ({ slug } = imported);
});
afterAll(closePool);

it('each save of the history leads to the document as it was, and to its quilt; nobody else sees them', async () => {
  const colour = demo.fabrics[0]!.colour;
  await saveChanges(QUARRY, slug, [{ path: `/fabrics/${demo.fabrics[0]!.id}/colour`, from: colour, to: '#123456' }]);
  const revisions = (await recordOf(QUARRY, slug, null))!.entries.flatMap((e) => e.revision ?? []);
  expect(revisions).toEqual([2, 1]);
  expect((await stateOf(QUARRY, slug, 1))!.document).toEqual(demo);
  expect((await stateOf(QUARRY, slug, 2))!.document.fabrics![0]!.colour).toBe('#123456');
  const [then, now] = await Promise.all([1, 2].map((revision) => statePicture(QUARRY, slug, revision)));
  expect(then).toMatchObject({ type: 'image/svg+xml', body: expect.stringContaining(colour) });
  expect(now).toMatchObject({ body: expect.stringContaining('#123456') });
  expect(await stateOf(QUARRY, slug, 3)).toBeUndefined();
  expect(await stateOf(MILL, slug, 1)).toBeUndefined();
  expect(await statePicture(MILL, slug, 1)).toMatchObject({ status: 404 });
});
