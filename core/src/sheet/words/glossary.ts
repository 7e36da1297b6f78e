/** The words of sheet/glossary: what each means, and by what it is found in a text (a pattern, for any case of letters). */
import { spoken } from '../../words';

export const meanings = spoken('sheet/glossary', {
  scant: 'Scant means a thread’s width less, to allow for the fold of the seam.',
  unfinished: 'Unfinished is the size before it is sewn to others, seam allowance and all.',
  squareTheEnd: 'To square the end, cut off a sliver at a right angle to the fold, so that your first cut is true.',
  subcut: 'To subcut is to cut the strip across into pieces.',
  wrongSide: 'The back, or wrong side, is the paler side of the print.',
  rightSides: 'Right sides together: the printed sides face each other.',
  setTheSeam: 'To set a seam, press it flat as it was sewn, before you open it.',
  dogEars: 'Dog-ears are the little tips that stick out beyond the corners.',
  bias: 'A bias edge runs slantwise to the threads and stretches when it is pulled.',
  stripSet: 'A strip set is several strips sewn side by side, to be cut across.',
  nest: 'Seams nest when their allowances lie to opposite sides and lock into each other: you can feel it with your fingertips.',
  chainPiece: 'To chain-piece, feed one pair after the other under the needle without cutting the thread.',
  crease: 'A crease is a light fold that you finger-press, to find the middle.',
  ease: 'To ease in is to pin both ends first and spread what is too long between the pins.',
  baste: 'To baste is to hold the layers together for the quilting.',
  mitre: 'A mitre is a corner where two strips meet at 45 degrees.',
  slipStitch: 'To slip-stitch, sew by hand with small stitches that hide inside the fold.',
});

export const found = spoken('sheet/glossary-found', {
  scant: '\\bscant\\b',
  unfinished: '\\bunfinished\\b',
  squareTheEnd: '\\bsquare the end\\b',
  subcut: '\\bsubcut\\b',
  wrongSide: '\\bwrong side\\b|\\bon the back of\\b',
  rightSides: '\\bright sides together\\b',
  setTheSeam: '\\bset the seams?\\b|\\bset each seam\\b',
  dogEars: '\\bdog-ears\\b',
  bias: '\\bbias\\b',
  stripSet: '\\bstrip set\\b',
  nest: '\\bnests?\\b',
  chainPiece: '\\bchain-piece\\b',
  crease: '\\bcreases?\\b',
  ease: '\\bease\\b|\\beased\\b',
  baste: '\\bbaste\\b',
  mitre: '\\bmitres?\\b|\\bmitred\\b',
  slipStitch: '\\bslip-stitch\\b',
});
