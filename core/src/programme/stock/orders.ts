/** Orders placed with suppliers: what is on its way, what came, late or short, and how a delivery goes onto the shelf. */
import { ratio, type Rational, soldText, type Counter } from '../../measure';
import type { Change } from '../changes/changes';
import type { Fabric, FabricFile, Order, OrderFile, OrderLine, Programme, ProgrammeFile } from '../document/document';
import { formName } from '../document/forms';
import { lengthReader, type ReadLength, type Refuse } from '../reading/read-length';
import { words as said } from './words';
import { daysBetween, isDay } from '../document/days';

/** The orders of a document. */
export function readOrders(
  file: ProgrammeFile,
  fabrics: ReadonlyMap<string, Fabric>,
  length: ReadLength,
  refuse: Refuse,
): Order[] {
  return (file.orders ?? []).map((entry, i) => {
    const path = `/orders/${i}`;
    const lines = (own: OrderFile['lines'], at: string) => readLines(own, at, { fabrics, length, refuse });
    const dates = [entry.placed, entry.due, ...(entry.deliveries ?? []).map((d) => d.date)];
    for (const date of dates) if (date !== undefined && !isDay(date)) refuse(path, said.isNoDateOfTheCalendar(date));
    return {
      ...{ id: entry.id, supplier: entry.supplier, placed: entry.placed, due: entry.due, closed: entry.closed ?? false },
      lines: lines(entry.lines, `${path}/lines`),
      deliveries: (entry.deliveries ?? []).map(({ id, date, lines: own }, j) => ({
        ...{ id, date },
        lines: lines(own, `${path}/deliveries/${j}/lines`),
      })),
    };
  });
}

/** Lines of an order or of a delivery. */
export function readLines(
  lines: OrderFile['lines'],
  path: string,
  { fabrics, length, refuse }: { fabrics: ReadonlyMap<string, Fabric>; length: ReadLength; refuse: Refuse },
): OrderLine[] {
  return lines.flatMap((line, j) => {
    const fabric = fabrics.get(line.fabric);
    if (!fabric) refuse(`${path}/${j}/fabric`, said.thereIsNoFabric(line.fabric));
    const long = line.length === undefined ? ratio(0) : length(line.length, `${path}/${j}/length`);
    return fabric ? [{ fabric, length: long, pieces: line.pieces ?? 0, dyeLot: line.dyeLot ?? '' }] : [];
  });
}

/** The lines of a supplier's paper; those that name no fabric of the programme are left out. */
export function paperLines({ fabrics, unit }: Programme, { lines }: DeliveryFile): OrderLine[] {
  const refuse = () => {};
  return readLines(lines, '', { fabrics: new Map(fabrics.map((f) => [f.id, f])), length: lengthReader(unit, refuse), refuse });
}

/** What of an order has not come yet; nothing once nobody waits for the rest. */
export function outstanding({ lines, deliveries, closed }: Order): OrderLine[] {
  if (closed) return [];
  return lines.flatMap((line) => {
    const came = deliveries.flatMap((d) => d.lines.filter((l) => l.fabric === line.fabric));
    const length = line.length.sub(came.reduce((sum, l) => sum.add(l.length), ratio(0)));
    const pieces = line.pieces - came.reduce((n, l) => n + l.pieces, 0);
    const left = { ...line, length: length.compare(0) > 0 ? length : ratio(0), pieces: Math.max(0, pieces) };
    return left.length.equals(0) && left.pieces === 0 ? [] : [left];
  });
}

/** Cloth that is on its way, of one fabric. */
export function comingOf({ orders }: Programme, fabric: Fabric): { length: Rational; pieces: number } {
  const lines = orders.flatMap(outstanding).filter((l) => l.fabric === fabric);
  return {
    length: lines.reduce((sum, l) => sum.add(l.length), ratio(0)),
    pieces: lines.reduce((n, l) => n + l.pieces, 0),
  };
}

/** An order of these lines, named after the orders that there are. */
export function newOrder(file: ProgrammeFile, supplier: string, placed: string, lines: OrderFile['lines']): OrderFile {
  const taken = new Set(file.orders?.map((o) => o.id));
  let n = taken.size + 1;
  while (taken.has(`order-${n}`)) n += 1;
  return { id: `order-${n}`, supplier, placed, lines };
}

/** A delivery as a supplier's papers name it. */
export type DeliveryFile = NonNullable<OrderFile['deliveries']>[number];

/** Books a delivery in: it stands with its order, and its cloth lies on the shelf. */
export function bookChanges(file: ProgrammeFile, orderId: string, delivery: DeliveryFile): Change[] {
  const order = file.orders?.find((o) => o.id === orderId);
  if (!order || order.deliveries?.some((d) => d.id === delivery.id)) return [];
  return [
    { path: `/orders/${orderId}/deliveries`, from: order.deliveries, to: [...(order.deliveries ?? []), delivery] },
    ...delivery.lines.map((line, i) => {
      const id = `${delivery.id}-${i + 1}`;
      return { path: `/shelf/${id}`, to: { id, ...line } };
    }),
  ];
}

export interface OrderState {
  order: Order;
  waiting: OrderLine[];
  /** Days that it is late on that day; 0 in time, or when all has come. */
  late: number;
}

/** How an order stands on a day. */
export function orderState(order: Order, day: string): OrderState {
  const waiting = outstanding(order);
  const late = waiting.length > 0 && order.due ? Math.max(0, daysBetween(order.due, day)) : 0;
  return { order, waiting, late };
}

/** '18 × 12 yd of Frosted Pane, lot 3', '28 fat quarters of Elderberry': lines in words, equal ones together. */
export function lineWords(lines: readonly OrderLine[], counter: Counter): string[] {
  const count = new Map<string, number>();
  for (const { fabric, length, pieces, dyeLot } of lines) {
    const amount = pieces > 0 ? `${pieces} ${formName(fabric.form, pieces)}` : soldText(length, counter);
    const words = said.ofWords(amount, fabric.name, dyeLot ? said.lot(dyeLot) : '');
    count.set(words, (count.get(words) ?? 0) + 1);
  }
  return [...count].map(([words, times]) => (times > 1 ? `${times} × ${words}` : words));
}

/** What a supplier needs to know of a fabric to deliver it. */
export type SuppliedFabric = Pick<FabricFile, 'id' | 'name' | 'sku' | 'boltLength' | 'leadDays' | 'pricePerYard'>;
