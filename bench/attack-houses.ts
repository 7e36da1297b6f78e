/** What the attack needs of the project's TypeScript. */
export { founded } from '../bin/lib/visitor';
export { largest } from '../bin/lib/largest';
