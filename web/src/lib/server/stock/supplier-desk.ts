/**
 * A small stand-in for suppliers: a folder for each, with a price list, the orders handed in, and delivery notes, all as CSV. It knows nothing
 * of the programme but what its papers say. Like suppliers, it is now and then late or short; always in the same way for the same order.
 */
import { createHash } from 'node:crypto';
import { mkdir, readFile, rename, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { readRecords, writeTable } from '@aggrega/core/table';
import { dayAfter, type DeliveryFile, type OrderFile, type SuppliedFabric } from '@aggrega/core/programme';
import { LengthError, formatLength, parseLength, ratio, type Rational, type LengthUnit } from '@aggrega/core/measure';

/** A line of an order as the desk reads it. */
export interface AskedLine {
  fabric: string;
  number: string;
  name: string;
  length?: string;
  pieces?: number;
  boltLength?: string;
  leadDays?: number;
}

const ORDER_COLUMNS = ['fabric', 'number', 'name', 'length', 'pieces', 'bolt length', 'lead days', 'placed', 'due'] as const;
const NOTE_COLUMNS = ['delivery', 'date', 'fabric', 'length', 'pieces', 'dye lot'] as const;

/** A number from 0 on that looks like chance and is the same for the same words. */
const lot = (...words: string[]) => createHash('sha256').update(words.join('\n')).digest().readUInt32BE(0);
const shelfName = (supplier: string) =>
  `${
    supplier
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 40) || 'supplier'
  }-${lot(supplier).toString(36)}`;
const outside = () => process.env.AGGREGA_OUTSIDE || join(process.cwd(), '.data', 'outside');
const deskFolder = (organisation: string, supplier: string) => join(outside(), 'suppliers', organisation, shelfName(supplier));

/** The name under which the desk keeps an order: the same for the same order, whatever came of it. */
export const orderName = (
  programme: string,
  { id, supplier, placed, lines }: Pick<OrderFile, 'id' | 'supplier' | 'placed' | 'lines'>,
) => `${programme.replace(/[^a-z0-9-]/g, '-').slice(0, 60)}-${id}-${lot(supplier, placed, JSON.stringify(lines)).toString(36)}`;

/** Whole files only: written beside, then moved there. */
async function put(folder: string, name: string, text: string): Promise<void> {
  await mkdir(folder, { recursive: true });
  const beside = join(folder, `.${name}.${process.pid}.${lot(name, text)}`);
  await writeFile(beside, text);
  await rename(beside, join(folder, name));
}

const rows = async (file: string): Promise<Record<string, string>[]> => readRecords(await readFile(file, 'utf8'));

/**
 * Hands an order in; answers with the day for which it is promised. `name` is unlike that of any other order; the same one handed in
 * again changes nothing.
 */
export async function handIn(
  organisation: string,
  {
    name,
    supplier,
    placed,
    unit,
    lines,
  }: { name: string; supplier: string; placed: string; unit: LengthUnit; lines: AskedLine[] },
): Promise<{ due: string } | { refused: string }> {
  try {
    for (const line of lines) if (line.length) parseLength(line.length, unit);
  } catch (error) {
    if (error instanceof LengthError) return { refused: error.message };
    throw error;
  }
  const folder = deskFolder(organisation, supplier);
  const file = join(folder, 'orders', `${name}.csv`);
  const known = await rows(file).catch(() => undefined);
  if (known?.[0]) return { due: known[0].due! };
  const due = dayAfter(placed, Math.max(3, ...lines.map((l) => l.leadDays ?? 7)));
  const written = lines.map((l) => [l.fabric, l.number, l.name, l.length, l.pieces, l.boltLength, l.leadDays, placed, due]);
  await put(join(folder, 'deliveries'), `${name}.csv`, deliveryNotes(name, due, unit, lines));
  // Last, so that an order that stands here has its deliveries.
  await put(join(folder, 'orders'), `${name}.csv`, writeTable([ORDER_COLUMNS, ...written]));
  return { due };
}

/** What will come of an order and when: most of it in time and whole, some late, some short with the rest a fortnight later. */
function deliveryNotes(name: string, due: string, unit: LengthUnit, lines: readonly AskedLine[]): string {
  const notes: string[][] = [];
  for (const line of lines) {
    const luck = lot(name, line.number || line.name) % 10;
    const date = luck === 6 || luck === 7 ? dayAfter(due, 3 + (lot(name, line.name, 'late') % 7)) : due;
    const share = luck > 7 ? 0.6 + (lot(name, line.name, 'short') % 30) / 100 : 1;
    const dye = String(1 + (lot(name, line.name, 'dye') % 30));
    if (line.pieces) {
      const first = Math.max(1, Math.floor(line.pieces * share));
      note(date, [line.fabric, '', String(first), dye]);
      if (first < line.pieces) note(dayAfter(due, 14), [line.fabric, '', String(line.pieces - first), dye]);
    } else if (line.length) {
      const whole = parseLength(line.length, unit);
      const step = ratio(unit === 'in' ? '9/2' : 10);
      const first =
        share === 1
          ? whole
          : whole
              .mul(ratio(String(share)))
              .div(step)
              .floor()
              .mul(step);
      for (const length of onBolts(first, line, unit)) note(date, [line.fabric, formatLength(length, unit), '', dye]);
      // The rest comes of another dyeing.
      for (const length of onBolts(whole.sub(first), line, unit))
        note(dayAfter(due, 14), [line.fabric, formatLength(length, unit), '', `${dye}b`]);
    }
  }
  return writeTable([NOTE_COLUMNS, ...notes]);

  function note(date: string, cells: string[]): void {
    notes.push([`${name}-${date}`, date, ...cells]);
  }
}

/** A length as it lies on bolts: each no longer than the supplier's bolts are. */
function onBolts(length: Rational, { boltLength }: AskedLine, unit: LengthUnit): Rational[] {
  const bolt = parseLength(boltLength || (unit === 'in' ? '432' : '1100'), unit);
  const lengths: Rational[] = [];
  for (let left = length; left.compare(0) > 0; left = left.sub(lengths.at(-1)!))
    lengths.push(left.compare(bolt) > 0 ? bolt : left);
  return lengths;
}

/** What came by that day of the orders with these names, by order. Orders that the desk does not know have no deliveries. */
export async function arrived(
  organisation: string,
  orders: readonly { name: string; id: string; supplier: string }[],
  day: string,
): Promise<{ order: string; delivery: DeliveryFile }[]> {
  const found: { order: string; delivery: DeliveryFile }[] = [];
  for (const { name, id, supplier } of orders) {
    const notes = await rows(join(deskFolder(organisation, supplier), 'deliveries', `${name}.csv`)).catch(() => []);
    const byName = new Map<string, DeliveryFile>();
    for (const n of notes) {
      if (n.date! > day) continue;
      const delivery = byName.get(n.delivery!) ?? { id: n.delivery!, date: n.date!, lines: [] };
      byName.set(n.delivery!, delivery);
      const amount = n.pieces ? { pieces: Number(n.pieces) } : { length: n.length! };
      delivery.lines.push({ fabric: n.fabric!, ...amount, dyeLot: n['dye lot']! });
    }
    found.push(...[...byName.values()].map((delivery) => ({ order: id, delivery })));
  }
  return found.sort((a, b) => (a.delivery.date < b.delivery.date ? -1 : 1));
}

/**
 * A supplier's price list, in the columns in which a shelf is taken in. The first time it is asked for it is drawn up from what the shop
 * buys there: some prices have gone up, one thing takes longer than it did.
 */
export async function priceList(organisation: string, supplier: string, fabrics: readonly SuppliedFabric[]): Promise<string> {
  const folder = deskFolder(organisation, supplier);
  const there = await readFile(join(folder, 'price-list.csv'), 'utf8').catch(() => undefined);
  if (there !== undefined) return there;
  const lines = fabrics.map(({ id, name = id, sku = '', boltLength, leadDays = 7, pricePerYard }) => {
    const luck = lot(supplier, sku || name) % 6;
    const price = pricePerYard === undefined ? '' : (pricePerYard + [0, 0, 0, 0.25, 0.5, 0.75][luck]!).toFixed(2);
    return [name, sku, supplier, price, boltLength === undefined ? '' : String(boltLength), leadDays + (luck === 5 ? 7 : 0)];
  });
  const text = writeTable([['name', 'number', 'supplier', 'price per yd', 'bolt length', 'lead days'], ...lines]);
  if (lines.length > 0) await put(folder, 'price-list.csv', text);
  return text;
}
