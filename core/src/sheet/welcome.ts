/** The letter that everybody finds in the first packet, and the rules of the house. */
import { formatLength } from '../measure';
import { wayOf, type Programme } from '../programme';
import { cautions } from './cautions';
import type { PaperPiece, Words } from './paper';
import { words } from './words/welcome';

const said = (title: string, text: string): PaperPiece => ({ kind: 'text', text: [{ bold: `${title} ` }, text] });

/** The organiser's own lines first, then how the year goes, what to do before it begins, and what saves blocks. */
export function welcomeLetter(programme: Programme): PaperPiece[] {
  const { welcome, contact } = programme;
  const own = welcome.split('\n').filter((line) => line.trim());
  const lines = own.length > 0 ? own : [words.straightSeam];
  return [
    ...lines.map((text): PaperPiece => ({ kind: 'text', text })),
    said(words.howItWorks, howItWorks(programme)),
    said(words.beforeYouStart, beforeYouStart(programme)),
    { kind: 'text', text: [{ bold: words.threeHabitsThatSaveBlocks }] },
    { kind: 'list', ordered: true, items: habits(programme) },
    said(words.ifYouFallBehind, words.dontWorryEverythingStaysOnYour),
    said(words.ifYouGetStuck, words.askFromYourPageThereAre(contact ? words.orFind(contact) : '')),
    { kind: 'text', text: words.weLookForwardToSeeingYour },
  ];
}

function howItWorks({ kits, months, calendar }: Programme): string {
  const dated = months.some((m) => m.release);
  const sheets = dated ? words.onTheDayInTheList(calendar.time) : words.eachMonthWeEmailYouIts;
  if (wayOf[kits.kind] === 'list') return words.youBringYourOwnFabricEach(sheets);
  const long = kits.packets.some((packet) => packet.length > 1) ? words.somePacketsLastMoreThanOne : '';
  return words.yourFabricComesInPackets(sheets, long);
}

function beforeYouStart({ house, unit }: Programme): string {
  const seam = `${formatLength(house.seam, unit)} ${unit}`;
  const square = unit === 'in' ? '1 in' : '2 cm';
  return words.printTheRulerPageAndCheck(square, seam);
}

const habits = ({ kits }: Programme): Words[] => [
  wayOf[kits.kind] === 'lengths' ? words.cutOnlyWhatThisMonthsSheet : words.countYourPiecesAgainstTheSheet,
  words.pressAfterEverySeamInThe,
  words.measureWhereTheSheetSaysMeasure,
];

const PRESSING = {
  get nest() {
    return words.seamsArePressedSoThatThey;
  },
  get dark() {
    return words.seamsArePressedTowardsTheDarker;
  },
  get open() {
    return words.seamsArePressedOpen;
  },
};

/** The rules of the house in a few lines, and what keeps fingers whole. */
export function houseRules({ house, unit }: Programme): PaperPiece[] {
  const seam = `${formatLength(house.seam, unit)} ${unit}`;
  const step = formatLength(house.rounding, unit);
  return [
    { kind: 'heading', level: 2, text: words.houseRules },
    {
      kind: 'list',
      ordered: false,
      items: [
        words.seamAllowanceAllCutSizesInclude(seam),
        ...(house.sizing === 'exact' ? [] : [words.unitsAreCutALittleLarge]),
        words.noCutSizeIsFinerThan(step, unit),
        words.aLetterIsAFabricThe,
        PRESSING[house.pressing ?? 'nest'],
        words.measureAtEveryCheckpointBeforeYou,
      ],
    },
    { kind: 'heading', level: 3, text: words.safety },
    { kind: 'text', tone: 'quiet', text: cautions().join(' ') },
  ];
}
