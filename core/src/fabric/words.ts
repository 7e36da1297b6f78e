/** The words of fabric. */
import { spoken } from '../words';

export const words = spoken('core/fabric', {
  light: 'light',
  medium: 'medium',
  dark: 'dark',
});
