/** A device by what its browser calls itself, in words; as it stands where it is not known. */
import { words as spoken } from './words';
export function deviceName(agent: string): string {
  const on = SYSTEMS.find(([pattern]) => pattern.test(agent))?.[1];
  const browser = BROWSERS.find(([pattern]) => pattern.test(agent))?.[1];
  if (on || browser) return [browser ?? 'a browser', on && spoken.on(on)].filter(Boolean).join(' ');
  return agent.slice(0, 60) || spoken.aDeviceThatSaysNothing;
}

const SYSTEMS: [RegExp, string][] = [
  [/iPad/, 'a tablet'],
  [/iPhone/, 'a telephone'],
  [/Android.*Mobile/, 'a telephone'],
  [/Android/, 'a tablet'],
  [/Windows/, 'Windows'],
  [/Mac OS/, 'a Mac'],
  [/Linux/, 'Linux'],
];
const BROWSERS: [RegExp, string][] = [
  [/Edg\//, 'Edge'],
  [/Firefox\//, 'Firefox'],
  [/Chrome\//, 'Chrome'],
  [/Safari\//, 'Safari'],
];
