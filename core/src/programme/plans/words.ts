/** The words of programme/plans. */
import { plural, type Said, say, spoken } from '../../words';

export const words = spoken('core/programme/plans', {
  // plan
  isADirectionalPrintPieceIt: (name: Said) =>
    say`; '${name}' is a directional print. Piece it from strips across the fabric, cut it lengthways along the selvedge with the print lying down (switch 'directional' off for it), or choose another print`,
  isSoldAsAEnterIts: (name: Said, formName: Said) =>
    say`‘${name}’ is sold as a ${formName}. Enter its usable width and length (under Cutting)`,

  // recut
  more: 'more',
  fewer: 'fewer',
  thanWhenCuttingBeganNot: (count: Said, more: Said, kits: Said, before: Said) =>
    say`${count} ${more} than when cutting began: ${kits}, not ${before}.`,
  alreadyCutWillBeUsed: (count: Said) => say`${count} already cut will be used.`,
  thereIsNothingMoreToCut: 'There is nothing more to cut.',
  stillToCutAboutOfFabric: (count: Said, yards: Said) => say`Still to cut: ${count}, about ${yards} of fabric.`,
  it: 'it',
  them: 'them',
  sparePutWithTheSpares: (list: Said, more: Said) => say`Spare: ${list}. Put ${more} with the spares.`,
  kits: (n: number) => say`${n} ${plural(n, { one: 'kit', other: 'kits' })}`,
  pieces: (n: number) => say`${n} ${plural(n, { one: 'piece', other: 'pieces' })}`,
  strips: (n: number) => say`${n} ${plural(n, { one: 'strip', other: 'strips' })}`,
});
