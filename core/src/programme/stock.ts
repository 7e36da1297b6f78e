/** From packets and the shelf to bolts and orders: what is cut from which bolt, and what to ask of whom by when. */
import { allocate, fewestBins, type BoltPlan, type LengthSet } from '../cutting';
import { ratio, type Rational } from '../measure';
import { kitsBySize } from './demand';
import type { Fabric, Month, Programme } from './document';
import { comingOf } from './orders';
import { planPacket } from './packets';
import { planCutting } from './plan';
import { handsOut } from './set-blocks';

export interface FabricStock {
  fabric: Fabric;
  /** For cloth from the bolt. */
  bolts?: BoltPlan;
  /** Length of all cuts, and of the shelf. */
  wanted: Rational;
  shelf: Rational;
  /** Ordered and not come yet. */
  coming: { length: Rational; pieces: number };
  /** For cut forms: pieces needed by everybody, and those on the shelf. */
  pieces?: number;
  held?: number;
  order: FabricOrder;
}

export interface FabricOrder {
  /** What is lacking beyond what is on its way: the sum of its lengths, of whole new bolts where it comes by the bolt. */
  length: Rational;
  bolts?: number;
  pieces?: number;
  /** ISO date by which to order, where the lead time and the month's date are known. */
  by?: string;
  cost?: number;
}

export interface StockRequest {
  /** Packets that are still to be cut, by their place in the programme. */
  packets: readonly number[];
  /** Head counts that are tried instead of those enrolled. */
  people?: Readonly<Record<string, number>>;
  /** Called after each fabric's needs are known, with the share that is done. */
  progress?: (share: number) => void;
}

/**
 * Lengths for everybody's packets on the bolts of the shelf, fabric by fabric. In a programme that pre-cuts, the lengths are the strips of
 * all kits together. Throws PlanError.
 */
export function planStock(programme: Programme, { packets, people = {}, progress }: StockRequest): FabricStock[] {
  const { kits, house, shelf } = programme;
  const chosen = packets
    .map((i) => ({ number: i + 1, months: kits.packets[i]! }))
    .filter(({ months }) => months?.some((m) => handsOut(programme, m)));
  const sets = new Map<Fabric, LengthSet[]>();
  const pieces = new Map<Fabric, number>();
  const steps = programme.colourways.length;
  programme.colourways.forEach((colourway, done) => {
    const participants = people[colourway.id] ?? programme.participants.get(colourway.id) ?? 0;
    if (kits.kind === 'pre-cut' || kits.kind === 'die-cut') addStrips(colourway, participants);
    else
      for (const share of kitsBySize(programme, colourway, participants)) {
        if (share.kits > 0) addLengths(colourway, share);
      }
    progress?.((done + 1) / steps);
  });
  const fabrics = programme.fabrics.filter((f) => sets.has(f) || pieces.has(f) || shelf.some((s) => s.fabric === f));
  return fabrics.map((fabric) => {
    const own = shelf.filter((s) => s.fabric === fabric);
    const lengths = own.filter((s) => s.length.compare(0) > 0);
    const held = own.reduce((sum, s) => sum.add(s.length), ratio(0));
    const wanted = (sets.get(fabric) ?? []).reduce(
      (sum, s) => sum.add(s.lengths.reduce((n, l) => n.add(l.length), ratio(0)).mul(s.qty)),
      ratio(0),
    );
    const coming = comingOf(programme, fabric);
    const common = { fabric, wanted, shelf: held, coming };
    const by = orderBy(
      fabric,
      chosen.map((c) => c.months),
    );
    const count = pieces.get(fabric);
    if (fabric.form !== 'yardage') {
      const lying = own.reduce((n, s) => n + s.pieces, 0);
      const pieces = Math.max(0, (count ?? 0) - lying - coming.pieces);
      return { ...common, pieces: count ?? 0, held: lying, order: { length: ratio(0), pieces, by } };
    }
    const bolts = allocate(sets.get(fabric) ?? [], lengths, house.saleable);
    return { ...common, bolts, order: { ...orderOf(fabric, bolts, coming.length, programme), by } };
  });

  function addLengths(colourway: Programme['colourways'][number], { size, kits: n }: ReturnType<typeof kitsBySize>[number]) {
    const lengths = new Map<Fabric, LengthSet['lengths'][number][]>();
    const name = size ? `${colourway.name}, ${size.name}` : colourway.name;
    const backs: { fabric: Fabric; label: string; toBuy: Rational }[] = [];
    const put = (fabric: Fabric, label: string, length: Rational) =>
      lengths.set(fabric, [...(lengths.get(fabric) ?? []), { label, length }]);
    for (const { number, months } of chosen) {
      const packet = planPacket(programme, { colourway, months, size });
      for (const { fabric, plan } of packet.fabrics)
        if ('sheets' in plan) pieces.set(fabric, (pieces.get(fabric) ?? 0) + plan.sheetsNeeded * n);
        else if (plan.lengthToBuy.compare(0) > 0) put(fabric, `${name}: packet ${number}`, plan.lengthToBuy);
      // The back of a quilt need not be of the same dye lot as its top.
      if (packet.backing) backs.push({ ...packet.backing, label: `${name}: packet ${number}, backing` });
    }
    // The bundle is handed out with the first packet.
    if (chosen.some((c) => c.number === 1))
      for (const fabric of new Set(colourway.fabrics.values())) {
        const own = kits.bundle.get(fabric.id) ?? 0;
        if (own > 0) pieces.set(fabric, (pieces.get(fabric) ?? 0) + own * n);
      }
    for (const { fabric, label, toBuy } of backs)
      sets.set(fabric, [...(sets.get(fabric) ?? []), { label, lengths: [{ label, length: toBuy }], qty: n }]);
    for (const [fabric, list] of lengths)
      sets.set(fabric, [...(sets.get(fabric) ?? []), { label: name, lengths: list, qty: n }]);
  }

  function addStrips(colourway: Programme['colourways'][number], participants: number) {
    for (const { number, months } of chosen)
      for (const { fabric, plan } of planCutting(programme, { colourway, months, basis: 'batch', participants }).fabrics) {
        if ('sheets' in plan) pieces.set(fabric, (pieces.get(fabric) ?? 0) + plan.sheetsNeeded);
        else {
          const named = plan.strips.map(({ length, repeat }, i) => {
            const label = `${colourway.name}: packet ${number}, strip ${i + 1}`;
            return { label, lengths: [{ label, length }], qty: repeat };
          });
          sets.set(fabric, [...(sets.get(fabric) ?? []), ...named]);
        }
      }
  }
}

/** What is lacking, in whole bolts where the fabric comes so. */
function orderOf(fabric: Fabric, plan: BoltPlan, coming: Rational, { unit }: Programme): Omit<FabricOrder, 'by'> {
  const lacking = plan.order.reduce((sum, o) => sum.add(o.length.mul(o.qty)), ratio(0));
  const price = (length: Rational) =>
    fabric.pricePerYard === undefined ? undefined : (length.valueOf() / (unit === 'in' ? 36 : 91.44)) * fabric.pricePerYard;
  const { boltLength } = fabric;
  const left = lacking.compare(coming) > 0 ? lacking.sub(coming) : ratio(0);
  if (!boltLength || left.equals(0)) return { length: left, cost: price(left) };
  const ticks = (x: Rational) => x.mul(TICKS).ceil().valueOf();
  const whole = ticks(boltLength);
  // A kit longer than a bolt comes from several.
  const fits = plan.order.filter((o) => ticks(o.length) <= whole);
  const longer = plan.order.filter((o) => ticks(o.length) > whole);
  const all =
    fewestBins(
      fits.map((o) => ticks(o.length)),
      fits.map((o) => o.qty),
      whole,
    ) + longer.reduce((n, o) => n + o.qty * o.length.div(boltLength).ceil().valueOf(), 0);
  const bolts = Math.max(0, all - coming.div(boltLength).floor().valueOf());
  const length = boltLength.mul(bolts);
  return { length, bolts, cost: price(length) };
}

/** Eighths of an inch, and finer than a millimetre: lengths to buy are whole steps of the shop. */
const TICKS = 8;

/** The lead time before the first release, a week of it for cutting and packing. */
function orderBy({ leadDays }: Fabric, packets: readonly (readonly Month[])[]): string | undefined {
  const releases = packets.flatMap((months) => months[0]!.release ?? []).sort();
  if (leadDays === undefined || !releases[0]) return undefined;
  const day = new Date(`${releases[0]}T00:00:00Z`);
  day.setUTCDate(day.getUTCDate() - leadDays - PACKING_DAYS);
  return day.toISOString().slice(0, 10);
}

/** Days between delivery and release. A rule of thumb of our own. */
const PACKING_DAYS = 7;
