/** The blocks of a programme as its setting takes them, in the order of the months. */
import type { SetBlock } from '../../setting';
import type { Month, MonthBlock, Programme } from './document';
import { setBlockKey } from './labels';

export interface BlockToSet {
  block: SetBlock;
  month: Month;
  /** Undefined for a month whose block is not drawn yet: its place is kept, at the size that most blocks have. */
  entry?: MonthBlock;
  /** How often the month makes it. */
  times: number;
}

const known = new WeakMap<Programme['months'], BlockToSet[]>();

/** Every block once, named 'm1:cold-frame'; empty while no month has any. */
export function setBlocks(months: Programme['months']): BlockToSet[] {
  const found = known.get(months) ?? gather(months);
  known.set(months, found);
  return found;
}

function gather(months: Programme['months']): BlockToSet[] {
  const sizes = months.flatMap((m) => m.blocks.map((b) => b.finished));
  const alike = (size: MonthBlock['finished']) => sizes.filter((s) => s[0].equals(size[0]) && s[1].equals(size[1])).length;
  const usual = [...sizes].sort((a, b) => alike(b) - alike(a))[0];
  if (!usual) return [];
  return months.flatMap((month): BlockToSet[] =>
    month.blocks.length === 0 && (month.parts || madeAhead({ months }, month) || says(month))
      ? []
      : month.blocks.length === 0
        ? [{ block: { key: setBlockKey(month.id), w: usual[0], h: usual[1] }, month, times: 1 }]
        : month.blocks.map((entry) => ({
            block: { key: setBlockKey(month.id, entry.key), w: entry.finished[0], h: entry.finished[1] },
            ...{ month, entry, times: entry.make },
          })),
  );
}

/** Whether a month has anything to cut: blocks, or parts of the quilt of some size. */
export function handsOut({ setting, sizes }: Programme, month: Month): boolean {
  const settings = [setting, ...sizes.map((s) => s.setting)];
  return month.blocks.length > 0 || settings.some((s) => [...(s?.months.values() ?? [])].includes(month.id));
}

/** The later month whose units are made with this one. */
export const madeAhead = ({ months }: Pick<Programme, 'months'>, month: Month): Month | undefined =>
  months.find((m) => m.unitsWith === month.id);

/** Whether a month has a sheet: something to cut, units of a later month, or a lesson in the organiser's own words. */
export const hasSheet = (programme: Programme, month: Month): boolean =>
  handsOut(programme, month) || madeAhead(programme, month) !== undefined || isLesson(programme, month);

/** A month that hands nothing out and has something to say. */
export const isLesson = (programme: Programme, month: Month): boolean =>
  !handsOut(programme, month) && madeAhead(programme, month) === undefined && says(month);

/** Whether the organiser has said anything to a month. */
const says = (month: Month) => Object.values(month.notes).some((notes) => notes.some((note) => !note.hidden));

/** Each block as often as it is made, month after month. */
export function blocksInOrder(months: Programme['months']): SetBlock[] {
  return setBlocks(months).flatMap(({ block, times }) => Array.from({ length: times }, () => block));
}
