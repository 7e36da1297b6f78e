import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { parseLength } from '../measure';
import {
  baggedOf,
  handsOut,
  monthShares,
  planPacket,
  readProgramme,
  scatteredOf,
  type Programme,
  type ProgrammeFile,
} from '../programme';
import { monthPaper, monthSheet, plainWords, type PaperPicture, type PaperPiece, type SheetWishes } from './index';
import { rulerPicture, stripsPicture } from './pictures';

const demo = (): ProgrammeFile =>
  JSON.parse(readFileSync(new URL('../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8'));
const read = (file: unknown): Programme => {
  const reading = readProgramme(file);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
};
const programme = read(demo());
const paperOf = (month: string, colourway = 0, wishes: SheetWishes = {}, of = programme) =>
  monthPaper(
    of,
    of.months.find((m) => m.id === month)!,
    of.colourways[colourway]!,
    wishes,
  );

/** Every piece, those within others too. */
const allOf = (pieces: readonly PaperPiece[]): PaperPiece[] =>
  pieces.flatMap((p) => {
    return [p, ...allOf(p.kind === 'title' || p.kind === 'beside' ? p.pieces : [])];
  });
const picturesOf = (pieces: readonly PaperPiece[]): PaperPicture[] =>
  allOf(pieces).flatMap((p) => {
    if (p.kind === 'pictures' || p.kind === 'beside') return p.pictures;
    if (p.kind === 'steps') return p.steps.flatMap((s) => s.picture ?? []);
    return p.kind === 'title' ? [...(p.pictures ?? [])] : [];
  });
const saidOf = (pieces: readonly PaperPiece[]) =>
  allOf(pieces)
    .flatMap((p) => {
      if (p.kind === 'heading') return [p.text];
      if (p.kind === 'text') return [plainWords(p.text)];
      if (p.kind === 'list') return p.items.map(plainWords);
      if (p.kind === 'steps') return p.steps.map((s) => [s.text, s.check ?? ''].map(plainWords).join(' '));
      return p.kind === 'table'
        ? p.groups.flatMap((g) => g.map((r) => r.cells.map((c) => plainWords(c.text)).join(' | ')))
        : [];
    })
    .join('\n');

describe('the paper of a month', () => {
  it('says every cut of the sheet once in its table, with its count and size', () => {
    for (const month of programme.months.filter((m) => handsOut(programme, m)))
      programme.colourways.forEach((colourway, i) => {
        const sheet = monthSheet(programme, month, colourway);
        const rows = allOf(paperOf(month.id, i).pieces).flatMap((p) => (p.kind === 'table' ? p.groups.flat() : []));
        // A cut that comes off several strips has a row for each.
        const told = new Map<string, number>();
        for (const { cut, cells } of rows.filter((r) => r.cut)) {
          const qty = Number(/(\d+) (?:square|rectangle)s?(?:,|$)/.exec(plainWords(cells[2]!.text))![1]);
          const key = `${cut} ${plainWords(cells[3]!.text)}`;
          told.set(key, (told.get(key) ?? 0) + qty);
        }
        const bagged = monthShares(programme, month, { colourway });
        const cuts = sheet.fabrics.flatMap((f) =>
          f.cuts.flatMap((c) => {
            const now = c.qty - baggedOf(bagged, c.piece);
            return now > 0 ? [`${c.block}:${c.label} ${c.size} ${now}`] : [];
          }),
        );
        expect([...told].map((one) => one.join(' ')).sort()).toEqual(cuts.sort());
      });
  });

  it('tells every unit and every join, each step with its picture, and every picture says what it shows', () => {
    for (const month of programme.months.filter((m) => m.blocks.length > 0)) {
      const { pieces } = paperOf(month.id);
      const sheet = monthSheet(programme, month, programme.colourways[0]!);
      const said = saidOf(pieces);
      const steps = pieces.flatMap((p) => (p.kind === 'steps' ? p.steps : []));
      for (const block of sheet.blocks) {
        for (const unit of block.units) {
          expect(said).toMatch(new RegExp(`${unit.label}(: make| \\|  \\| ${unit.make} )`));
          expect(said).toContain(`Measure: ${unit.size}`);
        }
        for (const join of block.joins) expect(said).toContain(join.text);
      }
      for (const step of steps) expect([plainWords(step.text), Boolean(step.picture)]).toEqual([plainWords(step.text), true]);
      for (const picture of picturesOf(pieces)) {
        expect(picture.label.length).toBeGreaterThan(3);
        for (const { points } of picture.shapes)
          for (const [x, y] of points) {
            expect(x).toBeGreaterThanOrEqual(-1e-6);
            expect(y).toBeGreaterThanOrEqual(-1e-6);
            expect(x).toBeLessThanOrEqual(picture.width + 1e-6);
            expect(y).toBeLessThanOrEqual(picture.height + 1e-6);
          }
      }
    }
  });

  it('spins a crossing where it lies: in the unit before it is trimmed, or in the block once it is joined', () => {
    const stepsOf = (month: string) => {
      const sheet = monthSheet(
        programme,
        programme.months.find((m) => m.id === month)!,
        programme.colourways[0]!,
      );
      return sheet.blocks.flatMap((b) => b.units.map((u) => [u.title, u.steps] as const));
    };
    const [, hourglass] = stepsOf('m9').find(([title]) => /quarter-square/.test(title))!;
    const spins = hourglass.findIndex((s) => s.act === 'spin');
    expect(spins).toBeGreaterThan(hourglass.findLastIndex((s) => s.act === 'press'));
    expect(spins).toBeLessThan(hourglass.findIndex((s) => s.act === 'trim'));
    // Four quarters that turn about the middle: the block spins, and shows its back.
    const backs = picturesOf(paperOf('m3').pieces).filter((p) => p.label.includes('from the back'));
    expect(backs.map((p) => p.label)).toEqual([
      'U3 from the back, its crossing spun',
      'Cloche from the back, its crossing spun',
    ]);
    // A ring of four arrows round the middle of the quarter, then round the block's own: what was spun before is not marked again.
    expect(backs.map((p) => p.lines.length)).toEqual([4, 4]);
  });

  it('tells the packet: what it holds and keeps in its first month, what was saved in the later ones', () => {
    const file = demo();
    // One large packet of which something is saved and something stays whole.
    file.kits!.packets = [['m1', 'm2', 'm3', 'm5', 'm8']];
    const together = read(file);
    const months = together.kits.packets.find((p) => p.length === 5)!;
    const [frost] = together.colourways;
    const plan = planPacket(together, { colourway: frost!, months });
    months.forEach((month, at) => {
      const said = saidOf(paperOf(month.id, 0, {}, together).pieces);
      if (at === 0) expect(said).toContain('Cut only what this sheet says');
      else expect(said).toContain(`From packet 1, which you started with ${months[0]!.name}`);
      for (const { bagged } of monthShares(together, month, { colourway: frost! }))
        for (const { qty, label, cutIn } of bagged)
          expect(said).toMatch(new RegExp(`already cut with ${cutIn.name}: ${qty} ${label.split(':').at(-1)} \\(`));
      for (const { fabric, stages } of plan.fabrics) {
        const stage = stages?.[at];
        for (const { qty, label, stage: to } of stage?.save ?? [])
          expect(said).toMatch(new RegExp(`${label.split(':').at(-1)} \\| ${qty} \\| .* \\| ${months[to]!.name}`));
        if (stage && stage.whole.compare(0) > 0)
          expect(said).toMatch(new RegExp(`${fabric.name}: keep whole at least .* × WOF`));
      }
    });
    expect(plan.fabrics.some((f) => f.stages?.some((s) => s.save.length > 0 || s.whole.compare(0) > 0))).toBe(true);
  });

  it('keeps the end of a strip whole instead of bagging its pieces, for one reader or for a packet', () => {
    const bags = (said: string) => /Cut and bag for later/.test(said);
    const said = (month: string, wishes: SheetWishes = {}, of = programme) => saidOf(paperOf(month, 0, wishes, of).pieces);
    expect([bags(said('m5')), bags(said('m5', { keep: 'whole' }))]).toEqual([true, false]);
    expect(said('m5', { keep: 'whole' })).toMatch(
      /Frosted Pane: keep whole one piece at least 15 1\/2 × 7 3\/4 in, the end of a strip, for June/,
    );
    // June cuts from it what it would have found cut; both ways nothing else is bought.
    expect(said('m6', { keep: 'whole' })).toMatch(/Frosted Pane \| one piece at least 15 1\/2 × 7 3\/4 in, the end of a strip/);
    const cutThere = /the end of a strip that you kept \| 2 squares \| 7 3\/4 \| A1/;
    expect([cutThere.test(said('m6')), cutThere.test(said('m6', { keep: 'whole' }))]).toEqual([false, true]);
    const file = demo();
    file.kits!.keepWhole = ['m5'];
    const whole = read(file);
    expect([bags(said('m5', {}, whole)), bags(said('m5', { keep: 'cut' }, whole))]).toEqual([false, true]);
    expect(
      said('m5', {}, whole)
        .split('\n')
        .filter((l) => /1\/4 yd/.test(l)),
    ).toEqual(
      said('m5')
        .split('\n')
        .filter((l) => /1\/4 yd/.test(l)),
    );
  });

  it('lists backing and wadding with the month that hands them out, whatever is handed out', () => {
    for (const kind of ['yardage', 'pre-cut', 'list'] as const) {
      const said = saidOf(paperOf('m12', 0, { kind }).pieces);
      expect(said).toMatch(/Frosted Pane \(backing\) \|.*\| 153 \| 4 1\/4 yd/);
      expect(said).toMatch(/Wadding of your own; one packed as ‘full’ is large enough \|.*\| 75 1\/2 × 75 1\/2/);
    }
    expect(saidOf(paperOf('m11').pieces)).not.toContain('backing');
    const file = demo();
    file.fabrics!.push({ id: 'fleece', name: 'Fleece', usableWidth: '90', pricePerYard: 8 });
    file.setting!.wadding = { fabric: 'fleece' };
    expect(saidOf(paperOf('m12', 0, {}, read(file)).pieces)).toMatch(/Fleece \(wadding\) \|.*yd/);
  });

  it('puts the quilt together in the months that have all they need, each stage once', () => {
    // Parts of the quilt go out before its last blocks do.
    const file = demo();
    const [, , , , , , , , september, october, , december] = file.months!;
    december!.blocks = september!.blocks!;
    september!.blocks = [];
    delete october!.notes;
    file.setting!.months = { sashing: 'm9', triangles: 'm10', borders: 'm11', binding: 'm12', backing: 'm12' };
    const staged = read(file);
    const said = (id: string) => saidOf(paperOf(id, 0, {}, staged).pieces);
    expect(said('m9')).toMatch(/Sew the sashing strips[\s\S]*Sew the blocks of rows 1 and 2 /);
    expect(said('m10')).toMatch(/side setting triangle to each end of rows 1 and 2:/);
    expect(said('m11')).toMatch(/Put the borders by, in a bag with its name and ‘December’ on it/);
    const last = said('m12');
    const order = [
      'Sew the blocks of rows 3, 4 and 5',
      'Join the rows',
      'corner setting triangles last',
      'Trim both side borders',
      'Baste',
      'slip-stitch',
    ];
    const places = order.map((words) => last.indexOf(words));
    expect(places).toEqual([...places].sort((a, b) => a - b));
    expect(places[0]).toBeGreaterThan(0);
    expect(said('m1')).not.toContain('The quilt finishes');
    for (const words of [...order, 'Sew the sashing strips', 'Square up: lay the ruler'])
      expect(programme.months.filter((m) => said(m.id).includes(words)).map((m) => m.id)).toHaveLength(1);
  });

  it('explains each word of the craft once to somebody new, where it is first used, and to nobody else', () => {
    for (const month of programme.months) {
      const told = saidOf(paperOf(month.id, 0, { level: 'new' }).pieces);
      for (const [word, says] of [
        ['dog-ears', 'Dog-ears are'],
        ['right sides together', 'Right sides together:'],
        ['nest', 'Seams nest when'],
      ] as const) {
        const at = told.indexOf(says);
        expect(told.indexOf(says, at + 1)).toBe(-1);
        if (at >= 0) expect(told.toLowerCase().indexOf(word)).toBeLessThan(at);
        expect(saidOf(paperOf(month.id).pieces)).not.toContain(says);
      }
    }
    expect(saidOf(paperOf('m3', 0, { level: 'new' }).pieces)).toContain('Dog-ears are the little tips');
  });

  it('tells a straight quilt without sashing too, a row when all its blocks are there', () => {
    const file = JSON.parse(
      readFileSync(new URL('../../../demo/winter-scrap-basket.aggrega.json', import.meta.url), 'utf8'),
    ) as ProgrammeFile;
    const scrap = read(file);
    const rows = scrap.months.flatMap((m) => {
      const said = saidOf(paperOf(m.id, 0, {}, scrap).pieces);
      return [...said.matchAll(/Sew the blocks of rows? ([\d, and]+) in the order/g)].map(([, n]) => `${m.id}: ${n}`);
    });
    expect(rows).toEqual(['w1: 1', 'w2: 2', 'w3: 3', 'w4: 4 and 5']);
  });

  it('tells a scrappy block by the letters of its pool’s fabrics', () => {
    const named = demo();
    for (const pool of Object.values(named.colourways![2]!.pools!)) delete pool.units;
    const year = read(named);
    expect(scatteredOf(year, year.colourways[2]!)).toBeDefined();
    expect(saidOf(paperOf('m2', 2, {}, year).pieces)).toMatch(/\bC[abcd]1\b/);
    const twice = structuredClone(named);
    twice.months![1]!.blocks![0]!.make = 3;
    expect(saidOf(paperOf('m2', 2, {}, read(twice)).pieces)).toMatch(/scrappy\. It is made in (two|three) fabric arrangements/);
  });

  it('tells how a pool is sewn that differs from another in its lie alone by that other, edges and steps once', () => {
    const { pieces } = paperOf('m8', 2);
    const told = allOf(pieces).flatMap((p) => (p.kind === 'text' ? [plainWords(p.text)] : []));
    const as = told.findIndex((text) => text.startsWith('Sew them as P7, step by step.'));
    expect(as).toBeGreaterThan(0);
    // P8 stands in its picture: what is its top edge there is not what P7's words mean by it.
    const measured = told.filter((text) => text.startsWith('Measure: 6 1/2 by 3 1/2.'));
    expect(measured.filter((text) => text.includes('below the top edge'))).toHaveLength(measured.length - 1);
    expect(told.slice(0, as).findLast((text) => text.startsWith('Measure'))).toBe('Measure: 6 1/2 by 3 1/2. ');
    const heads = allOf(pieces).flatMap((p) => (p.kind === 'heading' ? [p.text] : []));
    expect(heads.filter((head) => /^P[78]: make 4 flying geese/.test(head))).toHaveLength(2);
    expect(
      allOf(pieces)
        .filter((p) => p.kind === 'steps')
        .flatMap((p) => p.steps)
        .filter((s) => plainWords(s.text).startsWith('Lay a square on one end')),
    ).toHaveLength(1);
  });
});

describe('drawn rulers and strips', () => {
  it('mark the size where it is, whole marks beside it', () => {
    for (const size of ['7/8', '2', '3 3/8', '5 1/2', '12 15/16']) {
      const at = parseLength(size, 'in');
      const { lines, texts, width } = rulerPicture(at, 'in', 'x');
      const [from] = texts;
      const mark = lines.at(-1)!.from[0];
      // Ten to an inch, from the first number on.
      expect((mark - from!.at[0]) / 10 + Number(from!.text)).toBeCloseTo(at.valueOf());
      expect(mark).toBeGreaterThan(0);
      expect(mark).toBeLessThan(width);
      expect(texts.map((t) => Number(t.text))).toContain(Math.floor(at.valueOf()));
    }
  });

  it('mirror for left hands, every piece in its strip', () => {
    const one = (n: string) => parseLength(n, 'in');
    const rect = { x: one('0'), y: one('0'), w: one('5'), h: one('3'), label: 'm1:b:A1' };
    const strips = [{ length: one('3'), repeat: 2, rects: [rect] }] as unknown as Parameters<typeof stripsPicture>[0];
    const common = { wide: 3, usableWidth: one('42'), colour: '#123456', nameOf: () => 'A1', label: 'x' };
    const box = (left: boolean) => stripsPicture(strips, { ...common, left }).shapes[1]!.points.map(([x]) => x);
    expect([Math.min(...box(false)), Math.max(...box(false))]).toEqual([0, 5]);
    expect([Math.min(...box(true)), Math.max(...box(true))]).toEqual([37, 42]);
  });
});
