/** A person on the roster: what is kept of her, and what she counts for. */
import { isDay, kitKinds, type KitKind, type Programme } from '../programme';
import { words } from './words';

export { stateNames } from './words';

/** On the waiting list; taking part; no longer. */
export const rosterStates = ['waiting', 'in', 'left'] as const;
export type RosterState = (typeof rosterStates)[number];

/** How a kit reaches its participant. */
export const handings = ['pickup', 'post'] as const;
export type Handing = (typeof handings)[number];

/** Dates as ISO writes them, '' for none; ids of the document, '' for the usual. */
export interface Person {
  id: string;
  name: string;
  email: string;
  phone: string;
  /** Where her kits are posted to. */
  address: string;
  colourway: string;
  /** A size option's id; '' for the plain size. */
  size: string;
  /** What she is handed; '' for the programme's own kind. 'list' brings her own cloth. */
  kit: KitKind | '';
  handing: Handing;
  state: RosterState;
  joined: string;
  left: string;
  /** The month up to which she has paid. */
  paidTo: string;
  /** Seen by the people who run it alone. */
  notes: string;
  /** How her sheets are set, as an address carries it: 'large=1&left=1'. */
  sheet: string;
}

/** A person's fields with nothing in them, for a new entry. */
export const blankPerson: Omit<Person, 'id'> = {
  name: '',
  email: '',
  phone: '',
  address: '',
  colourway: '',
  size: '',
  kit: '',
  handing: 'pickup',
  state: 'in',
  joined: '',
  left: '',
  paidTo: '',
  notes: '',
  sheet: '',
};

/** Whether kits are cut for her: she takes part and does not bring her own cloth. */
export const getsKits = ({ state, kit }: Pick<Person, 'state' | 'kit'>, programme: Pick<Programme, 'kits'>): boolean =>
  state === 'in' && (kit || programme.kits.kind) !== 'list';

/** What a roster comes to, as the document has it. */
export interface RosterCounts {
  /** Who takes part, per colourway; every colourway is named. */
  participants: Record<string, number>;
  /** Those among them who take a larger size, per size and colourway. */
  sizes: Record<string, Record<string, number>>;
  /** Those among them whose kit is of another kind than the programme's. */
  otherKinds: { colourway: string; size?: string; kind: KitKind; people: number }[];
}

/** How many people the roster has by colourway, size and kind of kit. */
export function rosterCounts(
  people: readonly Pick<Person, 'state' | 'kit' | 'colourway' | 'size'>[],
  programme: Pick<Programme, 'kits' | 'colourways' | 'sizes'>,
): RosterCounts {
  const counted = people.filter((p) => p.state === 'in');
  const count = (colourway: string, of: Partial<Pick<Person, 'size' | 'kit'>> = {}) =>
    counted.filter(
      (p) =>
        p.colourway === colourway &&
        (of.size === undefined || p.size === of.size) &&
        (of.kit === undefined || p.kit === of.kit),
    ).length;
  const sizes = programme.sizes.map(({ id }) => {
    const taken = programme.colourways.map((c) => [c.id, count(c.id, { size: id })] as const).filter(([, n]) => n > 0);
    return [id, Object.fromEntries(taken)] as const;
  });
  const otherKinds = programme.colourways.flatMap(({ id: colourway }) =>
    ['', ...programme.sizes.map((s) => s.id)].flatMap((size) =>
      kitKinds.flatMap((kind) => {
        const people = kind === programme.kits.kind ? 0 : count(colourway, { size, kit: kind });
        return people > 0 ? [{ colourway, ...(size && { size }), kind, people }] : [];
      }),
    ),
  );
  return {
    participants: Object.fromEntries(programme.colourways.map((c) => [c.id, count(c.id)])),
    sizes: Object.fromEntries(sizes),
    otherKinds,
  };
}

/** A sentence for each thing that is wrong with a person's fields; none when she can stand on the roster. */
export function personFaults(person: Omit<Person, 'id'>, programme: Programme): { field: keyof Person; message: string }[] {
  const faults: { field: keyof Person; message: string }[] = [];
  const refuse = (field: keyof Person, message: string) => void faults.push({ field, message });
  if (!person.name.trim()) refuse('name', words.theNameIsMissing);
  if (person.email && !/^[^\s@<>,;"]+@[^\s@<>,;"]+\.[^\s@<>,;".]+$/.test(person.email))
    refuse('email', words.isntAValidEmailAddressUse(person.email));
  if (!programme.colourways.some((c) => c.id === person.colourway))
    refuse('colourway', person.colourway ? words.weCantFindTheColourway(person.colourway) : words.chooseAColourway);
  if (person.size && !programme.sizes.some((s) => s.id === person.size)) refuse('size', words.weCantFindTheSize(person.size));
  if (person.paidTo && !programme.months.some((m) => m.id === person.paidTo))
    refuse('paidTo', words.weCantFindTheMonth(person.paidTo));
  for (const field of ['joined', 'left'] as const)
    if (person[field] && !isDay(person[field])) refuse(field, words.isntADate(person[field]));
  if (person.joined && person.left && person.left < person.joined) refuse('left', words.theLeavingDateIsBeforeThe);
  if (person.handing === 'post' && !person.address.trim() && person.state === 'in')
    refuse('address', words.postedKitsNeedAnAddress);
  return faults;
}
