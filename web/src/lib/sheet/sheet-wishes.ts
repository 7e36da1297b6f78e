/** What a sheet is wished to be like, as an address carries it. */
import { unitKinds } from '@aggrega/core/construction';
import { kitKinds, type Programme, type ProgrammeFile } from '@aggrega/core/programme';
import type { SheetWishes } from '@aggrega/core/sheet';

/** Kinds whose methods a document can name. */
const METHOD_KINDS = unitKinds.filter((kind) => kind.choosable).map(({ kind }) => kind);

/** What becomes of the end of a strip that a later month needs. */
export const keeping = ['cut', 'whole'] as const;

export const levels = ['new', 'usual', 'versed'] as const;

/** Wishes out of an address; what it does not know is left out. */
export function wishesOf(asked: URLSearchParams, { sizes }: Programme): SheetWishes {
  const size = sizes.find((s) => s.id === asked.get('size'));
  const kind = kitKinds.find((k) => k === asked.get('kind'));
  const level = levels.find((l) => l === asked.get('level'));
  const keep = keeping.find((k) => k === asked.get('keep'));
  const flag = (name: string) => asked.get(name) === '1' || undefined;
  return {
    ...{ size, kind, level, keep, large: flag('large'), left: flag('left'), rulers: flag('rulers') },
    ...(asked.get('uncoloured') === '1' && { coloured: false }),
  };
}

/** Kinds of units for which a reader may own a tool of her own, with all ways of making them. */
export const otherWays = unitKinds.filter(({ kind, methods }) => METHOD_KINDS.includes(kind) && methods.length > 1);

/**
 * The document as this reader sews it: the month's blocks exact or cut large, and by the methods that she owns the tools for. The same
 * document where nothing of that is asked.
 */
export function asSewn(document: ProgrammeFile, monthId: string, asked: URLSearchParams): ProgrammeFile {
  const sizing = (['exact', 'trim-down'] as const).find((s) => s === asked.get('sizing'));
  const methods = Object.fromEntries(
    otherWays.flatMap(({ kind, methods: ways }) => {
      const way = ways.find((w) => w.name === asked.get(kind));
      return way ? [[kind, way.name]] : [];
    }),
  );
  if (!sizing && Object.keys(methods).length === 0) return document;
  const months = document.months?.map((month) =>
    month.id === monthId
      ? {
          ...month,
          blocks: month.blocks?.map((b) => ({ ...b, ...(sizing && { sizing }), methods: { ...b.methods, ...methods } })),
        }
      : month,
  );
  return { ...document, ...(months && { months }) };
}

/** A name for a file with such a sheet: its month, colourway and whatever is not as usual. */
export function sheetName(month: string, colourway: string, asked: URLSearchParams): string {
  const more = ['size', 'kind', 'level', 'keep', 'sizing', ...METHOD_KINDS].flatMap((name) => asked.get(name) ?? []);
  const flags = ['large', 'left', 'rulers', 'uncoloured'].filter((name) => asked.get(name) === '1');
  return [month, colourway, ...more, ...flags].join('-').replace(/[^A-Za-z0-9._-]/g, '-');
}
