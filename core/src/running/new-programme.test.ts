import fc from 'fast-check';
import { expect, it } from 'vitest';
import { readProgramme } from '../programme';
import { dayAfter, daysBetween } from '../programme';
import { embargoed } from './embargo';
import { copiedProgramme, newProgramme } from './new-programme';
import { fabricsOfCast, readyCasts, value } from '../fabric';
import demo from '../../../demo/allotment-year.aggrega.json';
import type { ProgrammeFile } from '../programme';

it('a programme from nothing is sound, whatever it is called and however long it is', () => {
  fc.assert(
    fc.property(
      fc.record({
        title: fc.string({ minLength: 1, maxLength: 60 }).filter((s) => s.trim() !== '' && !/\p{C}/u.test(s)),
        unit: fc.constantFrom('in' as const, 'cm' as const),
        months: fc.integer({ min: 1, max: 24 }),
        kind: fc.constantFrom('weekly' as const, 'fortnightly' as const, 'monthly' as const),
        start: fc.integer({ min: 0, max: 4000 }).map((n) => dayAfter('2026-01-01', n)),
        colourways: fc.array(fc.constantFrom('Frost', 'Harvest', 'Über', '!', 'frost', 'Dusk & dawn'), {
          minLength: 1,
          maxLength: 5,
        }),
        letters: fc.integer({ min: 2, max: 8 }),
      }),
      (of) => {
        const file = newProgramme({ ...of, timeZone: 'Europe/London', nameOf: (day) => day.slice(0, 7) });
        const reading = readProgramme(file);
        expect(reading).toMatchObject({ ok: true });
        if (!reading.ok) return;
        expect(reading.programme.months).toHaveLength(of.months);
        expect(new Set(reading.programme.months.map((m) => m.name)).size).toBe(of.months);
        expect(reading.programme.colourways.map((c) => c.fabrics.size)).toEqual(of.colourways.map(() => of.letters));
        // Every letter of a colourway has a ground of its own.
        for (const c of reading.programme.colourways)
          expect(new Set([...c.fabrics.values()].map((f) => f.colour)).size).toBe(of.letters);
      },
    ),
    { numRuns: 60 },
  );
});

it('under embargo nothing is named that is not out, and what is out is as it was', () => {
  const file = demo as unknown as ProgrammeFile;
  for (let n = 0; n <= file.months!.length; n += 1) {
    const out = new Set(file.months!.slice(0, n).map((m) => m.id));
    const shown = embargoed(file, out);
    expect(readProgramme(shown)).toMatchObject({ ok: true });
    expect(shown.months!.slice(0, n)).toEqual(file.months!.slice(0, n));
    const text = JSON.stringify(shown.months!.slice(n).map((m) => [m.name, m.homework, m.notes]));
    for (const m of file.months!.slice(n)) expect(text).not.toContain(m.name);
    // What its kits hold is cut from the same cloth: patches and sizes stay.
    expect(shown.months!.map((m) => m.blocks)).toEqual(file.months!.map((m) => m.blocks));
  }
});

it('every cast is told apart by value, however many letters are taken of it', () => {
  expect(readyCasts.length).toBeGreaterThanOrEqual(6);
  for (const cast of readyCasts)
    for (let letters = 2; letters <= 8; letters += 1) {
      const own = fabricsOfCast(cast, letters);
      expect(new Set(own.map(([name]) => name)).size).toBe(letters);
      const values = own.map(([, colour]) => value(colour));
      // From light to dark, each at least as far from the next as eight can be.
      for (const [i, v] of values.slice(1).entries()) expect(values[i]! - v).toBeGreaterThan(letters > 4 ? 8 : 18);
    }
});

it('a programme from nothing begins with a ready cast, colourway by colourway', () => {
  const file = newProgramme({
    ...{ title: 'A year', unit: 'in', months: 3, kind: 'monthly', start: '2027-01-09', timeZone: 'Europe/London', letters: 4 },
    ...{ colourways: ['Frost', 'Dusk'], casts: [readyCasts[5], undefined], nameOf: (day) => day },
  });
  expect(readProgramme(file)).toMatchObject({ ok: true });
  expect(file.fabrics!.slice(0, 4).map((f) => f.name)).toEqual(fabricsOfCast(readyCasts[5]!, 4).map(([name]) => name));
  expect(file.fabrics!.slice(4).map((f) => f.name)).toEqual(['Dusk A', 'Dusk B', 'Dusk C', 'Dusk D']);
});

it('a year as another one is the same quilt with nobody in it, as many days later all through', () => {
  const file = demo as unknown as ProgrammeFile;
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 900 }).map((n) => dayAfter('2027-06-01', n)),
      (start) => {
        const copy = copiedProgramme(file, { title: 'Next year', start });
        const reading = readProgramme(copy);
        if (!reading.ok) throw new Error(reading.errors[0]!.message);
        expect(copy.months![0]!.release).toBe(start);
        const apart = (of: ProgrammeFile) =>
          of.months!.slice(1).map((m, i) => daysBetween(of.months![i]!.release!, m.release!));
        expect(apart(copy)).toEqual(apart(file));
        const { programme } = reading;
        expect([...programme.participants.values()].every((n) => n === 0)).toBe(true);
        expect([programme.orders.length, programme.shelf.length, programme.calendar.away.length]).toEqual([0, 0, 0]);
        expect([copy.blocks, copy.setting, copy.fabrics]).toEqual([file.blocks, file.setting, file.fabrics]);
      },
    ),
    { numRuns: 8 },
  );
});
