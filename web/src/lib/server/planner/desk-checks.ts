/** What of a programme only planning tells: problems that would spoil kits, and fabric that is lacking. */
import { PlanError, lineWords, planStock, type Programme } from '@aggrega/core/programme';
import type { DeskChecks } from '@aggrega/core/running';
import { monthDoubts } from '@aggrega/core/sheet';

/** The months are named by id, the packets by their place. What cannot be planned at all stands among the problems of its first month. */
export function deskChecks(programme: Programme, { months, packets }: { months: string[]; packets: number[] }): DeskChecks {
  const stops = programme.months
    .filter((m) => months.includes(m.id))
    .flatMap((month) => {
      const found = new Map<string, string>();
      for (const colourway of programme.colourways) {
        try {
          for (const doubt of monthDoubts(programme, month, colourway))
            if (doubt.rank === 'ruin') found.set(doubt.text, doubt.text);
        } catch (error) {
          if (!(error instanceof PlanError)) throw error;
          for (const { message } of error.problems) found.set(message, message);
        }
      }
      const [first] = found.values();
      return first === undefined ? [] : [{ month: month.id, count: found.size, first }];
    });
  return { stops, order: lacking(programme, packets) };
}

function lacking(programme: Programme, packets: number[]): DeskChecks['order'] {
  try {
    return planStock(programme, { packets }).flatMap((stock) => {
      const { length, pieces = 0, by = '' } = stock.order;
      if (length.equals(0) && pieces === 0) return [];
      const line = { fabric: stock.fabric, length, pieces, dyeLot: '' };
      return [{ text: lineWords([line], { unit: programme.unit, soldBy: programme.house.soldBy })[0]!, by }];
    });
  } catch (error) {
    // Why it cannot be planned stands with its month.
    if (error instanceof PlanError) return [];
    throw error;
  }
}
