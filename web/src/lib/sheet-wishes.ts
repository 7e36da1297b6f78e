/** What a sheet is wished to be like, as an address carries it. */
import { kitKinds, type Programme } from '@aggrega/core/programme';
import type { SheetWishes } from '@aggrega/core/sheet';

export const levels = ['new', 'usual', 'versed'] as const;

/** Wishes out of an address; what it does not know is left out. */
export function wishesOf(asked: URLSearchParams, { sizes }: Programme): SheetWishes {
  const size = sizes.find((s) => s.id === asked.get('size'));
  const kind = kitKinds.find((k) => k === asked.get('kind'));
  const level = levels.find((l) => l === asked.get('level'));
  const flag = (name: string) => asked.get(name) === '1' || undefined;
  return {
    ...{ size, kind, level, large: flag('large'), left: flag('left'), rulers: flag('rulers') },
    ...(asked.get('uncoloured') === '1' && { coloured: false }),
  };
}

/** A name for a file with such a sheet: its month, colourway and whatever is not as usual. */
export function sheetName(month: string, colourway: string, asked: URLSearchParams): string {
  const more = ['size', 'kind', 'level'].flatMap((name) => asked.get(name) ?? []);
  const flags = ['large', 'left', 'rulers', 'uncoloured'].filter((name) => asked.get(name) === '1');
  return [month, colourway, ...more, ...flags].join('-').replace(/[^A-Za-z0-9._-]/g, '-');
}
