/** What cloth to buy now for the months that are still to come: the forecast's kits, less what lies on the shelf or is on its way. */
import { oneSold } from '../measure';
import { comingOf, type Colourway, type Fabric, type Programme } from '../programme';
import { buyNow, enoughFor, forecast, type BuyAdvice, type RosterSeen } from './forecast';
import { netPrice } from './money';

export interface ClothAdvice {
  fabric: Fabric;
  colourway: Colourway;
  buy: BuyAdvice;
  /** In yards or metres, waste of the plan included: what those kits take, what of it is to hand, what is to be bought. */
  wanted: number;
  hand: number;
  lacking: number;
  /** What nineteen chances in twenty would take. */
  most: number;
}

export interface ClothQuestion {
  seen: RosterSeen;
  /** Who takes part, by colourway. */
  people: Readonly<Record<string, number>>;
  /** What the packets ahead take for those people, by colourway and fabric; in yards or metres. */
  cloth: Readonly<Record<string, Readonly<Record<string, number>>>>;
  /** Releases that are still to come, and how far the last of them is, in months. */
  releases: number;
  ahead: number;
}

/** What a yard is taken to cost while no price is known. */
const PRICE = 12;
/** The chance that a print is gone, while nobody has said. */
const UNKNOWN_GONE = 0.3;

/**
 * The advice for every fabric of every colourway that somebody sews; fabrics that all bring themselves are left out. What is to hand of a fabric is
 * dealt out once, to the colourways in their order. A kit too few costs the months that it spoils, or dear cloth; one too many half of its cloth.
 */
export function clothToBuy(programme: Programme, { seen, people, cloth, releases, ahead }: ClothQuestion): ClothAdvice[] {
  const left = new Map(programme.fabrics.map((f) => [f, toHand(programme, f)]));
  const net = netPrice(programme.money) ?? 0;
  return programme.colourways.flatMap((colourway) => {
    const own = people[colourway.id] ?? 0;
    if (own === 0) return [];
    const month = forecast(own, seen, ahead).at(-1)!;
    const taken = cloth[colourway.id] ?? {};
    return programme.fabrics.flatMap((fabric) => {
      const each = (taken[fabric.id] ?? 0) / own;
      if (each === 0) return [];
      const price = (fabric.pricePerYard ?? PRICE) * each;
      const costs = { short: Math.max(net * releases * 0.5, price * 2), over: price * 0.5 };
      const buy = buyNow(month, { ...costs, again: 1 - (fabric.gone ?? UNKNOWN_GONE) });
      const wanted = each * buy.now;
      const hand = Math.min(wanted, left.get(fabric)!);
      left.set(fabric, left.get(fabric)! - hand);
      return [{ fabric, colourway, buy, wanted, hand, lacking: wanted - hand, most: each * enoughFor(month, 0.95) }];
    });
  });
}

/** Length on the shelf and on its way, in yards or metres. */
function toHand(programme: Programme, fabric: Fabric): number {
  const lying = programme.shelf.filter((s) => s.fabric === fabric).reduce((sum, s) => sum + s.length.valueOf(), 0);
  return (lying + comingOf(programme, fabric).length.valueOf()) / oneSold(programme.house).valueOf();
}
