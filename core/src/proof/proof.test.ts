import { describe, expect, it } from 'vitest';
import { handLists } from '../../tests/lists-by-hand';
import { habits, oneOf, otherMethods, rowsOf, writeList, type Fault, type WrittenList } from '../../tests/list-writer';
import { planted } from '../../tests/planted';
import { library, readBlock } from '../block';
import { construct, inchStyle, type SewingStyle } from '../construction';
import { Exact, ratio, seeded, type Rational } from '../measure';
import { proofread, type Proof } from './proof';
import { isRight } from './verdicts';
import { together, waysOf } from './ways';

const NAMES: Record<string, string> = { A: 'Frosted Pane', B: 'Water Butt', C: 'Kale', D: 'Terracotta Crock' };

const drawn = (name: string, make = 1, side = 12, style: SewingStyle = inchStyle) => {
  const { block } = readBlock(
    library.find((b) => b.name === name)!,
    '',
  );
  const finished = [Exact.of(side), Exact.of(side).over(block.grid[0]).times(block.grid[1])] as const;
  return construct(block, { finished, make, style });
};
const fabricsOf = (c: ReturnType<typeof drawn>) =>
  [...new Set(c.block.patches.map((p) => p.role))].map((role) => ({ role, name: NAMES[role] ?? role }));

describe('a list written by hand', () => {
  it.each(handLists.map((list, i) => ({ ...list, name: `${i + 1} ${list.block}: ${list.lines[0]![0]}` })))('$name', (list) => {
    const c = drawn(list.block);
    const proof = proofread(list.lines.map(([text]) => text).join('\n'), [c], { fabrics: fabricsOf(c) });
    const said = list.lines.map(([text], i) => {
      const line = proof.lines.find(({ read }) => read.line === i + 1);
      const is =
        !line || line.read.is === 'aside' || (line.read.is === 'cuts' && line.verdicts.length === 0)
          ? 'aside'
          : line.read.is === 'unread'
            ? 'unread'
            : line.verdicts.map((v) => v.is).join('+');
      return [text, is];
    });
    expect(said).toEqual(list.lines);
    expect(proof.missing.map(({ role, w }) => `${role} ${w.toFraction(true)}`).sort()).toEqual(
      [...(list.missing ?? [])].sort(),
    );
    expect(proof.blocks).toBe(list.blocks ?? 1);
    expect(proof.lines.filter(({ strip }) => strip).length).toBe(list.strips ?? 0);
  });
});

/** How many lists are written, in so many parts, and by which chance. */
const LISTS = 300;
const PARTS = 6;
const FAULTS: readonly Fault[] = ['few', 'many', 'small', 'big', 'column', 'across', 'role', 'unread', 'unused', 'missing'];

/** A list of a block by chance, by methods and in a habit by chance, with up to two faults. */
function listOf(seed: number) {
  const random = seeded(seed);
  const block = oneOf(random, library).name!;
  const c = drawn(block, oneOf(random, [1, 1, 2, 3, 4, 6]), oneOf(random, [6, 8, 9, 10, 12, 12, 12, 15, 16]));
  const theirs = otherMethods(c, random);
  const habit = oneOf(random, habits);
  let rows = rowsOf(theirs);
  let missing: WrittenList['missing'] = [];
  for (let n = Math.floor(random() * 3); n > 0 && rows.length > 0; n -= 1) {
    const fault = oneOf(random, FAULTS);
    // Whose own name is on the wrong line, nobody can know; nor which of two lines is missing where one cannot be read.
    if (habit.names === 'own' && (fault === 'role' || fault === 'unused')) continue;
    if (missing.length > 0 || (fault === 'missing' && rows.some((r) => r.fault))) continue;
    const now = planted(rows, fault, theirs, random);
    if (now) ({ rows, missing } = now);
  }
  const fabrics = fabricsOf(c);
  const list = writeList(rows, missing, { habit, fabrics: new Map(fabrics.map(({ role, name }) => [role, name])), random });
  return { c, theirs, list, proof: proofread(list.text, [c], { fabrics }) };
}

/** A list of one square, with one too few, is a list for fewer blocks; a piece that is cut larger than it need be is right to be trimmed. */
const cannotBeKnown = (fault: Fault | undefined, list: WrittenList) =>
  fault === 'few' && list.rows.filter(Boolean).length === 1;

function wrongOf({ theirs, list, proof }: { theirs: ReturnType<typeof drawn>; list: WrittenList; proof: Proof }) {
  const seen = { lines: 0, declared: 0, doubted: 0, faults: 0, found: 0, wrong: [] as string[] };
  const large = theirs.style.sizing === 'trim-down';
  for (const { read, verdicts } of proof.lines) {
    const row = list.rows[read.line - 1];
    const say = (what: string) => void seen.wrong.push(`${list.habit}: '${read.text}' ${what}`);
    if (!row) {
      if (read.is !== 'aside') say('is not about cutting');
      continue;
    }
    seen.lines += 1;
    const { fault, truth } = row;
    if (read.is === 'aside') say('is about cutting');
    else if (fault === 'unread') {
      if (read.is === 'cuts') say('cannot be read');
      else seen.declared += 1;
    } else if (read.is === 'unread') {
      seen.declared += 1;
      say(`can be read, not ${read.why}`);
    } else {
      const [verdict] = verdicts;
      if (fault) seen.faults += 1;
      if (verdict!.is === 'which') seen.doubted += 1;
      else if (!fault) {
        if (!isRight(verdict!) && !(large && verdict!.is === 'big')) say(`is right, not ${verdict!.is}`);
      } else if (cannotBeKnown(fault, list) || (fault === 'big' && verdict!.is === 'large')) seen.faults -= 1;
      else if (isRight(verdict!)) say(`has a fault: ${fault}`);
      else {
        seen.found += 1;
        if (truth && 'row' in verdict!) {
          const { w, h, qty, sub } = verdict!.row;
          const same = [truth.w, truth.h].some((x) => x.equals(w)) && [truth.w, truth.h].some((x) => x.equals(h));
          if (!same || qty !== truth.qty || sub !== truth.sub)
            say(`should be another row than ${qty} of ${w.toFraction(true)}`);
        }
      }
    }
  }
  for (const row of list.missing)
    if (
      !proof.missing.some((m) => m.qty === row.qty && m.role === row.role) &&
      proof.names.every((n) => n.by !== 'pieces') &&
      proof.lines.every((l) => l.verdicts.every((v) => v.is !== 'which'))
    )
      seen.wrong.push(`${list.habit}: ${row.qty} of ${row.role} are missing from\n${list.text}`);
  return seen;
}

describe('lists by writers of many habits', () => {
  it.each(Array.from({ length: PARTS }, (_, part) => part))(
    'are understood to the last number, and none is judged wrongly (%i)',
    (part) => {
      const each = LISTS / PARTS;
      const all = Array.from({ length: each }, (_, i) => wrongOf(listOf(7000 + part * each + i)));
      const sum = (of: 'lines' | 'doubted' | 'faults' | 'found') => all.reduce((n, one) => n + one[of], 0);
      expect(all.flatMap(({ wrong }) => wrong)).toEqual([]);
      expect(sum('lines')).toBeGreaterThan(each * 2.5);
      // Where two meanings explain as much, neither is told: seldom.
      expect(sum('doubted')).toBeLessThan(sum('lines') * 0.07);
      expect(sum('found')).toBeGreaterThan(sum('faults') * 0.75);
    },
  );
});

describe('a house of centimetres', () => {
  const metric: SewingStyle = { ...inchStyle, unit: 'cm', seam: ratio(3, 4), rounding: ratio(1, 2), wof: ratio(106) };
  const habit: Record<string, (x: Rational) => string> = {
    centimetres: (x) => `${x.valueOf()} cm`,
    'decimal commas': (x) => `${String(x.valueOf()).replace('.', ',')} cm`,
    millimetres: (x) => `${x.mul(10).valueOf()} mm`,
    'nothing at all': (x) => String(x.valueOf()),
    'inches, rounded up': (x) => `${x.div(ratio(254, 100)).mul(8).ceil().div(8).toFraction(true)}"`,
  };
  it.each(Object.keys(habit))('understands lists in %s', (how) => {
    const size = habit[how]!;
    for (const { name } of library.filter((_, i) => i % 3 === 0)) {
      const c = drawn(name!, 2, 30, metric);
      const list = rowsOf(c).map(({ role, qty, w, h, sub }) => {
        const pieces = w.equals(h) ? `squares ${size(w)}` : `rectangles ${size(w)} x ${size(h)}`;
        return `Fabric ${role}: ${qty} ${pieces}${sub === 'none' ? '' : `, cut ${sub} on the diagonal`}`;
      });
      const proof = proofread(list.join('\n'), [c], { fabrics: fabricsOf(c) });
      const wrong = proof.lines.filter(({ read, verdicts }) => read.is !== 'cuts' || !verdicts.every(isRight));
      expect(
        wrong.map(({ read }) => read.text),
        name,
      ).toEqual([]);
    }
  });
});

describe('the ways of a block', () => {
  it.each(library.map(({ name }) => ({ name: name! })))(
    'as chosen take the very pieces that the sheet cuts: $name',
    ({ name }) => {
      const c = drawn(name, 3);
      const rows = together(waysOf(c).flatMap(({ ways }) => ways.find((w) => w.chosen)!.wanted));
      const text = (role: string, sides: number[], sub: string, template: boolean) =>
        `${role} ${sides.sort().join(' x ')} ${sub} ${template}`;
      const told = [...rows.values()].map(
        (r) => [text(r.role, [r.w.valueOf(), r.h.valueOf()], r.sub, r.template), r.needs] as const,
      );
      const cuts = c.cuts.map((cut) => {
        const per = cut.sub === 'none' ? 1 : cut.sub === 'once' ? 2 : 4;
        return [
          text(cut.role, [cut.w.valueOf(), cut.h.valueOf()], cut.sub, cut.template !== undefined),
          cut.qty * per - cut.over,
        ] as const;
      });
      const summed = (list: readonly (readonly [string, number])[]) => {
        const sums = new Map<string, number>();
        for (const [key, n] of list) sums.set(key, (sums.get(key) ?? 0) + n);
        return sums;
      };
      expect(summed(told)).toEqual(summed(cuts));
    },
  );
});

describe('a list of the house itself', () => {
  it('is not judged by what the wrong fabric was taken for: somebody says which is which', () => {
    const c = drawn('Broken Dishes');
    const list = 'Plum: 8 squares 3 7/8"\nOlive: 8 squares 3 7/8"';
    const fabrics = fabricsOf(c);
    const own = proofread(list, [c], { fabrics });
    expect(own.names.map(({ by }) => by)).toEqual(['pieces', 'pieces']);
    expect(own.right).toBe(2);
    const said = proofread(list, [c], { fabrics, roles: { plum: 'B', olive: null } });
    expect(said.names).toEqual([
      { key: 'plum', role: 'B', by: 'said' },
      { key: 'olive', by: 'said' },
    ]);
    expect(said.lines.map(({ verdicts }) => verdicts[0]!.is)).toEqual(['right', 'unused']);
    expect(said.missing.map(({ role }) => role)).toEqual(['A']);
  });

  it('is for one block where its numbers are those of one, with faults or without', () => {
    const c = drawn('Dovecote', 2);
    const list =
      'A: 4 rectangles 3 1/2" x 6 1/2"\nA: 1 square 4 5/8"\nB: 2 squares 3 7/8", cut once diagonally\nC: 11 squares 3 1/2"';
    const proof = proofread(list, [c], { fabrics: fabricsOf(c) });
    expect(proof.blocks).toBe(1);
    expect(proof.lines.map(({ verdicts }) => verdicts[0]!.is)).toEqual(['right', 'small', 'right', 'few']);
  });

  it('is for as many blocks as somebody says', () => {
    const c = drawn('Broken Dishes', 2);
    const list = 'A: 32 squares 3 7/8"\nB: 32 squares 3 7/8"';
    const fabrics = fabricsOf(c);
    expect(proofread(list, [c], { fabrics }).lines[0]!.verdicts[0]!.is).toBe('many');
    expect(proofread(list, [c], { fabrics, blocks: 4 }).right).toBe(2);
    expect(proofread('For each block, from A and B each 8 squares 3 7/8"', [c], { fabrics }).right).toBe(1);
  });

  it('takes any word for a name, also one that every object answers to', () => {
    const c = drawn('Broken Dishes');
    const proof = proofread('Constructor: 8 squares 3 7/8"\n__proto__: 8 squares 3 7/8"', [c], {
      fabrics: fabricsOf(c),
      roles: {},
    });
    expect(proof.names.every(({ by }) => by !== 'said')).toBe(true);
  });

  it('has nothing to say of a text that is no list, however long', () => {
    const c = drawn('Broken Dishes');
    const asked = { fabrics: fabricsOf(c) };
    for (const text of [
      '',
      '   \n\n',
      'Happy sewing!\nSee you on Thursday.',
      '{"a": [1, 2, 3]}',
      '<script>alert(1)</script>',
      'x'.repeat(100_000),
      '1\n'.repeat(5000),
    ])
      expect(proofread(text, [c], asked).right, text.slice(0, 30)).toBe(0);
  });
});
