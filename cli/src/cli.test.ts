import { execFile } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';
import { library } from '@aggrega/core/block';
import { readyCasts } from '@aggrega/core/fabric';
import { newProgramme } from '@aggrega/core/running';
import sharp from 'sharp';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { main } from './main';

const at = (path: string) => fileURLToPath(new URL(path, import.meta.url));
const demo = at('../../demo/allotment-year.aggrega.json');
const photograph = at('../../demo/ladder-on-the-table.jpg');
let folder: string;
beforeAll(() => void (folder = mkdtempSync(join(tmpdir(), 'aggrega-cli-'))));
afterAll(() => rmSync(folder, { recursive: true }));

/** The command run here; what the process around it adds is tried once, at the end. */
async function aggrega(...words: string[]): Promise<{ code: number; out: string; err: string }> {
  const said = { out: '', err: '' };
  const code = await main(words, {
    print: async (text) => void (said.out += text),
    complain: (text) => (said.err += `${text}\n`),
  });
  return { code, ...said };
}

const asProcess = (...words: string[]): Promise<{ code: number; out: string; err: string }> =>
  new Promise((done) =>
    execFile(process.execPath, [at('../bin/aggrega.mjs'), ...words], { maxBuffer: 1e8 }, (error, out, err) =>
      done({ code: error ? Number(error.code) : 0, out, err }),
    ),
  );

function write(name: string, content: unknown): string {
  const path = join(folder, name);
  writeFileSync(path, typeof content === 'string' ? content : JSON.stringify(content));
  return path;
}

describe('trace', () => {
  it('makes a block file of a drawing from another program, which a programme takes; says what it cannot lay', async () => {
    const inside =
      '<rect width="90" height="90" fill="#fff"/><path fill="#a00" d="M0 0 30 30H0ZM90 0 60 30H90ZM30 30h30v30h-30z"/>';
    const drawing = write('drawn.svg', `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 90 90">${inside}</svg>`);
    const { code, out } = await aggrega('trace', drawing);
    const told = JSON.parse(out);
    expect({ code, grid: told.block.grid, letters: told.colours.map((c: { letter: string }) => c.letter) }).toEqual({
      ...{ code: 0, grid: [3, 3], letters: ['A', 'B'] },
    });
    const document = JSON.parse(readFileSync(demo, 'utf8'));
    document.blocks.push({ id: 'drawn', grid: told.block.grid, patches: told.block.patches });
    expect((await aggrega('check', write('with-drawn.json', document))).code).toBe(0);
    expect(await aggrega('trace', drawing, '--grid', 'wide')).toMatchObject({ code: 2 });
    const none = await aggrega('trace', write('none.svg', 'no drawing'));
    expect({ code: none.code, said: JSON.parse(none.out).errors[0].message }).toEqual({
      ...{ code: 1, said: 'this file isn’t an SVG drawing' },
    });
  });
});

describe('read-picture', () => {
  it('makes a block file of a photograph, which a programme takes; says what it cannot read', async () => {
    // As telephones keep it: lying on its side, with a note to turn it.
    const photo = join(folder, 'lying.jpg');
    const lying = await sharp(photograph).rotate(-90).png().toBuffer();
    await sharp(lying).withMetadata({ orientation: 6 }).jpeg({ quality: 90 }).toFile(photo);
    const { code, out } = await aggrega('read-picture', photo);
    const told = JSON.parse(out);
    const ladder = library.find((b) => b.name === 'Jacob’s Ladder')!;
    expect({ code, grid: told.block.grid, patches: told.block.patches.length, fabrics: told.fabrics.length }).toEqual({
      ...{ code: 0, grid: ladder.grid, patches: ladder.patches.length, fabrics: 3 },
    });
    const straight = JSON.parse((await aggrega('read-picture', photograph)).out);
    expect(Math.hypot(told.corners[0][0] - straight.corners[0][0], told.corners[0][1] - straight.corners[0][1])).toBeLessThan(
      3,
    );
    const document = JSON.parse(readFileSync(demo, 'utf8'));
    document.blocks.push({ id: 'seen', grid: told.block.grid, patches: told.block.patches });
    expect((await aggrega('check', write('with-seen.json', document))).code).toBe(0);

    const corners = straight.corners.map((c: number[]) => c.map(Math.round).join()).join(' ');
    const set = JSON.parse((await aggrega('read-picture', photo, '--grid', '12x12', '--corners', corners)).out);
    expect(set.block.grid).toEqual([12, 12]);
    for (const wrong of [
      ['--grid', '30x3'],
      ['--corners', '1,1 2,2 3,3'],
      ['--corners', '1,1 2,2 3,3 4,4'],
    ])
      expect(await aggrega('read-picture', photo, ...wrong)).toMatchObject({ code: 2 });
  });

  it('tells which unit lies wrong in a photograph of a layout; says what it needs', async () => {
    const laid = at('../../demo/units-on-the-table.jpg');
    const asked = ['check-layout', demo, '--block', 'cloche'];
    const { code, out } = await aggrega(...asked, '--colourway', 'frost', laid);
    const { units, turned } = JSON.parse(out);
    expect([code, turned, units.length]).toEqual([0, 0, 16]);
    expect(units[0].lies).toEqual({ kind: 'turned', quarters: 1 });
    for (const { lies } of units.slice(1)) expect(lies).toEqual({ kind: 'right' });
    // Another block is not what lies there: nothing is said to be right.
    const other = JSON.parse((await aggrega(...asked, '--colourway', 'frost', photograph)).out);
    for (const { lies } of other.units) expect(lies).toEqual({ kind: 'unclear', why: 'strange' });
    expect(await aggrega(...asked, demo)).toMatchObject({ code: 1 });
    // The blocks of the quilt, two of them in each other's place.
    const set = JSON.parse(
      (await aggrega('check-layout', demo, '--quilt', at('../../demo/blocks-on-the-floor.jpg'))).out,
    ).units;
    expect(set).toHaveLength(13);
    expect(set.flatMap((u: { lies: { kind: string } }, i: number) => (u.lies.kind === 'right' ? [] : [i]))).toEqual([2, 6]);
    const quilt = ['check-layout', demo, '--quilt'];
    const block = [...asked, '--month', 'm1', laid];
    for (const wrong of [asked, block, ['check-layout', demo, laid], quilt, [...quilt, '--block', 'cloche', laid]])
      expect(await aggrega(...wrong)).toMatchObject({ code: 2 });
  });

  it('refuses what is no picture, is damaged, or is far too large or small, with a sentence', async () => {
    const tiny = join(folder, 'tiny.png');
    const vast = join(folder, 'vast.png');
    const half = join(folder, 'half.jpg');
    const plain = (width: number, height: number) => sharp({ create: { width, height, channels: 3, background: '#345' } });
    await plain(20, 20).png().toFile(tiny);
    await plain(9000, 9000).png().toFile(vast);
    writeFileSync(half, (await plain(400, 400).jpeg().toBuffer()).subarray(0, 700));
    const said = async (path: string) => {
      const { code, out } = await aggrega('read-picture', path);
      return [code, JSON.parse(out).errors[0].message];
    };
    expect(await said(demo)).toEqual([1, 'this file isn’t a JPEG, PNG or WebP picture']);
    expect(await said(tiny)).toEqual([1, 'this picture is too small; it needs 64 pixels on each side']);
    expect(await said(vast)).toEqual([1, 'this picture is too large; at most 50 million pixels']);
    expect(await said(half)).toEqual([1, 'this picture is damaged; save it again and try once more']);
    expect((await said(join(folder, 'nowhere.jpg')))[0]).toBe(1);
  });
});

describe('check', () => {
  it('accepts the demonstration programme', async () => {
    expect(await aggrega('check', demo)).toMatchObject({ code: 0, err: '' });
  });

  it('refuses with places on standard output and exit code 1', async () => {
    const broken = JSON.parse(readFileSync(demo, 'utf8'));
    broken.blocks[0].patches.pop();
    const { code, out, err } = await aggrega('check', write('broken.json', broken));
    expect({ code, err }).toEqual({ code: 1, err: '' });
    expect(JSON.parse(out).errors[0]).toMatchObject({
      path: '/blocks/0/patches',
      message: expect.stringContaining('there’s a gap in the block'),
    });
  });

  it('says what is wrong with a file that is no JSON, empty or not there', async () => {
    for (const path of [write('half.json', '{"format":'), write('empty.json', ''), join(folder, 'nowhere.json'), folder]) {
      const { code, out } = await aggrega('check', path);
      expect(code).toBe(1);
      expect(JSON.parse(out).errors).toHaveLength(1);
    }
    expect((await aggrega('check', write('bom.json', `\uFEFF${readFileSync(demo, 'utf8')}`))).code).toBe(0);
  });
});

describe('construct', () => {
  it('takes the size, methods and make of the month', async () => {
    const { out } = await aggrega('construct', demo, '--block', 'cold-frame', '--month', 'm1');
    const printed = JSON.parse(out);
    expect(printed.units[0]).toMatchObject({
      label: 'U1',
      kind: 'hst',
      method: 'eight-at-a-time',
      make: 8,
      yields: 8,
      extra: 0,
      roles: ['A', 'B'],
    });
    expect(printed.cuts[0]).toEqual({
      role: 'A',
      w: '7 3/4',
      h: '7 3/4',
      qty: 1,
      sub: 'none',
      label: 'A1',
      for: ['U1'],
      exact: '7 + 1/2√2',
    });
    expect(printed.assembly.size).toEqual(['12 1/2', '12 1/2']);
  });

  it('takes another size, of square cells or not', async () => {
    const small = JSON.parse((await aggrega('construct', demo, '--block', 'seed-drill', '--finished', '8')).out);
    expect(small.finished).toEqual(['8', '8']);
    const oblong = JSON.parse((await aggrega('construct', demo, '--block', 'seed-drill', '--finished', '12x8')).out);
    expect(oblong.unfinished).toEqual(['12 1/2', '8 1/2']);
  });
});

describe('foresee', () => {
  it('prints how likely a block comes out, the same each time', async () => {
    const { out } = await aggrega('foresee', demo, '--block', 'cold-frame', '--month', 'm1');
    const told = JSON.parse(out);
    expect(told.people).toHaveLength(40);
    expect(told.block.usable).toBeGreaterThanOrEqual(told.block.eased);
    expect(told.block.sides.map((side: { expected: number }) => side.expected)).toEqual([12.5, 12.5]);
    expect(told.cutLarge.exact).toMatchObject({ oversize: '0', cloth: 1 });
    expect((await aggrega('foresee', demo, '--block', 'cold-frame', '--month', 'm1')).out).toBe(out);
  });

  it('prints how well the quilt goes together; of one without a setting it says so', async () => {
    const { out } = await aggrega('foresee', demo, '--quilt', '--size', 'double-bed');
    const told = JSON.parse(out);
    expect(told.people).toHaveLength(40);
    expect(told.own).toBeGreaterThan(told.usable);
    expect(told.blocks.map((b: { name: string }) => b.name)).toContain('Dovecote');
    const bare = { ...JSON.parse(readFileSync(demo, 'utf8')), setting: undefined, sizes: undefined };
    const without = await aggrega('foresee', write('bare.json', bare), '--quilt');
    expect(without.code).not.toBe(0);
    expect(without.out).toContain('there is no setting yet');
  });
});

describe('construct of any straight-edged block', () => {
  const document = {
    format: 'aggrega-programme',
    version: 1,
    blocks: library.map(({ id, name, grid, patches }) => ({ id, name, grid, patches })),
    months: [{ id: 'm1', blocks: library.map(({ id, grid }) => ({ block: id, finished: String(2 * grid[0]) })) }],
  };

  it('accepts the whole starter library without a warning but of size', async () => {
    const { code, out } = await aggrega('check', write('library.json', document));
    expect(code).toBe(0);
    const warnings = JSON.parse(out).warnings as { message: string }[];
    for (const { message } of warnings) expect(message).toMatch(/different sizes|come over|comes over|no ruler shows/);
  });

  it('prints templates, odd seams and other readings', async () => {
    const path = write('library.json', document);
    const print = async (id: string) => JSON.parse((await aggrega('construct', path, '--block', id)).out);
    const [storm, wheel, sill, rising] = await Promise.all(
      ['storm-at-sea', 'weather-wheel', 'deep-sill', 'rising-star'].map(print),
    );
    expect(storm.cuts.some((cut: { template?: object }) => cut.template)).toBe(true);
    expect(wheel.assembly.seam).toBe('partial');
    expect(sill.assembly.seam).toBe('set-in');
    expect(rising.alternatives.map((a: { whole: string }) => a.whole).join()).toContain('a flying goose');
    expect(rising.slips).toHaveLength(3);
    for (const printed of [storm, wheel, sill, rising]) {
      expect(printed.effort.minutes).toBeGreaterThan(0);
    }
  });

  it('plans what it constructs: every library block is cut from cloth', async () => {
    const { code, out } = await aggrega('cut', write('library.json', document), '--basis', 'kit');
    expect(code).toBe(0);
    const labels = JSON.parse(out).plans[0].fabrics.flatMap((f: { demand: { label: string }[] }) =>
      f.demand.map((d) => d.label.split(':')[1]),
    );
    expect(new Set(labels).size).toBe(library.length);
  });
});

describe('cut', () => {
  it('plans each colourway for its own head count, both ways', async () => {
    const { plans } = JSON.parse((await aggrega('cut', demo, '--months', 'm1')).out);
    expect(
      plans.map(
        (p: { colourway: string; basis: string; participants: number }) => `${p.colourway} ${p.basis} ${p.participants}`,
      ),
    ).toEqual(['frost kit 1', 'frost batch 25', 'harvest kit 1', 'harvest batch 18', 'dusk kit 1', 'dusk batch 13']);
  });

  it('prints the same plan for the same question', async () => {
    const ask = ['cut', demo, '--colourway', 'dusk', '--basis', 'batch', '--participants', '60', '--months', 'm1,m3'];
    const [first, second] = await Promise.all([aggrega(...ask), aggrega(...ask)]);
    expect(first.out).toBe(second.out);
    expect(JSON.parse(first.out).plans[0].participants).toBe(60);
  });

  it('tells at a terminal what it is planning, and says nothing of it where errors go elsewhere', async () => {
    const ask = ['cut', demo, '--colourway', 'dusk', '--months', 'm1'];
    expect((await aggrega(...ask)).err).toBe('');
    const out = join(folder, 'plan.json');
    const line = [process.execPath, at('../bin/aggrega.mjs'), ...ask].map((word) => `'${word}'`).join(' ');
    const { stdout } = await promisify(execFile)('script', ['-qec', `${line} > '${out}'`, '/dev/null']);
    expect(stdout.match(/planning [^…]*/g)).toEqual(['planning one kit of Dusk ', 'planning all kits of Dusk ']);
    expect(JSON.parse(readFileSync(out, 'utf8')).plans).toHaveLength(2);
  });
});

it.each([
  [[]],
  [['fold', demo]],
  [['constructor', demo]],
  [['check']],
  [['check', demo, '--loud']],
  [['construct', demo]],
  [['foresee', demo]],
  [['foresee', demo, '--quilt', '--block', 'cold-frame']],
  [['foresee', demo, '--block', 'cold-frame', '--size', 'double-bed']],
  [['construct', demo, '--block', 'nothing']],
  [['construct', demo, '--block', 'cold-frame', '--month', 'm2']],
  [['construct', demo, '--block', 'cold-frame', '--finished', 'big']],
  [['construct', demo, '--block', 'cold-frame', '--finished', '0x8']],
  [['cut', demo, '--participants', '-1']],
  [['cut', demo, '--participants', '2.5']],
  [['cut', demo, '--basis', 'all']],
  [['cut', demo, '--months', 'm1,m99']],
  [['cut', demo, '--reading', 'fastest']],
])('a wrong command exits 2 and prints nothing to read as a plan: %j', async (words) => {
  const { code, out, err } = await aggrega(...words);
  expect({ code, out }).toEqual({ code: 2, out: '' });
  expect(err).not.toContain('    at ');
});

describe('compose', () => {
  const base = () =>
    newProgramme({
      ...{ title: 'A Year', unit: 'in', months: 6, kind: 'monthly', start: '2027-01-09', timeZone: 'UTC', letters: 4 },
      ...{ colourways: ['Frost'], casts: [readyCasts[0]!], nameOf: (day) => day },
    });

  it('composes a year that check accepts, the same for the same seed, with its proof', async () => {
    const path = write('base.json', base());
    const options = ['--to', '2', '--seed', '5', '--finishing', '--price', '12'];
    const { code, out, err } = await aggrega('compose', path, ...options);
    expect({ code, err }).toEqual({ code: 0, err: '' });
    expect((await aggrega('compose', path, ...options)).out).toBe(out);
    const [year] = JSON.parse(out).years;
    expect(year.proof).toMatchObject({ broken: [], packets: { length: 6 } });
    expect(year.proof.cost.each).toBeGreaterThan(0);
    expect(await aggrega('check', write('composed.json', year.file))).toMatchObject({ code: 0 });
  });

  it('says what it cannot do: wrong options, a document with blocks, a wish that nothing keeps', async () => {
    const path = write('base.json', base());
    for (const [option, value] of [
      ['--teach', 'knitting'],
      ['--quilt', 'x64'],
      ['--hours', 'many'],
      ['--giving', 'yarn'],
    ] as const) {
      const { code, err } = await aggrega('compose', path, option, value);
      expect(code).toBe(2);
      expect(err).toContain(value);
    }
    for (const [file, options, says] of [
      [demo, [], 'without blocks'],
      [path, ['--quilt', '10x10'], 'Choose a larger quilt'],
      [path, ['--block', 'wide'], 'wide'],
    ] as const) {
      const { code, out } = await aggrega('compose', file, ...options);
      expect(code).toBe(1);
      expect(JSON.parse(out).errors[0].message).toContain(says);
    }
  });
});

describe('quilt', () => {
  const block = {
    id: 'b',
    grid: [1, 1],
    patches: [
      {
        role: 'A',
        points: [
          [0, 0],
          [1, 0],
          [1, 1],
          [0, 1],
        ],
      },
    ],
  };
  const setting = {
    ...{ kind: 'straight', across: 4, down: 5, frame: { finished: '1/2', role: 'B' } },
    ...{ sashing: { finished: '2', role: 'A' }, cornerstone: { role: 'B' } },
    ...{ binding: { cut: '2 1/4', role: 'B' }, backing: { overage: '4', role: 'A' } },
  };
  const document = (more: object) => ({
    ...{ format: 'aggrega-programme', version: 1, blocks: [block] },
    ...{ months: [{ id: 'm1', blocks: [{ block: 'b', finished: '12', make: 20 }] }], ...more },
  });

  it('prints the parts, binding, backing and batting of the whole quilt', async () => {
    const { code, out } = await aggrega('quilt', write('sashed.json', document({ setting })));
    expect(code).toBe(0);
    expect(JSON.parse(out)).toMatchObject({
      finished: ['62', '77'],
      parts: expect.arrayContaining([
        { name: 'sashing', role: 'A', w: '2 1/2', h: '13 1/2', qty: 49, sub: 'none' },
        { name: 'cornerstone', role: 'B', w: '2 1/2', h: '2 1/2', qty: 30, sub: 'none' },
      ]),
      binding: { role: 'B', cut: '2 1/4', length: '290', strips: 8 },
      backing: { role: 'A', w: '70', h: '85' },
      batting: { w: '70', h: '85' },
    });
  });

  it('is cut with the months on request, and is refused where there is none', async () => {
    const file = write('sashed.json', document({ setting }));
    const labels = async (...words: string[]) =>
      JSON.parse((await aggrega('cut', file, '--basis', 'kit', ...words)).out).plans[0].fabrics.flatMap(
        (f: { demand: { label: string }[] }) => f.demand.map((d) => d.label),
      );
    expect(await labels('--quilt')).toEqual(expect.arrayContaining(['m1:b:A1', 'quilt:sashing', 'quilt:binding']));
    expect(await labels()).toEqual(['m1:b:A1']);
    const { code, out } = await aggrega('quilt', write('bare.json', document({})));
    expect({ code, path: JSON.parse(out).errors[0].path }).toEqual({ code: 1, path: '/setting' });
  });
});

describe('sheet', () => {
  it('writes the sheet of a month as text, HTML and PDF, and prints what was written', async () => {
    for (const [to, begins] of [
      ['txt', 'The Allotment Year'],
      ['html', '<!doctype html>'],
      ['pdf', '%PDF-'],
    ] as const) {
      const file = join(folder, `sheet.${to}`);
      const { code, out } = await aggrega('sheet', demo, '--month', 'm1', '--colourway', 'harvest', '--to', to, '--out', file);
      expect([code, JSON.parse(out).out]).toEqual([0, file]);
      expect(readFileSync(file).subarray(0, 200).toString('latin1')).toContain(begins);
    }
    expect(readFileSync(join(folder, 'sheet.txt'), 'utf8')).toContain('12 1/2 in');
  });

  it('refuses what cannot be meant, and writes nothing', async () => {
    const out = join(folder, 'nothing.pdf');
    for (const words of [
      ['--month', 'm1', '--to', 'doc', '--out', out],
      ['--month', 'm99', '--to', 'pdf', '--out', out],
      ['--month', 'm1', '--to', 'pdf'],
      ['--to', 'pdf', '--out', out],
      ['--month', 'm1', '--to', 'pdf', '--out', join(folder, 'no', 'such', 'place.pdf')],
    ])
      expect((await aggrega('sheet', demo, ...words)).code).toBe(2);
    expect(existsSync(out)).toBe(false);
  });
});

describe('pools', () => {
  const scraps = at('../../demo/winter-scrap-basket.aggrega.json');

  it('tells what is made, who takes how many, and cuts no more squares than its batches need', async () => {
    const { code, out } = await aggrega('pools', scraps);
    expect(code).toBe(0);
    const [basket] = JSON.parse(out);
    const [first] = basket.pools;
    expect(basket.doubts).toEqual([]);
    expect(first).toMatchObject({ pool: 'P1', kind: 'hst', made: 220, month: 'w1', unfinished: ['3 1/2', '3 1/2'] });
    expect(first.months.map((m: { takes: number }) => m.takes)).toEqual([80, 40, 20, 80]);
    const batches = first.pairings.reduce((n: number, p: { batches: number }) => n + p.batches, 0);
    const squares = first.cuts.reduce((n: number, c: { qty: number }) => n + c.qty, 0);
    expect([batches, squares]).toEqual([110, 220]);
    expect((await aggrega('pools', scraps, '--colourway', 'frost')).code).toBe(2);
  });

  it('has none where every patch is named, and says so of a pool that cannot be dealt', async () => {
    const named = JSON.parse(readFileSync(demo, 'utf8'));
    delete named.colourways[2].pools.C.units;
    expect(JSON.parse((await aggrega('pools', write('named.json', named), '--colourway', 'dusk')).out)[0].pools).toEqual([]);
    const file = JSON.parse(readFileSync(scraps, 'utf8'));
    file.colourways[0].pools.A.per = 'block';
    const { code, out } = await aggrega('check', write('block.json', file));
    expect(code).toBe(1);
    expect(JSON.parse(out).errors[0].path).toBe('/colourways/0/pools/A/units');
  });
});

describe('packets and bolts', () => {
  it('tell what a participant is handed, what is saved and what stays whole', async () => {
    const { code, out } = await aggrega('packets', demo, '--colourway', 'dusk', '--size', 'double-bed');
    expect(code).toBe(0);
    const [plan] = JSON.parse(out).plans;
    expect(plan).toMatchObject({ colourway: 'dusk', size: 'double-bed' });
    expect(plan.packets[1].months).toEqual(['m2', 'm3']);
    const [fabric] = plan.packets[1].fabrics;
    expect(fabric.stages.map((s: { month: string }) => s.month)).toEqual(['m2', 'm3']);
    expect(fabric.stages.at(-1).whole).toBe('0');
    expect(plan.bundle[0]).toMatchObject({ fabric: 'elderberry', form: 'fat-quarter', lacking: [] });
    // Scrappy blocks that differ share no batches, so the larger quilt wants more than its three fat quarters.
    const named = JSON.parse(readFileSync(demo, 'utf8'));
    delete named.colourways[2].pools.C.units;
    const short = await aggrega('packets', write('short.json', named), '--colourway', 'dusk', '--size', 'double-bed');
    expect(JSON.parse(short.out).plans[0].bundle[0].lacking.join()).toMatch(/^Month 9 .* lacks \d squares/);
  });

  it('lay the packets on the shelf, and order the rest', async () => {
    const { code, out } = await aggrega('bolts', demo, '--packets', '1,2');
    expect(code).toBe(0);
    const butt = JSON.parse(out).fabrics.find((f: { fabric: string }) => f.fabric === 'water-butt');
    expect(butt).toMatchObject({ supplier: 'Mill Lane Cottons', proven: true, order: { by: '2026-12-16' } });
    expect(butt.bolts).toHaveLength(3);
  });

  it('give an account that orders and costs what the bolts are asked for', async () => {
    const account = JSON.parse((await aggrega('account', demo, '--packets', '1,2')).out);
    const { fabrics } = JSON.parse((await aggrega('bolts', demo, '--packets', '1,2')).out);
    const wanted = Object.fromEntries(
      fabrics.flatMap((f: { fabric: string; wanted: string }) => (f.wanted === '0' ? [] : [[f.fabric, f.wanted]])),
    );
    const bought = account.total.bought.filter((b: { length?: string }) => b.length);
    expect(Object.fromEntries(bought.map((b: { fabric: string; length: string }) => [b.fabric, b.length]))).toEqual(wanted);
    expect(account.packets.map((p: { cost: number }) => p.cost).reduce((a: number, b: number) => a + b)).toBeCloseTo(
      account.total.cost,
      1,
    );
    expect((await aggrega('account', demo, '--packets', '0')).code).toBe(2);
  });

  it('refuse what is not there, with exit code 2', async () => {
    expect((await aggrega('bolts', demo, '--packets', '99')).code).toBe(2);
    expect((await aggrega('packets', demo, '--size', 'king')).code).toBe(2);
    expect((await aggrega('cut', demo, '--size', 'king')).code).toBe(2);
  });

  it('plan one kit of a larger size, with what comes over', async () => {
    const words = ['cut', demo, '--basis', 'kit', '--colourway', 'frost', '--months', 'm1'];
    const pieces = (out: string) =>
      JSON.parse(out).plans[0].fabrics.flatMap((f: { demand: { qty: number }[] }) => f.demand.map((p) => p.qty));
    const [plain, double] = [(await aggrega(...words)).out, (await aggrega(...words, '--size', 'double-bed')).out];
    expect(pieces(double)).toEqual(pieces(plain).map((n: number) => n * 2));
    expect(JSON.parse(plain).plans[0].fabrics[0].waste).toMatchObject({
      keep: expect.any(Array),
      scrapGrams: expect.any(Number),
    });
  });
});

describe('the process', () => {
  it('prints, complains and ends as the command does, a long plan whole', async () => {
    const commands = [['construct', demo, '--block', 'cold-frame'], ['check', write('not.json', '{')], ['cut']];
    for (const words of commands) expect(await asProcess(...words)).toEqual(await aggrega(...words));
  });
});
