/** What the server says of stock and orders. */
import { say, spoken, type Said } from '@aggrega/core/words';

export const words = spoken('server/stock', {
  // api/programmes/[programme]/desk/+server.ts
  sayByWhichDayAs: 'Give the date it is needed by, like 2027-01-09.',
  weCantFindThatProgramme: 'We can’t find that programme.',
  thereIsNoFabricIn: (fabric: Said) => say`This programme has no fabric ‘${fabric}’.`,

  // api/programmes/[programme]/desk/price-list/+server.ts
  noFabricOfThisProgramme: 'No fabric of this programme comes from that supplier.',
});
