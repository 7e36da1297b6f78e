/** The account of fabric as the command line prints it (docs/command-line.md). */
import { formatLength } from '../../measure';
import { boughtIn, costOf, costOfAll, type PacketAccount } from './account';
import type { Programme } from '../document/document';

const cents = (cost: number | undefined) => (cost === undefined ? undefined : Math.round(cost * 100) / 100);

/** A packet: who is handed what, what the shop cuts, and what is bought for it. */
export function accountContract(account: PacketAccount, programme: Programme) {
  const { unit } = programme;
  const write = (x: Parameters<typeof formatLength>[0]) => formatLength(x, unit);
  const { number, months, handed, cuts, area, minutes } = account;
  const bought = boughtIn(programme, [account]);
  const share = (part: number) => (area.all === 0 ? 0 : Math.round((1e4 * part) / area.all) / 1e4);
  return {
    packet: number,
    months: months.map((m) => m.id),
    handed: handed.map(({ group, gets }) => ({
      ...{ colourway: group.colourway.id, size: group.size?.id, kind: group.kind, people: group.people, kits: group.kits },
      way: gets.way,
      ...(gets.way === 'lengths' && {
        fabrics: gets.packet.fabrics.map(({ fabric, plan }) =>
          'sheets' in plan
            ? { fabric: fabric.id, pieces: plan.sheetsNeeded }
            : { fabric: fabric.id, length: write(plan.lengthToBuy) },
        ),
        bundled: gets.packet.bundled.map((f) => f.id),
      }),
      ...(gets.way === 'pieces' && {
        pieces: gets.pieces.map((d) => ({ fabric: d.fabric.id, qty: d.pieces.reduce((n, p) => n + p.qty, 0) })),
      }),
      ...(gets.way === 'list' && {
        list: gets.own.map((o) => ({ fabric: o.fabric.id, yardage: o.yardage && write(o.yardage) })),
      }),
      ...(gets.finishing.backing && {
        backing: { fabric: gets.finishing.backing.fabric.id, length: write(gets.finishing.backing.toBuy) },
      }),
      ...(gets.finishing.wadding && {
        wadding: {
          ...{ w: write(gets.finishing.wadding.w), h: write(gets.finishing.wadding.h) },
          ...(gets.finishing.wadding.cloth && {
            ...{ fabric: gets.finishing.wadding.cloth.fabric.id, length: write(gets.finishing.wadding.toBuy!) },
          }),
        },
      }),
    })),
    cuts: cuts.map((c) => ({
      ...{ fabric: c.fabric.id, colourway: c.colourway.id, use: c.use, label: c.label, qty: c.qty },
      ...(c.pieces > 0 ? { pieces: c.pieces } : { length: write(c.length) }),
    })),
    bought: bought.map((b) => ({
      fabric: b.fabric.id,
      ...(b.pieces > 0 ? { pieces: b.pieces } : { length: write(b.length) }),
      cost: cents(costOf(b, programme)),
    })),
    cost: cents(costOfAll(bought, programme)),
    ...{ sewn: share(area.sewn), kept: share(area.kept), minutes: Math.round(minutes * 10) / 10 },
  };
}
