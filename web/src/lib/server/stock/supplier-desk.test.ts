import { mkdtemp, readFile, readdir, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { parseLength } from '@aggrega/core/measure';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { arrived, handIn, orderName, priceList } from './supplier-desk';

let folder: string;
beforeAll(async () => {
  process.env.AGGREGA_OUTSIDE = folder = await mkdtemp(join(tmpdir(), 'aggrega-desk-'));
});
afterAll(() => rm(folder, { recursive: true, force: true }));

const supplier = '../Mill Lane & Sons';
const line = (i: number) => ({
  fabric: `f${i}`,
  number: `QR-${i}`,
  name: `Fabric ${i}`,
  length: '900',
  boltLength: '432',
  leadDays: 10,
});
const asked = (n: number) => ({
  ...{ name: `year-order-${n}`, supplier, placed: '2026-12-01', unit: 'in' as const },
  lines: Array.from({ length: 20 }, (_, i) => line(i)),
});

describe('the desk of a supplier', () => {
  it('delivers all that was ordered in the end; some of it late, some short, and the same again however often it is asked', async () => {
    const order = asked(1);
    expect(await handIn('guild', order)).toEqual({ due: '2026-12-11' });
    const names = [{ ...order, id: 'order-1' }];
    const by = async (day: string) => (await arrived('guild', names, day)).flatMap((a) => a.delivery.lines);
    const total = (lines: { fabric: string; length?: string | number }[], fabric: string) =>
      lines.filter((l) => l.fabric === fabric).reduce((sum, l) => sum + parseLength(l.length!, 'in').valueOf(), 0);
    expect(await by('2026-12-10')).toEqual([]);
    const [onDay, end] = [await by('2026-12-11'), await by('2027-03-01')];
    for (const { fabric } of order.lines) expect(total(end, fabric)).toBe(900);
    const whole = order.lines.filter((l) => total(onDay, l.fabric) === 900).length;
    const some = order.lines.filter((l) => total(onDay, l.fabric) > 0 && total(onDay, l.fabric) < 900).length;
    expect(whole).toBeGreaterThan(8);
    expect(some).toBeGreaterThan(0);
    expect(whole + some).toBeLessThan(20);
    expect(end.every((l) => parseLength(l.length!, 'in').valueOf() <= 432)).toBe(true);
    // Handed in again, with anything changed, it is the order that stands there.
    expect(await handIn('guild', { ...order, placed: '2027-01-01' })).toEqual({ due: '2026-12-11' });
    expect(await by('2027-03-01')).toEqual(end);
  });

  it('keeps its papers inside its folder, an organisation’s apart from another’s', async () => {
    await handIn('guild', asked(2));
    expect(await readdir(folder)).toEqual(['suppliers']);
    expect(await readdir(join(folder, 'suppliers'))).toEqual(['guild']);
    expect(await arrived('other', [{ ...asked(2), id: 'x' }], '2027-03-01')).toEqual([]);
    const [own] = await readdir(join(folder, 'suppliers', 'guild'));
    expect(own).toMatch(/^[a-z0-9-]+$/);
    const paper = await readFile(join(folder, 'suppliers', 'guild', own!, 'orders', 'year-order-2.csv'), 'utf8');
    expect(paper.split('\r\n')[0]).toBe('fabric,number,name,length,pieces,bolt length,lead days,placed,due');
  });

  it('names an order by what is asked, not by what came of it', () => {
    const order = { id: 'order-1', supplier, placed: '2026-12-01', lines: [{ fabric: 'kale', length: '9' }] };
    expect(orderName('year', order)).toBe(orderName('year', { ...order, deliveries: [] } as typeof order));
    expect(orderName('year', order)).not.toBe(orderName('year', { ...order, lines: [{ fabric: 'kale', length: '10' }] }));
    expect(orderName('../year', order)).toMatch(/^[a-z0-9-]+$/);
  });

  it('refuses a length that is none, and writes nothing', async () => {
    const order = { ...asked(3), lines: [{ ...line(1), length: '1/0' }] };
    expect(await handIn('guild', order)).toMatchObject({ refused: expect.any(String) });
    expect(await arrived('guild', [{ ...order, id: 'x' }], '2027-03-01')).toEqual([]);
  });

  it('has a price list that stays as it was drawn up', async () => {
    const fabrics = [{ id: 'kale', name: 'Kale', sku: 'QR-120', pricePerYard: 12.5, leadDays: 10 }];
    const list = await priceList('guild', supplier, fabrics);
    expect(list).toMatch(/^name,number,supplier,price per yd,bolt length,lead days\r\nKale,QR-120,/);
    expect(await priceList('guild', supplier, [])).toBe(list);
  });
});
