/** From packets and the shelf to bolts and orders: what is cut from which bolt, and what to ask of whom by when. */
import { allocate, fewestBins, type BoltPlan, type LengthSet } from '../../cutting';
import { ratio, type Rational } from '../../measure';
import { boughtIn, costOf, packetAccount, yardIn, type ShopCut } from '../figures/account';
import type { Fabric, Programme } from '../document/document';
import { orderDay } from './order-day';
import { comingOf } from './orders';
import { handsOut } from '../document/set-blocks';

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
 * What the account of some packets cuts, laid on the bolts of the shelf, fabric by fabric: lengths of one person come from one dye lot; a back
 * need not match its top. Throws PlanError.
 */
export function planStock(programme: Programme, { packets, people = {}, progress }: StockRequest): FabricStock[] {
  const { house, shelf } = programme;
  const chosen = packets.filter((i) => programme.kits.packets[i]?.some((m) => handsOut(programme, m)));
  const accounts = chosen.map((i, done) => {
    const account = packetAccount(programme, i, { people });
    progress?.((done + 1) / chosen.length);
    return account;
  });
  const bought = new Map(boughtIn(programme, accounts).map((b) => [b.fabric, b]));
  const sets = lengthSets(accounts.flatMap((a) => a.cuts));
  const fabrics = programme.fabrics.filter((f) => bought.has(f) || shelf.some((s) => s.fabric === f));
  return fabrics.map((fabric) => {
    const own = shelf.filter((s) => s.fabric === fabric);
    const lengths = own.filter((s) => s.length.compare(0) > 0);
    const held = own.reduce((sum, s) => sum.add(s.length), ratio(0));
    const wanted = bought.get(fabric)?.length ?? ratio(0);
    const coming = comingOf(programme, fabric);
    const common = { fabric, wanted, shelf: held, coming };
    const by = orderDay(
      programme,
      fabric,
      accounts.filter((a) => a.cuts.some((c) => c.fabric === fabric)).map((a) => a.months),
    );
    if (fabric.form !== 'yardage') {
      const count = bought.get(fabric)?.pieces ?? 0;
      const lying = own.reduce((n, s) => n + s.pieces, 0);
      const lacking = Math.max(0, count - lying - coming.pieces);
      const cost = costOf({ fabric, length: ratio(0), pieces: lacking }, programme);
      return { ...common, pieces: count, held: lying, order: { length: ratio(0), pieces: lacking, by, cost } };
    }
    const bolts = allocate(sets.get(fabric) ?? [], lengths, house.saleable);
    return { ...common, bolts, order: { ...orderOf(fabric, bolts, coming.length, programme), by } };
  });
}

/** Lengths by fabric, those of one sort of kit from all packets together in a set. */
function lengthSets(cuts: readonly ShopCut[]): Map<Fabric, LengthSet[]> {
  const sets = new Map<Fabric, LengthSet[]>();
  const kits = new Map<string, { label: string; length: Rational }[]>();
  for (const { fabric, use, who, label, length, qty } of cuts) {
    if (length.equals(0)) continue;
    const own = sets.get(fabric) ?? [];
    sets.set(fabric, own);
    const key = JSON.stringify([fabric.id, who, qty]);
    const together = use === 'kit' ? kits.get(key) : undefined;
    if (together) {
      together.push({ label, length });
      continue;
    }
    const lengths = [{ label, length }];
    if (use === 'kit') kits.set(key, lengths);
    own.push({ label: use === 'kit' ? who : label, lengths, qty });
  }
  return sets;
}

/** What is lacking, in whole bolts where the fabric comes so. */
function orderOf(fabric: Fabric, plan: BoltPlan, coming: Rational, { unit }: Programme): Omit<FabricOrder, 'by'> {
  const lacking = plan.order.reduce((sum, o) => sum.add(o.length.mul(o.qty)), ratio(0));
  const price = (length: Rational) =>
    fabric.pricePerYard === undefined ? undefined : (length.valueOf() / yardIn(unit)) * fabric.pricePerYard;
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
