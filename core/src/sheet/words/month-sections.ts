/** The words of sheet/month-sections. */
import { type Said, say, spoken } from '../../words';

export const words = spoken('sheet/month-sections', {
  follows: ' follows',
  isReleased: (when: Said) => say` is released${when}`,
  questions: (text: Said) => say` Questions? ${text}.`,
  onWords: (date: Said) => say` on ${date}`,
  theNextSheet: (more: Said) => say`The next sheet${more}.`,
  thisIsTheLastSheet: 'This is the last sheet.',
  beforeThen: (words: Said) => say` Before then: ${words}`,
  nextTime: 'Next time',
});
