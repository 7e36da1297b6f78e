/** How the fields of a person read on screen. */
import { spoken } from '@aggrega/core/words';
import { kitTitle, type Programme } from '@aggrega/core/programme';
import { words } from './words';
import { stateNames, type Person } from '@aggrega/core/running';

/** What somebody is handed; '' is what everybody is. */
export const kitName = (kit: Person['kit']): string => (kit === '' ? words.programmeDefault : kitTitle(kit));

/** How a kit reaches its participant. */
export const handingNames: Readonly<Record<Person['handing'], string>> = spoken('participants-ways', {
  pickup: 'collection',
  post: 'post',
});

const named = (list: readonly { id: string; name: string }[], id: string) => list.find((x) => x.id === id)?.name ?? id;

/** What a table shows of a person's field. */
export function fieldWords(person: Person, field: keyof Person, { colourways, sizes, months }: Programme): string {
  if (field === 'colourway') return named(colourways, person.colourway);
  if (field === 'size') return person.size ? named(sizes, person.size) : words.standardSize;
  if (field === 'paidTo') return person.paidTo ? named(months, person.paidTo).split(',')[0]! : '';
  if (field === 'state') return stateNames[person.state];
  if (field === 'handing') return handingNames[person.handing];
  return field === 'kit' ? kitName(person.kit) : person[field];
}

/** The change of some fields of a person, with what they were. */
export function personChange(person: Person, to: Partial<Omit<Person, 'id'>>) {
  const fields = Object.keys(to) as (keyof typeof to)[];
  return { id: person.id, from: Object.fromEntries(fields.map((f) => [f, person[f]])), to };
}

/** What a new state brings with it: the day of leaving, or of joining. */
export function stateChange(person: Person, state: Person['state'], today: string): Partial<Person> {
  if (state === 'left') return { state, left: person.left || today };
  return { state, left: '', ...(state === 'in' && person.state === 'waiting' && { joined: today }) };
}
