/** The words of composing a year: what it cannot be composed of, and why. */
import { plural, type Said, say, spoken } from '../words';

export const words = spoken('core/compose', {
  noBlockTeachesAt: (technique: Said, size: Said) =>
    say`No block of ours teaches ${technique} at ${size}. Choose another block size, or leave that technique out.`,
  asksForMoreSkill: (technique: Said, skill: Said) =>
    say`Learning ${technique} takes ${skill} skill. Let the year lead further, or leave that technique out.`,
  tooManyTechniques: (techniques: number, instalments: number) =>
    say`${techniques} ${plural(techniques, { one: 'technique', other: 'techniques' })} to teach, and ${instalments} ${plural(instalments, { one: 'instalment', other: 'instalments' })} with blocks: each technique has an instalment of its own, and one more to practise it. Teach fewer, or add instalments.`,
  tooManyBlocks: (months: number, block: Said, width: Said, height: Said) =>
    say`${months} ${plural(months, { one: 'instalment', other: 'instalments' })} with a block of ${block} or more than one make no quilt near ${width} by ${height}. Choose a larger quilt, smaller blocks, or fewer instalments.`,
  tooFewBlocks: (months: number, block: Said, width: Said, height: Said) =>
    say`${months} ${plural(months, { one: 'instalment', other: 'instalments' })} with up to six blocks of ${block} make no quilt near ${width} by ${height}. Choose a smaller quilt, larger blocks, or more instalments.`,
  noBlocksAtThatSize: (size: Said) =>
    say`None of our blocks can be cut at ${size}. Choose another block size; most suit 6, 9 or 12 in, or 15, 20 or 30 cm.`,
  everyBlockTakesLonger: (hours: number) =>
    say`No month’s blocks can be sewn in ${hours} ${plural(hours, { one: 'hour', other: 'hours' })}. Allow more time a month, or choose a smaller quilt.`,
  noYearKeepsAll:
    'We found no year that keeps all of this. Allow more hours a month, teach fewer techniques, or let the year lead further.',
  takesMoreFatQuarters: (needs: number, has: number) =>
    say`The smallest year we found needs ${needs} ${plural(needs, { one: 'fat quarter', other: 'fat quarters' })}; the bundle holds ${has}. Choose a smaller quilt or a larger bundle.`,
  fabricsCannotBeToldApart:
    'Too few of these fabrics can be told apart where they meet. Choose fabrics further apart, from light to dark.',
  takesLonger: (month: Said) => say`${month} takes longer than you allow.`,
  asksForMore: (month: Said) => say`${month} asks for more skill than the year leads to.`,
  isNotPractised: (technique: Said) => say`${technique}: not introduced and then practised.`,
  cannotBeToldApart: (one: Said, other: Said) => say`${one} and ${other} meet, and cannot be told apart.`,
  aVariationOf: (name: Said) => say`${name} Variation`,
  variationNumber: (name: Said, number: number) => say`${name} Variation ${number}`,
});
