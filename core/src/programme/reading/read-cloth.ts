/** Reads fabrics, and how colourways cast them. */
import { rolesOf } from '../../block';
import { averageColour, value, volumeOf, type ValueBand } from '../../fabric';
import type { Colourway, ColourwayFile, Fabric, House, Month, Pool, ProgrammeFile } from '../document/document';
import { usableSize } from '../document/forms';
import { poolLetter } from '../document/letters';
import type { ReadLength, Refuse } from './read-length';
import { words } from './words';

/** The fabrics by id; `limits`: lengths beyond reason. */
export function readFabrics(
  file: ProgrammeFile,
  house: House,
  length: ReadLength,
  { sizeLimit: limit, boltLimit }: { sizeLimit: number; boltLimit: number },
): Map<string, Fabric> {
  return new Map(
    (file.fabrics ?? []).map((entry, i): [string, Fabric] => {
      const { id, name = id, sku = '', colour = '#9aa3b0', directional = false, form = 'yardage' } = entry;
      const { pricePerYard, supplier = '', leadDays, gone, planFor } = entry;
      const usual = usableSize(form, file.unit ?? 'in');
      const measured = (key: 'usableWidth' | 'usableLength') =>
        entry[key] === undefined ? undefined : length(entry[key], `/fabrics/${i}/${key}`, { limit });
      const usableWidth = measured('usableWidth') ?? usual.width ?? house.wof;
      const usableLength = measured('usableLength') ?? usual.length;
      const bolt = { limit: boltLimit };
      const boltLength =
        entry.boltLength === undefined ? undefined : length(entry.boltLength, `/fabrics/${i}/boltLength`, bolt);
      const comes = { form, usableWidth, usableLength, boltLength };
      const photoSide = length(entry.photoSide, `/fabrics/${i}/photoSide`, {
        limit,
        fallback: house.unit === 'in' ? '4' : '10',
      }).valueOf();
      const print = entry.print && {
        pattern: entry.print.pattern,
        ink: entry.print.ink,
        repeat: length(entry.print.repeat, `/fabrics/${i}/print/repeat`, {
          limit,
          fallback: house.unit === 'in' ? '1' : '2.5',
        }).valueOf(),
      };
      const seen = {
        value: entry.value ?? value(averageColour(colour, print)),
        volume: entry.volume ?? volumeOf(colour, print, house.unit),
        ...(print && { print }),
        ...(entry.photo && { photo: { id: entry.photo, side: photoSide } }),
      };
      return [id, { id, name, sku, colour, directional, ...comes, pricePerYard, supplier, leadDays, gone, planFor, ...seen }];
    }),
  );
}

/** What stands for a fabric of one's own choice in pictures: the middle of its third of the scale. */
const OF_BAND: Record<ValueBand, string> = { light: '#d2d2d2', medium: '#777777', dark: '#2f2f2f' };

const plainCloth = (house: House, colour: string) => ({
  ...{ colour, directional: false, form: 'yardage', usableWidth: house.wof, supplier: '', value: value(colour), volume: 0 },
});

/** Every colourway with its cast; what a block needs and nobody casts is refused. */
export function readColourways(
  file: ProgrammeFile,
  fabrics: Map<string, Fabric>,
  months: Month[],
  { house, setting, refuse }: { house: House; setting: readonly string[]; refuse: Refuse },
): Colourway[] {
  // Who sews what: a colourway must cast every role of the blocks that are made.
  const used = new Map<string, string>();
  for (const { block } of months.flatMap((m) => m.blocks))
    for (const role of rolesOf(block)) if (!used.has(role)) used.set(role, block.id);
  if (!file.colourways?.length) {
    const plain = [...new Set([...used.keys(), ...setting])].sort().map((role): [string, Fabric] => [
      role,
      {
        id: role,
        name: words.fabric(role),
        sku: '',
        ...plainCloth(house, '#9aa3b0'),
      },
    ]);
    return [{ id: 'default', name: words.oneColourway, fabrics: new Map(plain), locked: new Set(), ...unscattered }];
  }
  return file.colourways.map((entry, i) => {
    const cast = new Map<string, Fabric>();
    for (const [role, id] of Object.entries(entry.fabrics)) {
      const fabric = fabrics.get(id);
      if (fabric) cast.set(role, fabric);
      else refuse(`/colourways/${i}/fabrics/${role}`, words.thereIsNoFabric(id));
    }
    for (const [role, band] of Object.entries(entry.choices ?? {})) {
      if (cast.has(role)) refuse(`/colourways/${i}/choices/${role}`, words.roleHasAFabricAlready(role));
      else
        cast.set(role, {
          id: `choice-${role}`,
          name: words.yourChoice(band),
          sku: '',
          own: true,
          ...plainCloth(house, OF_BAND[band]),
        });
    }
    const pools = readPools(entry, `/colourways/${i}`, fabrics, cast, refuse);
    for (const [role, block] of used)
      if (!cast.has(role) && !(role in entry.fabrics) && !(role in (entry.pools ?? {})))
        refuse(`/colourways/${i}/fabrics`, words.blockUsesLetterWhichHasNo(block, role));
    const { seed = 1, most = {}, pins = {} } = entry.scatter ?? {};
    const scatter = { seed, most: new Map(Object.entries(most)), pins: new Map(Object.entries(pins)) };
    return { id: entry.id, name: entry.name ?? entry.id, fabrics: cast, locked: new Set(entry.locked), pools, scatter };
  });
}

const unscattered = { pools: new Map(), scatter: { seed: 1, most: new Map(), pins: new Map() } } satisfies Partial<Colourway>;

/** The pools of a colourway; casts each letter with the first of its pool, and the pool's own letters with theirs. */
function readPools(
  entry: ColourwayFile,
  path: string,
  fabrics: Map<string, Fabric>,
  cast: Map<string, Fabric>,
  refuse: Refuse,
): Map<string, Pool> {
  const pools = new Map<string, Pool>();
  for (const [role, { fabrics: ids, per = 'patch', units }] of Object.entries(entry.pools ?? {})) {
    if (cast.has(role)) {
      refuse(`${path}/pools/${role}`, words.roleHasAFabricAlready(role));
      continue;
    }
    ids.forEach((id, i) => {
      if (!fabrics.has(id)) refuse(`${path}/pools/${role}/fabrics/${i}`, words.thereIsNoFabric(id));
    });
    const own = ids.flatMap((id) => fabrics.get(id) ?? []);
    if (own.length < ids.length) continue;
    if (units && (per === 'block' || per === 'quilt'))
      refuse(
        `${path}/pools/${role}/units`,
        words.aPoolDealsEveryUnitBy(role, per === 'block' ? words.eachBlock : words.theWholeQuilt),
      );
    pools.set(role, { fabrics: own, per, ...(units && { units }) });
    cast.set(role, own[0]!);
    own.forEach((fabric, i) => cast.set(poolLetter(role, i), fabric));
  }
  return pools;
}
