/** One entry is all that a new kit kind, setting, column of a CSV or section of a sheet takes: make-believe ones are in force everywhere. */
import { afterEach, expect, it, vi } from 'vitest';
import demo from '../../demo/allotment-year.aggrega.json';

const LISTS = {
  './programme/document/kit-kinds': 'kitKindEntries',
  './setting/kinds': 'settingKindEntries',
  './running/roster-columns': 'rosterColumnEntries',
  './sheet/month-sections': 'monthSections',
} as const;

afterEach(() => {
  for (const file of Object.keys(LISTS)) vi.doUnmock(file);
  vi.resetModules();
});

/** All rooms read anew, with one more entry in the list of that file, and the demonstration. */
async function withEntry(file: keyof typeof LISTS, entry: object) {
  vi.resetModules();
  vi.doMock(file, async (original) => {
    const own = await original<Record<string, object[]>>();
    return { ...own, [LISTS[file]]: [...own[LISTS[file]]!, entry] };
  });
  const { kitKinds, kitTitle, readProgramme } = await import('./programme');
  const reading = readProgramme(demo);
  if (!reading.ok) throw new Error('the demonstration cannot be read');
  return { programme: reading.programme, kitKinds, kitTitle };
}

it('a kit kind is named, handed out in its way, and taken from a CSV', async () => {
  const { programme, kitKinds, kitTitle } = await withEntry('./programme/document/kit-kinds', {
    ...{ id: 'parcel', way: 'pieces', title: 'a parcel with a ribbon' },
  });
  expect(kitKinds).toContain('parcel');
  const parcel = 'parcel' as (typeof kitKinds)[number];
  expect(kitTitle(parcel)).toBe('a parcel with a ribbon');
  const { kitContents } = await import('./sheet');
  const whose = { months: programme.months.slice(0, 1), colourway: programme.colourways[0]! };
  const inside = (kind: typeof parcel) => kitContents(programme, { ...whose, kind });
  expect(inside(parcel)).toEqual(inside('pre-cut'));
  expect(inside(parcel)).not.toEqual(inside('yardage'));
  const { readRosterCsv } = await import('./running/roster-csv');
  const text = 'name,colourway,kit\nAda,Frost,parcel\nBo,Frost,hamper\n';
  const found = readRosterCsv({ text, newId: () => '1', today: '2027-01-01' }, [], programme);
  expect(found.changes.map((c) => c.to?.kit)).toEqual(['parcel']);
});

it('a setting lays its quilt by what is said of it', async () => {
  const { programme } = await withEntry('./setting/kinds', {
    ...{ id: 'fenced', lie: 'level', plain: 'in turn', sashed: true, needs: ['alternate'], title: 'fenced' },
  });
  const { quiltTop, settingKinds } = await import('./setting');
  const { Exact, ratio } = await import('./measure');
  const parts = (kind: string, name: string) =>
    quiltTop(
      {
        ...programme.setting!,
        ...{
          kind: kind as (typeof settingKinds)[number],
          across: 3,
          down: 3,
          borders: [],
          places: new Map(),
          frame: undefined,
        },
        ...{ alternate: { role: 'A' }, sashing: { finished: ratio(2), role: 'B', outer: true } },
      },
      [{ key: 'm1:x', w: Exact.of(12), h: Exact.of(12) }],
    ).parts.filter((p) => p.name === name).length;
  expect(settingKinds).toContain('fenced');
  // Plain squares as in the alternating one, sashing as in the straight one.
  expect(parts('fenced', 'alternate block')).toBe(4);
  expect(parts('fenced', 'sashing')).toBe(parts('straight', 'sashing'));
  expect([parts('alternate', 'sashing'), parts('straight', 'alternate block')]).toEqual([0, 0]);
});

it('a column of a CSV goes out and comes in', async () => {
  const { programme } = await withEntry('./running/roster-columns', { id: 'badge', headings: ['badge', 'pin'], most: 4 });
  const { readRosterCsv, rosterCsv } = await import('./running/roster-csv');
  const read = (text: string) => readRosterCsv({ text, newId: () => '1', today: '2027-01-01' }, [], programme);
  const [change] = read('name,pin,colourway\nAda,gold,Frost\n').changes;
  expect(change!.to).toMatchObject({ name: 'Ada', badge: 'gold' });
  const written = rosterCsv([{ id: '1', ...change!.to } as Parameters<typeof rosterCsv>[0][number]], programme);
  expect(written.split('\r\n')[0]).toMatch(/,badge$/);
  expect(read(written).changes[0]!.to).toEqual(change!.to);
  expect(read('name,pin,colourway\nAda,golden,Frost\n').rows[0]!.state).toBe('refused');
});

it('a section stands on every sheet, in its place', async () => {
  const thanks = { kind: 'text', text: 'With thanks to all who sewed a test block.' };
  const { programme } = await withEntry('./sheet/month-sections', { id: 'thanks', pieces: () => [thanks] });
  const { monthPaper } = await import('./sheet');
  for (const month of programme.months.slice(0, 3))
    expect(monthPaper(programme, month, programme.colourways[0]!).pieces.at(-1)).toEqual(thanks);
});
