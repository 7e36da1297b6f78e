/** A cutting plan as files for other programs: the cut list and the order list as CSV, the layout as SVG at true scale. */
import { layoutSvg, lengthToBuy, subCuts } from '../../cutting';
import { formatLength, soldAmount, priceSold } from '../../measure';
import type { Fabric, Programme } from '../document/document';
import { formName } from '../document/forms';
import type { CuttingPlan, PlannedFabric } from './plan';
import type { FabricStock } from '../stock/stock';
import { writeTable } from '../../table';

const csv = (columns: string[], rows: (string | number)[][]) => writeTable([columns, ...rows]);

/** One line for every row that a strip is cut down to: in cutting order, with what all repeats of the strip give. */
export function cutListCsv({ fabrics }: CuttingPlan, { unit }: Programme): string {
  const write = (x: Parameters<typeof formatLength>[0]) => formatLength(x, unit);
  const columns = [
    'fabric',
    'number',
    'letters',
    'strip',
    `ruler ${unit}`,
    'strips',
    'sub-cut',
    'sub-cuts of each',
    'cut down to',
    'label',
    'pieces',
  ];
  const rows = fabrics.flatMap(({ fabric, roles, plan }) =>
    ('sheets' in plan ? plan.sheets : plan.strips).flatMap((strip, i) =>
      subCuts(strip).flatMap((sub) =>
        sub.rows.flatMap((row) =>
          row.pieces.map((piece) => [
            ...[fabric.name, fabric.sku, roles.join(' '), i + 1],
            ...['sheets' in plan ? formName(fabric.form, 1) : write(strip.length), strip.repeat],
            ...[write(sub.width), sub.times, sub.cutDown ? write(row.length) : ''],
            ...[piece.label, strip.repeat * sub.times * row.times * piece.count],
          ]),
        ),
      ),
    ),
  );
  return csv(columns, rows);
}

/** What to ask for at the counter, a line for each fabric, and one for each kind of backing. */
export function orderCsv({ fabrics, backings }: CuttingPlan, { unit, currency, house }: Programme): string {
  const per = house.soldBy;
  const price = (fabric: Fabric) => (fabric.pricePerYard === undefined ? '' : priceSold(fabric.pricePerYard, house));
  const amount = ({ fabric, plan }: PlannedFabric) =>
    'sheets' in plan
      ? [plan.sheetsNeeded, formName(fabric.form, plan.sheetsNeeded), '']
      : [soldAmount(plan.lengthToBuy, house), per, formatLength(plan.lengthToBuy, unit)];
  return csv(
    [
      'fabric',
      'number',
      'letters',
      'amount',
      'unit',
      `length ${unit}`,
      `price per ${house.soldBy}${currency ? ` ${currency}` : ''}`,
    ],
    [
      ...fabrics.map((f) => [f.fabric.name, f.fabric.sku, f.roles.join(' '), ...amount(f), price(f.fabric)]),
      ...backings.map(({ cloth: { fabric, role, length }, quilts }) => {
        const all = lengthToBuy(length, house).mul(quilts);
        const ask = [soldAmount(all, house), per, formatLength(all, unit)];
        return [fabric.name, fabric.sku, `${role} (backing)`, ...ask, price(fabric)];
      }),
    ],
  );
}

/** What to order for the year's packets, by supplier. */
export function stockOrderCsv(stock: readonly FabricStock[], { unit, currency, house }: Programme): string {
  const per = house.soldBy;
  const lacking = stock.filter(({ order }) => (order.pieces ?? order.length.valueOf()) > 0);
  const amount = ({ fabric, order }: FabricStock) => {
    if (order.pieces !== undefined) return [order.pieces, formName(fabric.form, order.pieces), ''];
    const length = formatLength(order.length, unit);
    return order.bolts
      ? [order.bolts, order.bolts === 1 ? 'bolt' : 'bolts', length]
      : [soldAmount(order.length, house), per, length];
  };
  const rows = [...lacking].sort((a, b) => (a.fabric.supplier < b.fabric.supplier ? -1 : 1));
  return csv(
    ['supplier', 'fabric', 'number', 'amount', 'unit', `length ${unit}`, 'order by', `cost${currency ? ` ${currency}` : ''}`],
    rows.map((s) => [
      ...[s.fabric.supplier, s.fabric.name, s.fabric.sku, ...amount(s), s.order.by ?? ''],
      s.order.cost === undefined ? '' : s.order.cost.toFixed(2),
    ]),
  );
}

/** The layout of one fabric at true scale; undefined when the plan does not have it. */
export function layoutOf({ fabrics }: CuttingPlan, id: string, { unit }: Programme): string | undefined {
  const found = fabrics.find((f) => f.fabric.id === id);
  return found && layoutSvg(found.plan, { unit, title: found.fabric.name, colour: found.fabric.colour });
}
