/** How long it takes, as people say it. */
import { stepMinutes, type StepMinutes, type Work } from '../construction';
import { inWords } from './in-words';
import { words } from './words/time-words';

/** 'half an hour', 'an hour and a half', 'three hours': up to the next quarter within an hour, to the next half beyond. */
export function hoursWords(minutes: number): string {
  const step = minutes > 60 ? 30 : 15;
  const quarters = (Math.max(1, Math.ceil(minutes / step - 1e-9)) * step) / 15;
  const [hours, rest] = [Math.floor(quarters / 4), quarters % 4];
  const parts = ['', words.aQuarterOfAnHour, words.halfAnHour, words.threeQuartersOfAnHour];
  if (hours === 0) return parts[rest]!;
  if (hours === 1) return rest === 0 ? words.anHour : words.anHourAndAHalf;
  return words.hours(inWords(hours), rest === 0 ? '' : words.andAHalf);
}

/** 'Allow about half an hour to cut and an hour to sew.' for some blocks or pools: those steps of them that are done now. */
export function allowWords(work: readonly Work[], now: Record<keyof StepMinutes, boolean>): string {
  const minutes = work.map(stepMinutes);
  const sum = (step: keyof StepMinutes) => (now[step] ? minutes.reduce((all, m) => all + m[step], 0) : 0);
  const [cutting, sewing] = [sum('cut'), sum('units') + sum('block')];
  const parts = [
    ...(cutting > 0 ? [words.toCut(hoursWords(cutting))] : []),
    ...(sewing > 0 ? [words.toSew(hoursWords(sewing))] : []),
  ];
  return parts.length > 0 ? words.allowAbout(parts.join(' and ')) : '';
}
