import { describe, expect, it } from 'vitest';
import demo from '../../../../demo/allotment-year.aggrega.json';
import { ratio } from '../../measure';
import {
  applyChanges,
  bookChanges,
  comingOf,
  newOrder,
  orderState,
  outstanding,
  planStock,
  readProgramme,
  type DeliveryFile,
  type OrderFile,
  type ProgrammeFile,
} from '../index';

const base = { ...demo, orders: [], kits: { ...demo.kits, kind: 'yardage' } } as unknown as ProgrammeFile;
function read(file: ProgrammeFile) {
  const reading = readProgramme(file);
  if (!reading.ok) throw new Error(JSON.stringify(reading.errors));
  return reading.programme;
}
const withOrders = (orders: OrderFile[], file = base) => ({ ...file, orders });
const stockOf = (file: ProgrammeFile, id: string) =>
  planStock(read(file), { packets: [0, 1] }).find((s) => s.fabric.id === id)!;
function booked(file: ProgrammeFile, order: string, delivery: DeliveryFile): ProgrammeFile {
  const result = applyChanges(file, bookChanges(file, order, delivery));
  if (!('file' in result)) throw new Error('a conflict');
  return result.file;
}
const order = (lines: OrderFile['lines'], more: Partial<OrderFile> = {}): OrderFile => ({
  ...{ id: 'order-1', supplier: 'Mill Lane Cottons', placed: '2026-12-01', due: '2026-12-11', lines },
  ...more,
});

describe('orders', () => {
  it('are not placed twice: what is on its way is not lacking any more, short deliveries leave the rest', () => {
    const before = stockOf(base, 'kale').order.length;
    expect(before.compare(0)).toBeGreaterThan(0);
    const all = withOrders([order([{ fabric: 'kale', length: before.toFraction(true) }])]);
    expect(stockOf(all, 'kale').order.length.equals(0)).toBe(true);
    expect(stockOf(all, 'kale').coming.length.equals(before)).toBe(true);
    const half = withOrders([order([{ fabric: 'kale', length: before.div(2).toFraction(true) }])]);
    expect(stockOf(half, 'kale').order.length.equals(before.div(2))).toBe(true);
    // Nobody waits any more: all of it is lacking again.
    const closed = withOrders([order([{ fabric: 'kale', length: before.toFraction(true) }], { closed: true })]);
    expect(stockOf(closed, 'kale').order.length.equals(before)).toBe(true);
  });

  it('count whole bolts and cut forms that are on their way', () => {
    const pane = stockOf(base, 'frosted-pane').order;
    const bolts = withOrders([order([{ fabric: 'frosted-pane', length: '432' }])]);
    expect(stockOf(bolts, 'frosted-pane').order.bolts ?? 0).toBe(pane.bolts! - 1);
    const quarters = stockOf(base, 'elderberry').order.pieces!;
    expect(quarters).toBeGreaterThan(5);
    const some = withOrders([order([{ fabric: 'elderberry', pieces: 5 }])]);
    expect(stockOf(some, 'elderberry').order.pieces).toBe(quarters - 5);
    const here = booked(some, 'order-1', { id: 'note-1', date: '2026-12-11', lines: [{ fabric: 'elderberry', pieces: 5 }] });
    expect(stockOf(here, 'elderberry')).toMatchObject({ held: 5, coming: { pieces: 0 }, order: { pieces: quarters - 5 } });
  });

  it('lie on the shelf once booked, and a paper is booked once', () => {
    const file = withOrders([order([{ fabric: 'kale', length: '100' }])]);
    const note = { id: 'note-1', date: '2026-12-13', lines: [{ fabric: 'kale', length: '60', dyeLot: '9' }] };
    const short = booked(file, 'order-1', note);
    const programme = read(short);
    expect(programme.shelf.find((s) => s.id === 'note-1-1')).toMatchObject({ dyeLot: '9' });
    expect(
      comingOf(
        programme,
        programme.fabrics.find((f) => f.id === 'kale')!,
      ).length.equals(40),
    ).toBe(true);
    expect(bookChanges(short, 'order-1', note)).toEqual([]);
    const rest = { id: 'note-2', date: '2026-12-27', lines: [{ fabric: 'kale', length: '45' }] };
    const [done] = read(booked(short, 'order-1', rest)).orders;
    expect(outstanding(done!)).toEqual([]);
    // Shelf and what is on its way together are what was there and what was ordered, or more.
    const held = (f: ProgrammeFile) =>
      read(f)
        .shelf.filter((s) => s.fabric.id === 'kale')
        .reduce((sum, s) => sum.add(s.length), ratio(0));
    expect(
      held(booked(short, 'order-1', rest))
        .sub(held(file))
        .equals(105),
    ).toBe(true);
  });

  it('are late by the days since they were promised, until all has come', () => {
    const [waiting] = read(withOrders([order([{ fabric: 'kale', length: '100' }])])).orders;
    expect(orderState(waiting!, '2026-12-11').late).toBe(0);
    expect(orderState(waiting!, '2026-12-20').late).toBe(9);
    const [late] = read(demo as unknown as ProgrammeFile).orders;
    expect(orderState(late!, '2026-12-01')).toMatchObject({ late: 11, waiting: [{ pieces: 0 }] });
  });

  it('are refused with their place where they name what is not there', () => {
    const bad = readProgramme(withOrders([order([{ fabric: 'nettle', length: '1' }], { due: '2026-02-30' })]));
    expect(bad.ok ? [] : bad.errors.map((e) => e.path).sort()).toEqual(['/orders/0', '/orders/0/lines/0/fabric']);
    expect(newOrder(withOrders([order([]), order([], { id: 'order-3' })]), 's', '2026-12-01', []).id).toBe('order-4');
  });
});
