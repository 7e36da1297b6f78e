/** fabric: how light a fabric is. */
export { value } from './value';
