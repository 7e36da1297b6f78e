/** The words of sheet/walk. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/walk', {
  makeAllAlikeOneAfterThe: (length: Said) => say`Make all ${length} alike, one after the other.`,
  theyComeWithTheOtherHalf: (label: Said) => say`They come with ${label}: the other half of each batch.`,
  upToOutIsFineCan: (fine: Said, eased: Said) =>
    say`Up to ${fine} out is fine. ${eased} can be eased in: match and pin the outer edges first. Any more, unpick or cut a new piece.`,
  make: (name: Said, make: Said, more: Said) => say`${name}: make ${make} ${more}`,
  mirrored: 'mirrored ',
  make2: (label: Said, make: Said, mirrored: Said, more: Said, title: Said) =>
    say`${label}: make ${make} ${mirrored}${more}, ${title}`,
});
