import { readFileSync } from 'node:fs';
import Ajv2020 from 'ajv/dist/2020';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { generate, target } from '../../../scripts/generate-validate.mjs';
import { randomProgramme } from '../../../tests/random-programme';
import { faultsOf } from '../../../tests/plan-checker';
import {
  PlanError,
  kitCount,
  planContract,
  planCutting,
  programmeSchema,
  readProgramme,
  type Programme,
  type ProgrammeFile,
} from '../index';

const demo = () =>
  JSON.parse(readFileSync(new URL('../../../../demo/allotment-year.aggrega.json', import.meta.url), 'utf8')) as ProgrammeFile &
    Record<string, never>;

function read(document: unknown): Programme {
  const reading = readProgramme(document);
  expect(reading).toMatchObject({ ok: true });
  return (reading as Extract<typeof reading, { ok: true }>).programme;
}

function errorsOf(document: unknown) {
  const reading = readProgramme(document);
  return reading.ok ? [] : reading.errors;
}

describe('plans of random programmes', () => {
  it.each([
    ['found at once', true, 60],
    ['final', false, 8],
  ])(
    '%s, cover the demand of every kit, without overlap, edge to edge',
    (_, first, numRuns) => {
      fc.assert(
        fc.property(randomProgramme(), (document) => {
          const programme = read(document);
          const [colourway] = programme.colourways;
          for (const basis of ['kit', 'batch'] as const) {
            const plan = planCutting(programme, {
              colourway: colourway!,
              months: programme.months,
              basis,
              participants: document.participants.one,
              first,
            });
            for (const { plan: cloth } of plan.fabrics) expect(faultsOf(cloth)).toEqual([]);
            const labels = plan.fabrics.map((f) => f.plan.demand.map((p) => p.label));
            for (const list of labels) expect(new Set(list).size).toBe(list.length);
          }
        }),
        { numRuns },
      );
    },
    120_000,
  );

  it('of all kits together hold every kit’s pieces, as many times as there are kits', () => {
    fc.assert(
      fc.property(randomProgramme(), (document) => {
        const programme = read(document);
        const request = {
          colourway: programme.colourways[0]!,
          months: programme.months,
          participants: document.participants.one,
          first: true,
        };
        const kit = planCutting(programme, { ...request, basis: 'kit' });
        const batch = planCutting(programme, { ...request, basis: 'batch' });
        const count = (plan: typeof kit) =>
          plan.fabrics.flatMap((f) => f.plan.demand.map((p): [string, number] => [p.label, p.qty]));
        expect(count(batch)).toEqual(count(kit).map(([label, qty]) => [label, qty * batch.kits]));
      }),
      { numRuns: 40 },
    );
  });
});

describe('kits to cut', () => {
  const programme = (spares: number, demoSets: number) => read({ ...demo(), kits: { spares, demoSets } });

  it.each([
    [0, 0, 40, 40],
    [0.1, 0, 30, 33],
    [0.05, 1, 24, 27],
    [3, 2, 12, 17],
    [0.5, 1, 0, 0],
  ])('spares %s, demo sets %s, %s people: %s kits', (spares, demoSets, people, kits) => {
    expect(kitCount(programme(spares, demoSets), people)).toBe(kits);
  });
});

describe('the demonstration programme', () => {
  it('is sound, and every drawn month can be planned for every colourway', () => {
    const programme = read(demo());
    expect(programme.months.filter((m) => m.blocks.length > 0).length).toBeGreaterThanOrEqual(4);
    for (const colourway of programme.colourways) {
      const plan = planCutting(programme, { colourway, months: programme.months, basis: 'batch', participants: 40 });
      for (const { plan: cloth } of plan.fabrics) expect(faultsOf(cloth)).toEqual([]);
    }
  });

  it('prints a plan whose strips add up in the file’s own words', () => {
    const programme = read(demo());
    const printed = planContract(
      planCutting(programme, {
        colourway: programme.colourways[0]!,
        months: [programme.months[0]!],
        basis: 'batch',
        participants: 25,
      }),
      programme,
    );
    // One of the 25 brings their own.
    expect(printed).toMatchObject({ colourway: 'frost', basis: 'batch', participants: 25, kits: 27 });
    const water = printed.fabrics.find((f) => f.fabric === 'water-butt')!;
    // 23 plain kits, 4 of twice the blocks, and a step-out at each of four stages: 23 + 8 + 4.
    expect(water.demand).toEqual([{ label: 'm1:cold-frame:B1', w: '7 3/4', h: '7 3/4', qty: 35 }]);
    expect(water).toMatchObject({ lengthNeeded: '54 1/4' });
    // 54 1/4, and 1 to square the end, is sold as 58 1/2: thirteen eighths of a yard.
    expect(water).toMatchObject({ lengthToBuy: '58 1/2', lowerBound: 54.25 });
  });
});

describe('a refused document', () => {
  const at = (change: (file: ReturnType<typeof demo>) => void) => {
    const file = demo();
    change(file);
    return errorsOf(file).map((e) => e.path);
  };

  it.each([
    ['not an object', [], ['']],
    ['null', null, ['']],
    ['nothing in it', {}, ['', '', '']],
  ])('%s', (_, document, paths) => {
    expect(errorsOf(document).map((e) => e.path)).toEqual(paths);
  });

  it('names a method that the house’s seam does not fit, and a die that cannot be', () => {
    expect(
      at((f) => {
        f.house!.seam = '3/8';
        f.house!.methods = { geese: 'two-squares' };
        f.months![0]!.blocks![0]!.methods = { geese: 'two-squares' };
        f.house!.dies = [{ kind: 'hst', finished: '3', width: '0', length: '12', units: 4 }];
      }),
    ).toEqual(['/house/methods/geese', '/house/dies/0/width', '/months/0/blocks/0/methods/geese']);
  });

  it('keeps a month’s own sizing, methods and readings, and knows a unit’s name from a slip of spelling', () => {
    const file = demo();
    Object.assign(file.months![0]!.blocks![0]!, {
      sizing: 'trim-down',
      methods: { 'hst:A+B@1x1': 'strip-ruler', hts: 'two-at-a-time' },
      readings: { 'geese:B+A+A@2x1': 'whole' },
    });
    const reading = readProgramme(file);
    expect(reading.ok && reading.programme.months[0]!.blocks[0]!.style).toMatchObject({
      sizing: 'trim-down',
      readings: { 'geese:B+A+A@2x1': 'whole' },
    });
    expect(reading.ok && reading.warnings[0]!.path).toBe('/months/0/blocks/0/methods/hts');
  });

  it('names every place, not only the first', () => {
    expect(
      at((f) => {
        f.house!.seam = 'a quarter';
        f.months![0]!.release = '2027-02-30';
        f.months![1]!.blocks![0]!.finished = '0';
        f.months![2]!.blocks![0]!.block = 'nowhere';
        f.colourways![0]!.fabrics.B = 'nothing';
        delete (f.colourways![1]!.fabrics as Record<string, string>).C;
        f.participants!.frots = 3;
        f.shelf![0]!.length = '-3';
        f.fabrics![1]!.id = f.fabrics![0]!.id;
        f.kits!.packets = [['m1', 'm99']];
      }),
    ).toEqual(
      expect.arrayContaining([
        '/house/seam',
        '/months/0/release',
        '/months/1/blocks/0/finished',
        '/months/2/blocks/0/block',
        '/colourways/0/fabrics/B',
        '/colourways/1/fabrics',
        '/participants/frots',
        '/shelf/0/length',
        '/fabrics/1/id',
        '/kits/packets/0/1',
      ]),
    );
  });

  it.each([
    ['/house/sellingStep', '0'],
    ['/house/wof', '9999'],
    ['/house/rounding', '1/1000'],
    ['/house/seam', '12'],
    ['/house/allowance', '-1'],
  ])('%s of %s is refused', (path, value) => {
    expect(at((f) => void ((f.house as Record<string, string>)[path.split('/')[2]!] = value))).toEqual([path]);
  });

  it('keeps the place of a drawing that does not tile', () => {
    expect(at((f) => void f.blocks[1]!.patches.pop())).toEqual(['/blocks/1/patches']);
    expect(at((f) => void f.months![0]!.blocks!.push({ block: 'cold-frame', finished: 12 }))).toEqual(['/months/0/blocks/1']);
  });

  it('warns of fields that it does not know, and of blocks of different sizes', () => {
    const file = demo();
    Object.assign(file, { colorways: [] });
    file.months![1]!.blocks![0]!.finished = '8';
    const paths = () => {
      const reading = readProgramme(file);
      return reading.ok && reading.warnings.map((w) => w.path);
    };
    expect(paths()).toEqual(['/colorways', '/setting/coping']);
    delete file.setting;
    delete file.sizes;
    expect(paths()).toEqual(['/colorways', '/months/1/blocks/0']);
  });

  it('says where a plan fails: a form that cannot be planned, a piece too wide', () => {
    const plan = (change: (file: ReturnType<typeof demo>) => void) => {
      const file = demo();
      change(file);
      const programme = read(file);
      try {
        planCutting(programme, {
          colourway: programme.colourways[0]!,
          months: programme.months,
          basis: 'kit',
          participants: 1,
          first: true,
        });
      } catch (error) {
        return (error as PlanError).problems.map((p) => p.path);
      }
      return [];
    };
    expect(plan((f) => void (f.fabrics![0]!.form = 'panel'))).toEqual(['/fabrics/0/form']);
    expect(plan((f) => void (f.fabrics![0]!.form = 'square-5'))).toEqual(['/fabrics/0/usableWidth']);
    expect(plan((f) => void (f.fabrics![3]!.usableWidth = '5'))).toEqual(['/fabrics/3/usableWidth']);
  });
});

it('a document of blocks alone is planned on plain cloth', () => {
  const file = demo();
  const programme = read({ format: file.format, version: 1, blocks: file.blocks, months: file.months });
  const plan = planCutting(programme, {
    colourway: programme.colourways[0]!,
    months: programme.months,
    basis: 'batch',
    participants: programme.participants.get('default')!,
  });
  expect(plan.fabrics.map((f) => f.fabric.id)).toEqual(['A', 'B', 'C', 'D']);
});

it('the generated check is that of the schema, and the schema is sound', async () => {
  expect(readFileSync(target, 'utf8')).toBe(await generate());
  expect(new Ajv2020({ allowUnionTypes: true }).validateSchema(programmeSchema)).toBe(true);
});
