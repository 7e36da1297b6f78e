/** British English is what is written here; one list makes it American at the edge, for those who read that. */

/** Spelling and terms, by the word as it is written here. Longer ones stand before what they begin with. */
const LIST: readonly (readonly [british: string, american: string])[] = [
  ['colourways', 'colorways'],
  ['colourway', 'colorway'],
  ['coloured', 'colored'],
  ['colours', 'colors'],
  ['colour', 'color'],
  ['centred', 'centered'],
  ['centres', 'centers'],
  ['centre', 'center'],
  ['greyscale', 'grayscale'],
  ['greys', 'grays'],
  ['grey', 'gray'],
  ['centimetres', 'centimeters'],
  ['centimetre', 'centimeter'],
  ['millimetres', 'millimeters'],
  ['metres', 'meters'],
  ['metre', 'meter'],
  ['mitred', 'mitered'],
  ['mitres', 'miters'],
  ['mitre', 'miter'],
  ['programmes', 'programs'],
  ['programme', 'program'],
  ['organisers', 'organizers'],
  ['organiser', 'organizer'],
  ['organised', 'organized'],
  ['organise', 'organize'],
  ['recognised', 'recognized'],
  ['recognise', 'recognize'],
  ['enrolment', 'enrollment'],
  ['enrol', 'enroll'],
  ['towards', 'toward'],
  ['upwards', 'upward'],
  ['downwards', 'downward'],
  ['outwards', 'outward'],
  ['inwards', 'inward'],
  ['afterwards', 'afterward'],
  ['backwards', 'backward'],
  ['lengthways', 'lengthwise'],
  ['anticlockwise', 'counterclockwise'],
  ['selvedges', 'selvages'],
  ['selvedge', 'selvage'],
  ['wadding', 'batting'],
  ['calico', 'muslin'],
  ['collections', 'pickups'],
  ['collection', 'pickup'],
  ['by post', 'by mail'],
  ['postcode', 'zip code'],
  ['postage', 'shipping'],
  ['a fortnight', 'two weeks'],
  ['fortnightly', 'every two weeks'],
  ['cancelled', 'canceled'],
  ['labelled', 'labeled'],
  ['neighbours', 'neighbors'],
  ['neighbour', 'neighbor'],
  ['labour', 'labor'],
  ['favourite', 'favorite'],
  ['catalogue', 'catalog'],
  ['judgement', 'judgment'],
  ['learnt', 'learned'],
];
const AMERICAN = new Map(LIST);
const WORD = new RegExp(`\\b(?:${LIST.map(([british]) => british).join('|')})\\b`, 'gi');

/** The same text as it is written in America, capitals kept. */
export const american = (text: string): string =>
  text.replace(WORD, (found) => {
    const said = AMERICAN.get(found.toLowerCase())!;
    const [first] = found as unknown as [string];
    if (first === first.toLowerCase()) return said;
    return found === found.toUpperCase() ? said.toUpperCase() : said[0]!.toUpperCase() + said.slice(1);
  });
