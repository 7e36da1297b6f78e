import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readDay } from './day-words';
import { blankPerson, personFaults, rosterCounts, type Person } from './person';
import { changedPeople, inverseRoster, type RosterChange } from './roster-changes';
import { readRosterCsv, rosterCsv } from './roster-csv';
import { readProgramme } from '../programme';
import demo from '../../../demo/allotment-year.aggrega.json';

const reading = readProgramme(demo);
if (!reading.ok) throw new Error('unsound');
const { programme } = reading;
let ids = 0;
const newId = () => `new-${(ids += 1)}`;
const person = (id: string, more: Partial<Person> = {}): Person => ({
  ...blankPerson,
  ...{ id, name: `Person ${id}`, email: `${id}@example.org`, colourway: 'frost', joined: '2027-01-02' },
  ...more,
});
const take = (text: string, people: Person[] = [], more = {}) =>
  readRosterCsv({ text, newId, today: '2027-05-20', ...more }, people, programme);

describe('a roster as CSV', () => {
  const words = fc.string({ maxLength: 40 }).map((s) => s.replace(/[\p{C}\p{Z}]+/gu, ' ').trim());
  const anybody = fc.record({
    name: words.map((s) => `N${s}`),
    notes: words,
    phone: words,
    address: words.map((s) => `9 ${s}`.trim()),
    colourway: fc.constantFrom('frost', 'harvest', 'dusk'),
    size: fc.constantFrom('', 'double-bed'),
    kit: fc.constantFrom('', 'list' as const, 'pre-cut' as const),
    handing: fc.constantFrom('pickup' as const, 'post' as const),
    state: fc.constantFrom('in' as const, 'waiting' as const),
    joined: fc.constantFrom('', '2027-02-28'),
    paidTo: fc.constantFrom('', 'm3'),
  });

  it('read back into an empty roster gives everybody as they were, whatever they are called', () => {
    fc.assert(
      fc.property(fc.array(anybody, { maxLength: 12 }), (some) => {
        const people = some.map((p, i) => person(`p${i}`, p));
        const found = take(rosterCsv(people, programme));
        expect(found.problems).toEqual([]);
        expect(found.rows.filter((r) => r.state === 'refused')).toEqual([]);
        const back = found.changes.map((c) => ({ ...c.to!, id: undefined }));
        const plain = people.map((p) => ({ ...p, id: undefined, joined: p.joined || '2027-05-20' }));
        expect(back).toEqual(plain);
        // And read into the roster that it came from, it changes nothing.
        expect(take(rosterCsv(people, programme), people).changes).toEqual([]);
      }),
      { numRuns: 200 },
    );
  });

  it('keeps spreadsheets from running what a person is called', () => {
    expect(rosterCsv([person('a', { name: '=1+1' })], programme)).toContain(`'=1+1`);
  });

  it('knows people by mail address, whatever case it is written in, and changes what is written alone', () => {
    const people = [person('a', { notes: 'brings scones' }), person('b')];
    const found = take('Member;E-mail;Colors\nPerson a;A@Example.org;Dusk\n', people);
    expect(found.mapping).toEqual(['name', 'email', 'colourway']);
    // The address written otherwise is a change too, and said.
    expect(found.changes).toEqual([
      { id: 'a', from: { email: 'a@example.org', colourway: 'frost' }, to: { email: 'A@Example.org', colourway: 'dusk' } },
    ]);
    expect(found.rows[0]!.says).toContain('colourway: frost becomes dusk');
  });

  it('refuses a line with its reason and takes the others', () => {
    const found = take(
      [
        'name,email,colourway,joined,handing over',
        'Ada,ada@example.org,Frost,14/4/2027,',
        'Bea,bea@example,Frost,,',
        'Cy,cy@example.org,Mauve,,',
        'Dot,dot@example.org,Frost,03/04/2027,',
        'Ada,ADA@example.org,Frost,,',
        ',eve@example.org,Frost,,',
        'Flo,flo@example.org,Frost,,post',
        'Gus,,Frost,2027-02-30,',
      ].join('\n'),
    );
    expect(found.rows.map((r) => r.state)).toEqual(['new', ...Array(7).fill('refused')]);
    expect(found.changes.map((c) => [c.to!.name, c.to!.joined])).toEqual([['Ada', '2027-04-14']]);
    expect(found.rows.map((r) => r.says.join()).slice(1)).toEqual([
      `‘bea@example’ isn’t a valid email address. Use the form name@example.org`,
      `there is no colourway 'Mauve'`,
      expect.stringContaining('can be read two ways'),
      'the same person stands in line 2 already',
      'the name is missing',
      'posted kits need an address',
      `‘2027-02-30’ isn’t a date`,
    ]);
    expect(found.rows.map((r) => r.line)).toEqual([2, 3, 4, 5, 6, 7, 8, 9]);
  });

  it('asks which column holds names, and takes the answer', () => {
    const text = 'Wer,Farbe\nAda,Dusk\n';
    expect(take(text).problems).toEqual([expect.stringContaining('names')]);
    const found = take(text, [], { mapping: ['name', 'colourway'] });
    expect(found.changes.map((c) => [c.to!.name, c.to!.colourway])).toEqual([['Ada', 'dusk']]);
    expect(take('Wer,Farbe,X\nAda,Dusk,Y\n', [], { mapping: ['name', 'colourway', 'colourway'] }).problems).toEqual([
      expect.stringContaining('two columns'),
    ]);
  });

  it('puts a name and an address together that come in several columns, whatever their order', () => {
    const text = [
      'Postcode,Surname,First name,Email,Town,Address line 1,Colourway',
      'AB1 2CD,Fenn,Ada,ada@example.org,Quarry End,3 Mill Lane,frost',
      ',Tarn,Bo,bo@example.org,,,frost',
    ].join('\n');
    const read = take(text);
    expect(read.problems).toEqual([]);
    expect(read.changes.map((c) => [c.to!.name, c.to!.address])).toEqual([
      ['Ada Fenn', '3 Mill Lane, Quarry End, AB1 2CD'],
      ['Bo Tarn', ''],
    ]);
    // A column that has the whole of it is taken alone.
    const whole = take('Name,First name,Colourway\nAda Fenn,Ada,frost');
    expect([whole.mapping, whole.changes[0]!.to!.name]).toEqual([['name', undefined, 'colourway'], 'Ada Fenn']);
    // And columns that nobody foresaw are put together by hand.
    const byHand = take('Vorname,Nachname,C\nAda,Fenn,frost', [], { mapping: ['name', 'name', 'colourway'] });
    expect(byHand.changes[0]!.to!.name).toBe('Ada Fenn');
  });

  it('tells namesakes apart by their mail, or asks for it', () => {
    const people = [person('a', { name: 'Ada Fenn' }), person('b', { name: 'Ada Fenn' })];
    expect(take('name,notes\nAda Fenn,early\n', people).rows[0]!.says[0]).toContain('which');
    const third = take('name,email,colourway\nAda Fenn,third@example.org,Frost\n', people);
    expect(third.rows[0]).toMatchObject({ state: 'new', says: [expect.stringContaining('another Ada Fenn')] });
  });

  it('says what is wrong with a file that is no roster', () => {
    for (const text of ['', 'name\n"open', `name\n${'x\n'.repeat(5001)}`]) {
      const found = take(text);
      expect(found.problems).toHaveLength(1);
      expect(found.changes).toEqual([]);
    }
  });
});

describe('days as people write them', () => {
  it('are read when they can be read one way', () => {
    expect(['2027-4-3', '3.4.2027', '03. 04. 2027', '14/4/2027', '4/14/2027', '5/5/2027'].map(readDay)).toEqual([
      ...['2027-04-03', '2027-04-03', '2027-04-03', '2027-04-14', '2027-04-14', '2027-05-05'],
    ]);
    for (const wrong of ['3/4/2027', 'April', '31.2.2027', '2027-13-01']) expect(readDay(wrong)).toHaveProperty('wrong');
  });
});

describe('counting the roster', () => {
  it('counts those who take part, by size, and apart whose kit is of another kind', () => {
    const people = [
      person('a'),
      person('b', { size: 'double-bed' }),
      person('c', { state: 'waiting' }),
      person('d', { state: 'left' }),
      person('e', { kit: 'list' }),
      person('f', { colourway: 'dusk', size: 'double-bed', kit: 'pre-cut' }),
    ];
    expect(rosterCounts(people, programme)).toEqual({
      participants: { frost: 3, harvest: 0, dusk: 1 },
      sizes: { 'double-bed': { frost: 1, dusk: 1 } },
      otherKinds: [
        { colourway: 'frost', kind: 'list', people: 1 },
        { colourway: 'dusk', size: 'double-bed', kind: 'pre-cut', people: 1 },
      ],
    });
    const lists = { ...programme, kits: { ...programme.kits, kind: 'list' as const } };
    expect(rosterCounts(people, lists).otherKinds.map((o) => o.kind)).toEqual(['pre-cut']);
  });

  it('refuses who left before she joined, and what the document does not have', () => {
    const wrong = person('a', { joined: '2027-03-01', left: '2027-02-01', size: 'king', paidTo: 'm99', colourway: '' });
    expect(personFaults(wrong, programme).map((f) => f.field)).toEqual(['colourway', 'size', 'paidTo', 'left']);
  });
});

describe('changes to the roster', () => {
  const roster = new Map(['a', 'b', 'c'].map((id) => [id, person(id)]));
  const field = fc.constantFrom('name' as const, 'notes' as const, 'colourway' as const);
  const change = fc.oneof(
    fc
      .tuple(fc.constantFrom('a', 'b', 'c'), field, fc.string())
      .map(([id, f, to]): RosterChange => ({ id, from: { [f]: roster.get(id)![f] }, to: { [f]: to } })),
    fc.constantFrom('x', 'y').map((id): RosterChange => ({ id, to: { ...person(id) } })),
    fc.constantFrom('a', 'b', 'c').map((id): RosterChange => ({ id, from: { ...roster.get(id)! } })),
  );

  it('are undone by their inverse, and count as made when they are sent again', () => {
    fc.assert(
      fc.property(fc.uniqueArray(change, { selector: (c) => c.id, maxLength: 5 }), (changes) => {
        const result = changedPeople(roster, changes);
        if ('meetings' in result) throw new Error('they meet nobody');
        const applied = new Map(roster);
        for (const [id, p] of result.people)
          if (p) applied.set(id, p);
          else applied.delete(id);
        expect(changedPeople(applied, changes)).toHaveProperty('people');
        const undone = changedPeople(applied, inverseRoster(changes));
        if ('meetings' in undone) throw new Error('nobody was there meanwhile');
        for (const [id, p] of undone.people)
          if (p) applied.set(id, p);
          else applied.delete(id);
        expect(new Map([...applied].sort())).toEqual(roster);
      }),
    );
  });

  it('meet where somebody else changed the same field, and only there', () => {
    const now = new Map([['a', person('a', { notes: 'hers', phone: '1' })]]);
    const meets = changedPeople(now, [{ id: 'a', from: { notes: '' }, to: { notes: 'mine' } }]);
    expect(meets).toEqual({ meetings: [{ id: 'a', name: 'Person a', field: 'notes', now: 'hers', wanted: 'mine' }] });
    expect(changedPeople(now, [{ id: 'a', from: { email: 'a@example.org' }, to: { email: '' } }])).toHaveProperty('people');
    expect(changedPeople(now, [{ id: 'gone', from: { notes: '' }, to: { notes: 'x' } }])).toHaveProperty('meetings');
  });
});
