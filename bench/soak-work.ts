/** What the soak needs of the project's TypeScript. */
export { soak } from '../bin/lib/soak';
