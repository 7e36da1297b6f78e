import { value } from '@aggrega/core/fabric';

/** The ink that reads better on a fabric: indigo on lights, chalk on darks. At L* 55 both contrast alike. */
export function inkOn(colour: string): string {
  return value(colour) > 55 ? '#1c2a4a' : '#ffffff';
}
