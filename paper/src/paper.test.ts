import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, describe, expect, it } from 'vitest';
import demo from '../../demo/allotment-year.aggrega.json';
import { constructMonthBlock, handsOut, kitKinds, readProgramme, stagesOf } from '@aggrega/core/programme';
import {
  demonstrationPaper,
  firstPacketPaper,
  monthPaper,
  monthSheet,
  plainWords,
  templatesPaper,
  type Paper,
  type PaperPiece,
  type SheetWishes,
} from '@aggrega/core/sheet';
import { paperHtml } from './html';
import { paperPdf } from './pdf';
import { tilesOf } from './pdf/tiles';
import { runsOf } from './runs';
import { paperText } from './text';

const reading = readProgramme(demo);
if (!reading.ok) throw new Error('the demonstration programme is unsound');
const { programme } = reading;
const folder = mkdtempSync(join(tmpdir(), 'aggrega-paper-'));
afterAll(() => rmSync(folder, { recursive: true, force: true }));

const months = programme.months.filter((m) => handsOut(programme, m));
const paperOf = (month = 0, colourway = 0, wishes: SheetWishes = {}) =>
  monthPaper(programme, months[month]!, programme.colourways[colourway]!, wishes);

/** Every text of a paper, in order. */
function textsOf(pieces: readonly PaperPiece[]): string[] {
  return pieces.flatMap((p): string[] => {
    switch (p.kind) {
      case 'title':
        return [p.over, p.text, ...textsOf(p.pieces)];
      case 'heading':
        return [p.text];
      case 'text':
        return [plainWords(p.text)];
      case 'list':
        return p.items.map(plainWords);
      case 'table':
        return p.groups.flatMap((rows) => rows.flatMap((r) => r.cells.map((c) => plainWords(c.text))));
      case 'beside':
        return textsOf(p.pieces);
      case 'steps':
        return p.steps.flatMap((s) => [s.text, s.check ?? ''].map(plainWords).filter(Boolean));
      default:
        return [];
    }
  });
}
const pdf = async (papers: Paper[], page: 'A4' | 'letter' = 'A4', name = 'paper') => {
  const file = join(folder, `${name}.pdf`);
  writeFileSync(file, await paperPdf(papers, { page, created: new Date('2027-01-09') }));
  return file;
};
const run = (tool: string, ...words: string[]) => execFileSync(tool, words, { encoding: 'utf8' });
/** Words as they were meant: fractions with the plain slash, spaces single. */
const squeezed = (text: string) =>
  text
    .replace(/\u2044/g, '/')
    .replace(/\s+/g, ' ')
    .trim();

describe('a paper', () => {
  it('cuts texts into runs, fractions alone, and loses no letter', () => {
    expect(runsOf(['cut ', { bold: '7 3/4' }, ' by 1/2'])).toEqual([
      { text: 'cut ', bold: false, fraction: false },
      { text: '7', bold: true, fraction: false },
      { text: '3\u20444', bold: true, fraction: true },
      { text: ' by ', bold: false, fraction: false },
      { text: '1\u20442', bold: false, fraction: true },
    ]);
    for (const plain of ['2027/01/09', 'and/or', 'a 1/2-1/4 b'])
      expect(
        runsOf(plain)
          .map((r) => r.text)
          .join(''),
      ).toBe(plain.replace(/(?<![\w/.])(\d+)\/(\d+)(?![\w/])/g, '$1\u2044$2'));
  });

  it('says the same in text, in HTML and in the PDF: every number of every table', async () => {
    const paper = paperOf(0);
    const text = squeezed(paperText(paper));
    const html = squeezed(
      paperHtml(paper)
        .replace(/<style>.*?<\/style>/s, '')
        .replace(/<svg.*?<\/svg>/gs, '')
        .replace(/<[^>]+>/g, ' '),
    );
    const read = squeezed(run('pdftotext', '-raw', await pdf([paper]), '-'));
    const sheet = monthSheet(programme, months[0]!, programme.colourways[0]!);
    for (const cut of sheet.fabrics.flatMap((f) => f.cuts))
      for (const where of [text, html, read]) {
        expect(where).toContain(cut.label);
        expect(where.replace(/ /g, '')).toContain(cut.size.replace(/ /g, ''));
      }
    // No size is run together when it is copied.
    expect(read).toContain('12 1/2');
    expect(read).not.toMatch(/121\/2/);
  });

  it('has its headings in reading order in the PDF, tagged, in a language, with fonts inside and nothing left alone', async () => {
    for (const page of ['A4', 'letter'] as const) {
      const papers = [paperOf(2), paperOf(months.length - 1, 1)];
      const file = await pdf(papers, page, `order-${page}`);
      const read = run('pdftotext', '-raw', file, '-');
      let at = 0;
      for (const paper of papers)
        for (const piece of paper.pieces)
          if (piece.kind === 'heading') {
            const found = squeezed(read).indexOf(squeezed(piece.text), at);
            expect([piece.text, found >= at]).toEqual([piece.text, true]);
            at = found;
          }
      const info = run('pdfinfo', file);
      expect(info).toMatch(/Tagged:\s+yes/);
      expect(info).toContain(page === 'A4' ? 'A4' : '612 x 792');
      expect(run('pdfinfo', '-struct', file)).toMatch(/H1[\s\S]*H2[\s\S]*Table[\s\S]*TR[\s\S]*Figure/);
      for (const line of run('pdffonts', file).split('\n').slice(2).filter(Boolean)) expect(line).toMatch(/yes yes yes/);
      // The last line above the foot of a page is never a heading.
      const headings = new Set(
        papers.flatMap((p) => p.pieces.flatMap((q) => (q.kind === 'heading' ? [squeezed(q.text)] : []))),
      );
      for (const sheet of read.split('\f').filter((p) => p.trim())) {
        const lines = sheet.split('\n').map(squeezed).filter(Boolean);
        const body = lines.filter((l) => !papers.some((p) => l.startsWith(p.footer)) && !/^\d+$/.test(l));
        expect(headings.has(body.at(-1)!)).toBe(false);
      }
    }
  });

  it('has a block of two kinds of units on two pages, and on one for somebody who knows how', async () => {
    const twoKinds = months.flatMap((m, i) => {
      const { blocks } = monthSheet(programme, m, programme.colourways[0]!);
      const kinds = new Set(blocks.flatMap((b) => b.units.filter((u) => !u.making.endsWith(' parts')).map((u) => u.making)));
      const plain = handsOut(programme, m) && blocks.length === 1 && kinds.size <= 2 && m.id !== 'm5';
      return plain ? [i] : [];
    });
    expect(twoKinds.length).toBeGreaterThan(4);
    for (const page of ['A4', 'letter'] as const)
      for (const i of twoKinds) {
        const pages = async (level?: 'versed') => {
          const file = await pdf([paperOf(i, 0, level ? { level } : {})], page, `long-${page}-${i}`);
          return Number(/Pages:\s+(\d+)/.exec(run('pdfinfo', file))![1]);
        };
        expect([months[i]!.id, page, (await pages()) <= 2]).toEqual([months[i]!.id, page, true]);
        expect([months[i]!.id, page, await pages('versed')]).toEqual([months[i]!.id, page, 1]);
      }
  });

  it('keeps everything inside the page, and draws to size', async () => {
    const file = await pdf([paperOf(3, 2, { large: true })], 'A4', 'inside');
    const boxes = [
      ...run('pdftotext', '-bbox', file, '-').matchAll(/xMin="([\d.-]+)" yMin="([\d.-]+)" xMax="([\d.-]+)" yMax="([\d.-]+)">/g),
    ];
    expect(boxes.length).toBeGreaterThan(100);
    for (const [, left, top, right, bottom] of boxes) {
      expect(Number(left)).toBeGreaterThanOrEqual(42);
      expect(Number(top)).toBeGreaterThanOrEqual(35);
      expect(Number(right)).toBeLessThanOrEqual(595.28 - 42);
      expect(Number(bottom)).toBeLessThanOrEqual(841.89 - 20);
    }
  });

  it('draws full-size pictures at their size, to a fifth of a millimetre, however many pages they take', async () => {
    const side = 13;
    const square = (x: number) => [[x, 0] as const, [x + side, 0] as const, [x + side, side] as const, [x, side] as const];
    const paper: Paper = {
      ...{ title: 't', about: '', footer: 'foot', large: false },
      pieces: [
        {
          kind: 'pictures',
          pictures: [
            {
              width: side,
              height: side,
              wide: side,
              full: true,
              label: 'a square',
              shapes: [{ points: square(0), fill: 'none' }],
              lines: [],
              texts: [],
            },
          ],
        },
      ],
    };
    const file = await pdf([paper], 'letter', 'tiles');
    expect(run('pdfinfo', file)).toMatch(/Pages:\s+4/);
    // What the pages show together is the whole picture, each part where it belongs.
    const room = { width: 527, height: 600 };
    const tiles = tilesOf(936, 936, room);
    expect(Math.max(...tiles.map((t) => t.x + t.width))).toBeCloseTo(936);
    expect(Math.max(...tiles.map((t) => t.y + t.height))).toBeCloseTo(936);
    for (const t of tiles) expect(t.width <= room.width && t.height <= room.height).toBe(true);
    const across = tiles.filter((t) => t.row === 0);
    across.slice(1).forEach((t, i) => expect(across[i]!.x + across[i]!.width - t.x).toBeCloseTo(18));
    // The printer's check square is an inch and its line half a point: measured in the page at 600 dots to an inch, to 0.2 mm.
    run('pdftoppm', '-r', '600', '-f', '1', '-l', '1', '-gray', file, join(folder, 'tile'));
    const drawn = readdirSync(folder).find((name) => /^tile-.*pgm$/.test(name))!;
    const longest = longestRun(join(folder, drawn));
    expect(Math.abs(longest - 600 * (72.5 / 72))).toBeLessThanOrEqual((0.2 / 25.4) * 600);
  });
});

/** The longest unbroken dark run in the rows of a grey picture's lowest fifth, in dots: the upper edge of the check square. */
function longestRun(file: string): number {
  const data = readFileSync(file);
  const [, size = ''] = data.subarray(0, 40).toString('latin1').split('\n');
  const [width, height] = size.split(' ').map(Number) as [number, number];
  const pixels = data.subarray(data.length - width * height);
  let best = 0;
  for (let y = Math.floor(height * 0.8); y < height * 0.96; y += 1)
    for (let x = 0, run = 0; x < width; x += 1) {
      run = pixels[y * width + x]! < 200 ? run + 1 : 0;
      best = Math.max(best, run);
    }
  return best;
}

describe('a month’s sheet', () => {
  it('is made for every kind of kit, reader, hand and eye, and says what that kind needs', () => {
    for (const kind of kitKinds) {
      const texts = textsOf(paperOf(1, 1, { kind }).pieces);
      const cut = kind === 'pre-cut' || kind === 'die-cut';
      expect(texts.includes('Cut')).toBe(!cut);
      expect(texts.includes('In your bag')).toBe(cut);
      expect(texts.includes('What to bring')).toBe(kind === 'list');
    }
    const pictures = (wishes: SheetWishes) => JSON.stringify(paperOf(0, 0, wishes).pieces);
    expect(pictures({ coloured: false })).not.toContain('#2f4f6f');
    expect(pictures({ left: true })).not.toBe(pictures({}));
    expect(textsOf(paperOf(0, 0, { level: 'versed' }).pieces).length).toBeLessThan(textsOf(paperOf(0).pieces).length);
    expect(pictures({ level: 'new' })).toContain('The ruler at 7 3/4');
    expect(paperOf(0, 0, { large: true }).large).toBe(true);
  });

  it('counts for the quilt that is made: a larger one cuts as many times as much, never for another', () => {
    const [size] = programme.sizes;
    const count = (wishes: SheetWishes) =>
      monthSheet(programme, months[0]!, programme.colourways[0]!, wishes.size)
        .fabrics.flatMap((f) => f.cuts)
        .filter((c) => c.label === 'D1')
        .reduce((n, c) => n + c.qty, 0);
    expect(count({ size })).toBe(size!.make * count({}));
    expect(textsOf(paperOf(0, 0, { size }).pieces).join(' ')).toContain('Double bed');
  });

  it('keeps the organiser’s words apart, in their place, and nowhere else', () => {
    const written = (more: object, month: object) => {
      const reading = readProgramme({
        ...{ ...demo, contact: undefined, ...more },
        months: demo.months.map((m, i) => (i === 0 ? { ...m, notes: undefined, homework: undefined, ...month } : m)),
      });
      if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
      return textsOf(monthPaper(reading.programme, reading.programme.months[0]!, reading.programme.colourways[0]!).pieces);
    };
    const bare = written({}, {});
    const texts = written(
      { contact: 'the shop, on Tuesdays' },
      { notes: { cut: 'Mind the stripes.' }, homework: 'Cut all of it.' },
    );
    const at = texts.indexOf('Mind the stripes.');
    expect(at).toBeGreaterThan(texts.indexOf('Cut'));
    expect(at).toBeLessThan(texts.indexOf('Make the units'));
    expect(texts.join(' ')).toContain('Before then: Cut all of it.');
    // Nothing that is computed moved.
    const own = (t: string) => t === 'Mind the stripes.' || t.startsWith('The next sheet') || t.startsWith('Ask:');
    expect(texts.filter((t) => !own(t))).toEqual(bare.filter((t) => !own(t)));
  });
});

describe('the other papers', () => {
  /** A block whose middle is a kite: no ruler formula for its patches. */
  const odd = readProgramme({
    ...{ format: 'aggrega-programme', version: 1, title: 'Odd' },
    blocks: [
      {
        ...{ id: 'kite', name: 'Kite', grid: [4, 4] },
        patches: [
          {
            role: 'A',
            points: [
              [0, 0],
              [2, 0],
              [1, 1],
              [0, 3],
            ],
          },
          {
            role: 'B',
            points: [
              [2, 0],
              [4, 0],
              [4, 4],
              [0, 4],
              [0, 3],
              [1, 1],
            ],
          },
        ],
      },
    ],
    months: [{ id: 'm', name: 'Kite month', blocks: [{ block: 'kite', finished: '12' }] }],
  });
  if (!odd.ok) throw new Error(JSON.stringify(odd.errors));

  it('hold every template of a month at full size with a square to check by, and none where none is needed', async () => {
    const [month] = odd.programme.months;
    const [colourway] = odd.programme.colourways;
    const paper = templatesPaper(odd.programme, month!, colourway!)!;
    const cuts = constructMonthBlock(odd.programme, month!.blocks[0]!).cuts.filter((c) => c.template);
    expect(cuts.length).toBeGreaterThan(0);
    const pictures = paper.pieces.flatMap((p) => (p.kind === 'pictures' ? p.pictures : []));
    expect(pictures).toHaveLength(cuts.length + 1);
    for (const p of pictures) expect([p.full, p.wide]).toEqual([true, p.width]);
    // Their outlines are those of the construction, seam allowance and all.
    cuts.forEach((cut, i) => expect(pictures[i + 1]!.width).toBeCloseTo(Math.max(...cut.template!.cut.map((q) => q[0]))));
    const pages = Number(/Pages:\s+(\d+)/.exec(run('pdfinfo', await pdf([paper], 'A4', 'templates')))![1]);
    expect(pages).toBeGreaterThanOrEqual(2);
    expect(templatesPaper(programme, months[0]!, programme.colourways[0]!)).toBeUndefined();
  });

  it('welcome everybody with the months, the letters and the rules; a mystery names nothing before its month', () => {
    const [frost] = programme.colourways;
    const texts = textsOf(firstPacketPaper(programme, frost!).pieces);
    for (const month of programme.months) expect(texts).toContain(month.name);
    for (const fabric of frost!.fabrics.values()) expect(texts).toContain(fabric.name);
    const secret = JSON.stringify(firstPacketPaper({ ...programme, mystery: true }, frost!).pieces);
    for (const { block } of programme.months.flatMap((m) => m.blocks)) expect(secret).not.toContain(block.name);
    expect(secret).not.toContain('The quilt in');
    // The calendar: the hour, days away, and what to have done by when; of hidden months nothing is to be done.
    const all = texts.join(' ');
    for (const part of ['is released at 09:00', 'summer holidays']) expect(all).toContain(part);
    const { homework } = programme.months.find((m) => m.homework)!;
    expect(all).toContain(homework);
    expect(secret).not.toContain(homework);
  });

  it('tell a demonstration’s step-outs as demand counts them', () => {
    for (const month of months.filter((m) => m.blocks.length > 0)) {
      const paper = demonstrationPaper(programme, month, programme.colourways[0]!);
      const lists = paper.pieces.filter((p) => p.kind === 'list');
      month.blocks.forEach((entry, i) =>
        expect(lists[i]!.items).toHaveLength(stagesOf(constructMonthBlock(programme, entry, programme.colourways[0]!))),
      );
    }
  });
});
