/** Reads what is handed out: size options, kits with their packets and step-outs, and what lies on the shelf. */
import type { Problem } from '../../block';
import type { Colourway, Fabric, Kits, Month, Programme, ProgrammeFile, ShelfLength, SizeOption } from '../document/document';
import type { ReadLength, Refuse } from './read-length';
import { words } from './words';

/** The larger quilts that some people make. */
export function readSizes(file: ProgrammeFile, colourways: readonly Colourway[], refuse: Refuse): SizeOption[] {
  return (file.sizes ?? []).map(({ id, name = id, make, participants = {} }, i) => {
    for (const colourway of Object.keys(participants))
      if (!colourways.some((c) => c.id === colourway))
        refuse(`/sizes/${i}/participants/${colourway}`, words.thereIsNoColourway(colourway));
    return { id, name, make, participants: new Map(Object.entries(participants)) };
  });
}

interface Known {
  months: readonly Month[];
  colourways: readonly Colourway[];
  fabrics: ReadonlyMap<string, Fabric>;
  sizes: readonly Pick<SizeOption, 'id'>[];
}

/** Months that no packet names are handed out each by itself. */
export function readKits(file: ProgrammeFile, { months, colourways, fabrics, sizes }: Known, refuse: Refuse): Kits {
  const {
    kind = 'yardage',
    packets = [],
    spares = 0,
    demoSets = 0,
    most,
    stepOuts = [],
    bundle = {},
    otherKinds = [],
    keepWhole = [],
  } = file.kits ?? {};
  const packed = new Map<string, number>();
  packets.forEach((packet, i) =>
    packet.forEach((id, j) => {
      const path = `/kits/packets/${i}/${j}`;
      if (!months.some((m) => m.id === id)) refuse(path, words.thereIsNoMonth(id));
      else if (packed.has(id)) refuse(path, words.monthIsInPacketAlready(id, packed.get(id)! + 1));
      else packed.set(id, i);
    }),
  );
  stepOuts.forEach(({ month, colourway }, i) => {
    if (!months.some((m) => m.id === month)) refuse(`/kits/stepOuts/${i}/month`, words.thereIsNoMonth(month));
    if (colourway !== undefined && !colourways.some((c) => c.id === colourway))
      refuse(`/kits/stepOuts/${i}/colourway`, words.thereIsNoColourway(colourway));
  });
  otherKinds.forEach(({ colourway, size }, i) => {
    const path = `/kits/otherKinds/${i}`;
    if (!colourways.some((c) => c.id === colourway)) refuse(`${path}/colourway`, words.thereIsNoColourway(colourway));
    if (size !== undefined && !sizes.some((s) => s.id === size)) refuse(`${path}/size`, words.thereIsNoSize(size));
  });
  keepWhole.forEach((id, i) => {
    if (!months.some((m) => m.id === id)) refuse(`/kits/keepWhole/${i}`, words.thereIsNoMonth(id));
  });
  for (const id of Object.keys(bundle)) {
    const fabric = fabrics.get(id);
    if (!fabric) refuse(`/kits/bundle/${id}`, words.thereIsNoFabric(id));
    else if (fabric.form === 'yardage') refuse(`/kits/bundle/${id}`, words.comesByTheLengthNotIn(fabric.name));
  }
  // A packet is handed out with its first month; a month's place in the year is its release.
  const found = new Map<number | string, Month[]>();
  for (const month of months) {
    // What is made of a later month's fabric is handed out with it.
    const later = months.find((m) => m.unitsWith === month.id);
    const key = packed.get(month.id) ?? (later && (packed.get(later.id) ?? later.id)) ?? month.id;
    found.set(key, [...(found.get(key) ?? []), month]);
  }
  return {
    ...{ kind, packets: [...found.values()], spares, demoSets, most, stepOuts, otherKinds },
    ...{ bundle: new Map(Object.entries(bundle)), keepWhole: new Set(keepWhole) },
  };
}

/** Lengths on the shelf; one without an id is known by its place. */
export function readShelf(
  file: ProgrammeFile,
  fabrics: ReadonlyMap<string, Fabric>,
  length: ReadLength,
  refuse: Refuse,
): ShelfLength[] {
  return (file.shelf ?? []).flatMap((entry, i) => {
    const { id = `shelf-${i + 1}`, dyeLot = '', pieces = 0 } = entry;
    const long = entry.length ?? '0';
    const found = { id, length: length(long, `/shelf/${i}/length`, { zero: true }), pieces, dyeLot };
    const fabric = fabrics.get(entry.fabric);
    if (!fabric) refuse(`/shelf/${i}/fabric`, words.thereIsNoFabric(entry.fabric));
    return fabric ? [{ ...found, fabric }] : [];
  });
}

/** Worth a warning: more people in the larger sizes than are enrolled at all. */
export function crowdedSizes({ sizes, participants }: Pick<Programme, 'sizes' | 'participants'>): Problem[] {
  return [...participants].flatMap(([colourway, enrolled]) => {
    const people = sizes.reduce((n, size) => n + (size.participants.get(colourway) ?? 0), 0);
    const message = words.peopleOfTakeALargerSize(people, colourway, enrolled);
    return people > enrolled ? [{ path: `/participants/${colourway}`, message }] : [];
  });
}
