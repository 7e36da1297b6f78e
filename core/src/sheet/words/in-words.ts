/** The words of sheet/in-words. */
import { spoken } from '../../words';

export const words = spoken('sheet/in-words', {
  none: 'none',
  one: 'one',
  two: 'two',
  three: 'three',
  four: 'four',
  five: 'five',
  six: 'six',
  seven: 'seven',
  eight: 'eight',
  nine: 'nine',
  ten: 'ten',
  eleven: 'eleven',
  twelve: 'twelve',
});
