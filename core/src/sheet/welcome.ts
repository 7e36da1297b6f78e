/** The letter that everybody finds in the first packet, and the rules of the house. */
import { formatLength } from '../measure';
import { wayOf, type Programme } from '../programme';
import { cautions } from './cautions';
import type { PaperPiece, Words } from './paper';

const said = (title: string, text: string): PaperPiece => ({ kind: 'text', text: [{ bold: `${title} ` }, text] });

/** The organiser's own lines first, then how the year goes, what to do before it begins, and what saves blocks. */
export function welcomeLetter(programme: Programme): PaperPiece[] {
  const { welcome, contact } = programme;
  const own = welcome.split('\n').filter((line) => line.trim());
  const lines = own.length > 0 ? own : [STRAIGHT_SEAM];
  return [
    ...lines.map((text): PaperPiece => ({ kind: 'text', text })),
    said('How it works.', howItWorks(programme)),
    said('Before you start.', beforeYouStart(programme)),
    { kind: 'text', text: [{ bold: 'Three habits that save blocks.' }] },
    { kind: 'list', ordered: true, items: habits(programme) },
    said(
      'If you fall behind,',
      'don’t worry. Everything stays on your page, and it plans your catching up in the hours you have.',
    ),
    said(
      'If you get stuck,',
      `ask from your page${contact ? `, or find ${contact}` : ''}. There are no silly questions, and someone always has a spare unpicker.`,
    ),
    { kind: 'text', text: 'We look forward to seeing your blocks.' },
  ];
}

const STRAIGHT_SEAM = 'We are making a quilt together, one month at a time. If you can sew a straight seam, you can make it.';

function howItWorks({ kits, months, calendar }: Programme): string {
  const dated = months.some((m) => m.release);
  const sheets = dated
    ? `On the day in the list below, at ${calendar.time}, we email you that month’s sheet and put it on your own page.`
    : 'Each month we email you its sheet and put it on your own page.';
  if (wayOf[kits.kind] === 'list') return `${sheets} You bring your own fabric: each sheet lists what it takes.`;
  const long = kits.packets.some((packet) => packet.length > 1) ? '; some packets last more than one month' : '';
  return `${sheets} Your fabric comes in packets${long}.`;
}

function beforeYouStart({ house, unit }: Programme): string {
  const seam = `${formatLength(house.seam, unit)} ${unit}`;
  const square = unit === 'in' ? '1 in' : '2 cm';
  return `Print the ruler page and check that its square measures exactly ${square}. Then sew a test seam: a scant ${seam}, a thread’s width under, so that your blocks match everyone else’s.`;
}

const habits = ({ kits }: Programme): Words[] => [
  wayOf[kits.kind] === 'lengths'
    ? 'Cut only what this month’s sheet tells you to cut. What it says to keep, you will need later.'
    : 'Count your pieces against the sheet before you sew. What it says to keep, you will need later.',
  'Press after every seam, in the direction of the arrow.',
  'Measure where the sheet says ‘Measure’. A wrong size found early is one seam; found late, it is a block.',
];

const PRESSING = {
  nest: 'Seams are pressed so that they nest. Follow the arrows.',
  dark: 'Seams are pressed towards the darker fabric, unless a sheet says otherwise.',
  open: 'Seams are pressed open.',
};

/** The rules of the house in a few lines, and what keeps fingers whole. */
export function houseRules({ house, unit }: Programme): PaperPiece[] {
  const seam = `${formatLength(house.seam, unit)} ${unit}`;
  const step = formatLength(house.rounding, unit);
  return [
    { kind: 'heading', level: 2, text: 'House rules' },
    {
      kind: 'list',
      ordered: false,
      items: [
        `Seam allowance: ${seam}. All cut sizes include it. Sew a scant ${seam}, to allow for the fold.`,
        ...(house.sizing === 'exact' ? [] : ['Units are cut a little large: trim each one to the size of its checkpoint.']),
        `No cut size is finer than ${step} ${unit}, and each is also given in words: ‘one eighth short of 4’.`,
        'A letter is a fabric, the same on every sheet. A1, A2 are pieces cut from fabric A. U1, U2 are units you sew.',
        PRESSING[house.pressing ?? 'nest'],
        'Measure at every checkpoint before you go on.',
      ],
    },
    { kind: 'heading', level: 3, text: 'Safety' },
    { kind: 'text', tone: 'quiet', text: cautions.join(' ') },
  ];
}
