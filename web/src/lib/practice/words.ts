/** What the practice table says, and how it and the eye name what lies wrong. */
import { plural, type Said, say, spoken } from '@aggrega/core/words';

export const LIES = spoken('lies', {
  number: (n: Said, label: Said) => say`Number ${n}${label}`,
  label: (label: Said) => say` (${label})`,
  turned1: (what: Said) => say`${what} is turned a quarter clockwise. Turn it a quarter back.`,
  turned2: (what: Said) => say`${what} lies upside down. Turn it half way round.`,
  turned3: (what: Said) => say`${what} is turned a quarter counterclockwise. Turn it a quarter clockwise.`,
  mirrored: (what: Said) => say`${what} is a mirror image of what belongs there. Look for the one that matches the picture.`,
  other: (what: Said, other: Said) =>
    say`${what} is the wrong piece: what belongs at ${other} lies there. Put the right one in its place.`,
  exchanged: (what: Said, other: Said) => say`${what} and number ${other} have changed places.`,
  fabric: (what: Said, instead: Said, of: Said) => say`${what} has ${instead} where ${of} should be.`,
  fabrics: (what: Said, a: Said, b: Said) => say`In ${what}, ${a} and ${b} have changed places.`,
  missing: (what: Said) => say`${what} is missing.`,
});

export const WHAT = spoken('what-lies', {
  block: 'Block',
  whatLiesThere: 'What you lay out',
  theWholeBlock: 'The whole block',
  allOfThem: 'All the blocks in the picture',
  row: (n: Said) => say`Row ${n}`,
  onePiece: (n: Said, label: Said) => say`Only number ${n}${label}`,
});

export const words = spoken('practice', {
  open: 'Practise laying it out',
  inClass: 'Lay it out in class',
  title: (name: Said) => say`${name}, laid out for practice`,
  nothingToLay: 'This month has no block to lay out.',
  howToPractise: 'How do you want to practise?',
  layIt: 'Lay it out',
  findIt: 'Find the slip',
  howToLay: 'Choose a piece from the tray, then its place, or drag it there. Tap a piece that lies there to turn it.',
  mirrorImages: 'Some pieces in the tray are mirror images that belong nowhere.',
  howToFind: 'One thing lies wrong. Compare with the picture and tap it.',
  keys: 'With keys: arrows move, Enter lays or turns, Delete takes a piece up, 1 to 9 choose from the tray, Ctrl+Z undoes.',
  table: 'The table',
  tray: 'The tray',
  emptyTray: 'The tray is empty.',
  picture: (name: Said) => say`${name} as it should lie`,
  showPicture: 'Show the picture',
  hidePicture: 'Hide the picture',
  undo: 'Undo',
  turn: 'Turn it',
  takeUp: 'Take it up',
  look: 'Is it right so far?',
  dealAgain: 'Deal again',

  place: (n: Said, lies: Said) => say`Place ${n}, ${lies}`,
  empty: 'empty',
  stack: (what: Said, many: number) => say`${what}; ${many} ${plural(many, { one: 'piece', other: 'pieces' })}`,
  chooseFirst: 'Choose a piece from the tray first.',
  noFit: (n: Said) => say`This piece is not the size of place ${n}.`,
  liesNow: (n: Said, face: Said) => say`Place ${n}: ${face}`,
  takenUp: (n: Said) => say`Place ${n} is empty again.`,
  undone: 'Undone.',

  face: (topLeft: Said, topRight: Said, bottomRight: Said, bottomLeft: Said, middle: Said) =>
    say`${topLeft} top left, ${topRight} top right, ${bottomRight} bottom right, ${bottomLeft} bottom left${middle}`,
  faceMiddle: (middle: Said) => say`, ${middle} in the middle`,
  allOf: (fabric: Said) => say`all ${fabric}`,
  seam: 'a seam',
  topLeft: 'top left corner',
  topRight: 'top right corner',
  bottomRight: 'bottom right corner',
  bottomLeft: 'bottom left corner',
  top: 'top edge',
  right: 'right edge',
  bottom: 'bottom edge',
  left: 'left edge',
  middle: 'middle',
  lookAt: (spot: Said, fabric: Said) => say`Look at its ${spot}: ${fabric} belongs there.`,
  stray: (what: Said) => say`${what} is a piece that belongs nowhere here. Take it up.`,

  allRight: 'Everything lies as in the picture. You can sew.',
  rightSoFar: (n: number) =>
    say`So far all is right: ${n} ${plural(n, { one: 'piece lies', other: 'pieces lie' })} as in the picture.`,
  nothingLies: 'Nothing lies there yet.',

  liesRight: (n: Said) => say`Number ${n} lies right. Look again.`,
  found: 'Found.',
  thisWasIt: 'This was it.',
  next: 'Next one',
  showMe: 'Show me',
  startMinute: 'See how many you find in a minute',
  secondsLeft: (n: number) => say`${n} ${plural(n, { one: 'second', other: 'seconds' })} left`,
  stop: 'Stop the minute',
  foundSoFar: (n: Said) => say`${n} found`,
  minuteOver: (n: number) => say`The minute is over. You found ${n} ${plural(n, { one: 'slip', other: 'slips' })}.`,
  nothingCanLieWrong: 'Nothing can lie wrong here: every piece looks the same whichever way it is turned.',
});
