/** Columns of the participants' CSV, in their order: headings that mean one, what is written there, and how it is read. A new one is an entry here. */
import { kitKinds, type Programme } from '../programme';
import { readDay } from './day-words';
import { handings, rosterStates, stateNames, type Person } from './person';
import { words } from './words';

export interface ColumnOfRoster {
  /** The field of a person that it holds. */
  id: string;
  /** In small letters; the first is our own, for files and screens. They are data: what a heading is known by, in every language. */
  headings: readonly string[];
  /** What comes in several columns, one after the other as they are put together, whatever their order in the file; with what stands between them. */
  parts?: { headings: readonly (readonly string[])[]; between: string };
  /** Letters that are kept. */
  most: number;
  /** The cell for a person's field; the field itself when left out. */
  write?(value: string, programme: Programme): string;
  /** The field that a cell means, or why it means none; the cell itself when left out. */
  read?(cell: string, programme: Programme): string | { wrong: string };
}

const nameIn = (list: readonly { id: string; name: string }[], id: string) =>
  id === '' ? '' : (list.find((x) => x.id === id)?.name ?? id);
const idIn = (list: readonly { id: string; name: string }[], cell: string, none: (cell: string) => string) =>
  list.find((x) => x.id === cell || x.name.toLowerCase() === cell.toLowerCase())?.id ?? { wrong: none(cell) };
const oneOf = (all: readonly string[], cell: string, none: (cell: string) => string) =>
  all.find((one) => one === cell.toLowerCase()) ?? { wrong: none(cell) };

export const rosterColumnEntries = [
  {
    id: 'name',
    headings: ['name', 'full name', 'participant', 'member'],
    parts: {
      headings: [
        ['first name', 'firstname', 'given name', 'forename'],
        ['last name', 'lastname', 'surname', 'family name'],
      ],
      between: ' ',
    },
    most: 200,
  },
  { id: 'email', headings: ['email', 'e-mail', 'mail', 'email address', 'e-mail address'], most: 200 },
  { id: 'phone', headings: ['phone', 'telephone', 'mobile', 'tel'], most: 200 },
  {
    id: 'address',
    headings: ['address', 'postal address', 'post to'],
    parts: {
      headings: [
        ['address 1', 'address line 1', 'address1', 'street', 'street address'],
        ['address 2', 'address line 2', 'address2'],
        ['address 3', 'address line 3', 'address3'],
        ['town', 'city', 'town or city'],
        ['county', 'province', 'region'],
        ['postcode', 'post code', 'postal code', 'zip', 'zip code'],
        ['country'],
      ],
      between: ', ',
    },
    most: 500,
  },
  {
    id: 'colourway',
    headings: ['colourway', 'colorway', 'colours', 'colors'],
    most: 200,
    write: (id: string, { colourways }: Programme) => nameIn(colourways, id),
    read: (cell: string, { colourways }: Programme) => idIn(colourways, cell, words.thereIsNoColourway),
  },
  {
    id: 'size',
    headings: ['size', 'quilt size', 'quilt'],
    most: 200,
    write: (id: string, { sizes }: Programme) => nameIn(sizes, id),
    read: (cell: string, { sizes }: Programme) => idIn(sizes, cell, words.thereIsNoSize),
  },
  {
    id: 'kit',
    headings: ['kit', 'kit kind', 'kind of kit'],
    most: 200,
    read: (cell: string) => oneOf(kitKinds, cell, words.thereIsNoKindOfKit),
  },
  {
    id: 'handing',
    headings: ['handing over', 'pickup or post', 'delivery', 'handing'],
    most: 200,
    read: (cell: string) => oneOf(handings, cell, words.isNeitherPickupNorPost),
  },
  {
    id: 'state',
    headings: ['state', 'status'],
    most: 200,
    write: (state: string) => stateNames[state as Person['state']],
    read: (cell: string) =>
      rosterStates.find((s) => s === cell.toLowerCase() || stateNames[s] === cell.toLowerCase()) ?? {
        wrong: words.isNoStateThereAre(cell, rosterStates.map((s) => stateNames[s]).join(', ')),
      },
  },
  { id: 'joined', headings: ['joined', 'joined on', 'joined when', 'since'], most: 200, read: readDay },
  { id: 'left', headings: ['left', 'left on'], most: 200, read: readDay },
  {
    id: 'paidTo',
    headings: ['paid to', 'paid until', 'paid'],
    most: 200,
    write: (id: string, { months }: Programme) => nameIn(months, id),
    read: (cell: string, { months }: Programme) => idIn(months, cell, words.thereIsNoMonth),
  },
  { id: 'notes', headings: ['notes', 'note', 'remarks'], most: 2000 },
] as const satisfies readonly ColumnOfRoster[];
