/** The words of proof: a cutting list that somebody wrote, held against the drawing. */
import { plural, type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('proof', {
  title: (month: Said) => say`${month}: check a cutting list`,
  backToCutting: 'Back to Cutting',
  whatItDoes:
    'Paste the cutting list of a pattern, or type it. Each line is held against your drawing: which sizes are right, by which method, what is missing. What can’t be read for certain is never guessed. The text stays on this device.',
  nothingToHoldItAgainst: 'This month has no block yet, so there is nothing to hold a list against.',
  drawOneFirst: 'Draw one first',

  // the list
  theList: 'The cutting list',
  likeThis: 'Fabric A: cut (8) 3 7/8" squares; cut once on the diagonal\nfour 2 1/2" × 4 1/2" rectangles, dark',
  openAFile: 'Open a file',
  textTableOrPdf: 'A text, a table (CSV) or a PDF; or drop one here.',
  reading: 'Reading the file…',
  noTextInIt: 'There is no text in this file: a scanned page is a picture. Type the list in, or paste its text.',
  cantBeOpened: 'This file can’t be opened. Choose a text, a CSV or a PDF.',
  tooLong: 'This file is too long for a cutting list.',
  ourOwn: 'Or one of your own published sheets:',
  version: (n: Said, day: Said) => say`version ${n}, ${day}`,
  cantBeLoaded: 'We couldn’t load that sheet. Try again in a moment.',
  against: 'Held against',
  allBlocks: 'all blocks of the month',
  clear: 'Clear',

  // what comes out
  checking: 'Checking the list…',
  noCutsInIt: 'No line of this text says what to cut: how many, and of what size.',
  theOneIsRight: 'The line about cutting is right.',
  allRight: (of: Said) => say`All ${of} lines about cutting are right.`,
  someRight: (right: number, of: number) =>
    say`${right} of ${of} ${plural(of, { one: 'line', other: 'lines' })} about cutting ${plural(right, { one: 'is', other: 'are' })} right.`,
  missingToo: (n: number) => say`${n} ${plural(n, { one: 'piece is', other: 'pieces are' })} missing.`,
  lineByLine: 'Line by line',
  lineN: (n: Said) => say`Line ${n}`,
  notAboutCutting: 'not about cutting',
  missing: 'Missing from the list',
  perhapsUnread: 'A line that can’t be read or told may be meant for it.',
  missingRow: (role: Said, fabric: Said, pieces: Said, units: Said) => say`${role}${fabric}: ${pieces}${units}`,
  forUnits: (units: Said) => say`, for ${units}`,
  showOnlyFaults: 'Only what is to be looked at',

  // what the list means
  howItIsRead: 'How the list is read',
  forBlocks: 'For how many blocks',
  itsFabrics: 'Its fabrics',
  isFabric: (name: Said) => say`‘${name}’ is`,
  noneOfThese: 'none of this block’s',
  byPieces: 'found by its pieces',
  setByYou: 'set by you',
  asItFinds: 'find it again',
  itsMethods: 'Its methods',
  otherMethod: (unit: Said, kind: Said, method: Said) => say`${unit}, ${kind}: ${method}`,
  cutLarge: (by: Said, unit: Said) => say`, cut ${by} ${unit} large`,
  takeMethods: 'Sew by its methods',
  methodsTaken: (block: Said) => say`${block}, the list’s methods`,
  takenOver: 'Your drawing is now sewn by these methods.',
  itsWords: 'Its words',
  itsWordsNote: 'Sentences that don’t cut anything. Tick those that you want among your own notes on the sheet.',
  takeTicked: 'Put what is ticked on the sheet',
  takeWords: (n: number) => say`Put ${n} ${plural(n, { one: 'sentence', other: 'sentences' })} on the sheet`,
  wordsTaken: (month: Said) => say`${month}, notes from a cutting list`,
  wordsAreThere: 'They are among your notes at Instructions, after ‘Make the units’.',

  // to the author
  forTheAuthor: 'For the author',
  print: 'Print',
  copyFaults: 'Copy the list of faults',
  copied: 'Copied.',
  cantCopy: 'This browser doesn’t let the page copy. Print it instead.',
  letterHead: (block: Said, size: Said) => say`On the cutting list for ${block}, ${size}:`,
  letterLine: (line: Said, text: Said, says: Said) => say`Line ${line}, “${text}”: ${says}`,
  letterMissing: (row: Said) => say`Missing: ${row}`,
});
