/** words: how what is written here is said to readers of other English. */
export { american } from './american';
export { americanText, inAmerican, typedIn } from './in-american';
