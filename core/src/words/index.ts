/** words: how what is written here is said, in the English or the language of whoever reads it. */
export { american } from './american';
export { KeptWords } from './kept-words';
export {
  AMERICAN,
  BRITISH,
  listenTo,
  plural,
  say,
  speak,
  spoken,
  spokenNow,
  spokenTag,
  type Language,
  type Said,
} from './spoken';
