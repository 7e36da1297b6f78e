/** How long it takes, as people say it. */
import { stepMinutes, type StepMinutes, type Work } from '../construction';
import { inWords } from './in-words';

/** 'half an hour', 'an hour and a half', 'three hours': up to the next quarter within an hour, to the next half beyond. */
export function hoursWords(minutes: number): string {
  const step = minutes > 60 ? 30 : 15;
  const quarters = (Math.max(1, Math.ceil(minutes / step - 1e-9)) * step) / 15;
  const [hours, rest] = [Math.floor(quarters / 4), quarters % 4];
  const parts = ['', 'a quarter of an hour', 'half an hour', 'three quarters of an hour'];
  if (hours === 0) return parts[rest]!;
  if (hours === 1) return rest === 0 ? 'an hour' : 'an hour and a half';
  return `${inWords(hours)}${rest === 0 ? '' : ' and a half'} hours`;
}

/** 'Allow about half an hour to cut and an hour to sew.' for some blocks or pools: those steps of them that are done now. */
export function allowWords(work: readonly Work[], now: Record<keyof StepMinutes, boolean>): string {
  const minutes = work.map(stepMinutes);
  const sum = (step: keyof StepMinutes) => (now[step] ? minutes.reduce((all, m) => all + m[step], 0) : 0);
  const [cutting, sewing] = [sum('cut'), sum('units') + sum('block')];
  const parts = [
    ...(cutting > 0 ? [`${hoursWords(cutting)} to cut`] : []),
    ...(sewing > 0 ? [`${hoursWords(sewing)} to sew`] : []),
  ];
  return parts.length > 0 ? `Allow about ${parts.join(' and ')}.` : '';
}
