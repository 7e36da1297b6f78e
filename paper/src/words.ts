/** The words of paper. */
import { type Said, say, spoken } from '@aggrega/core/words';

export const words = spoken('paper', {
  // labels
  artifact: 'Artifact',
  figure: 'Figure',
  code: (code: Said) => say`Code ${code}`,
  noKitsSoNoLabels: 'No kits, so no labels.',
  spare: 'Spare',
  andMore: (value: Said) => say`and ${value} more`,
  mHVHZ: (number: Said, round2: Said, round3: Said) => say`M${number} ${round2}h${round3}v${round3}h-${round3}z`,

  // boxes
  lbl: 'Lbl',

  // index
  pageAcrossDown: (label: Said, value: Said, value2: Said) => say`${label}, page ${value} across, ${value2} down`,
  oneInch: 'one inch',

  // tiles
  toTheRight: ' to the right',

  // text
  photo: (label: Said) => say`[Photo: ${label}]`,
  picture: (more: Said) => say`[Picture: ${more}]`,
});
