/** Days as people write them. Making a format takes longer than using it some hundred times, so formats are kept. */

/** 'long' 9 January 2027, 'plain' 9 January, 'month' January 2027, 'short' 9 Jan 2027, 'brief' 9 Jan, 'weekday' Sat 9 Jan. */
export type DayStyle = 'long' | 'plain' | 'month' | 'short' | 'brief' | 'weekday';

const STYLES: Record<DayStyle, Intl.DateTimeFormatOptions> = {
  long: { day: 'numeric', month: 'long', year: 'numeric' },
  plain: { day: 'numeric', month: 'long' },
  month: { month: 'long', year: 'numeric' },
  short: { day: 'numeric', month: 'short', year: 'numeric' },
  brief: { day: 'numeric', month: 'short' },
  weekday: { weekday: 'short', day: 'numeric', month: 'short' },
};

/** Few are ever made. Locales are whatever browsers ask for, though: nobody can fill the memory with them. A participant's page loads no library for it. */
const formats = new Map<string, Intl.DateTimeFormat>();
const MOST = 200;

/** Such a format, kept; the locale is one that was checked. */
export function format(locale: string, options: Intl.DateTimeFormatOptions): Intl.DateTimeFormat {
  const key = locale + JSON.stringify(options);
  let known = formats.get(key);
  if (known) return known;
  known = new Intl.DateTimeFormat(locale, options);
  if (formats.size >= MOST) formats.clear();
  formats.set(key, known);
  return known;
}

/** A day that ISO writes, '2027-01-09', in words of that language; '' for none, as ISO writes it in a language that nobody knows. */
export function dayText(iso: string | undefined, locale: string, style: DayStyle = 'long'): string {
  if (!iso) return '';
  try {
    // Only written here, never reckoned with: a participant's page need not load a calendar.
    return format(locale, { ...STYLES[style], timeZone: 'UTC' }).format(new Date(`${iso}T00:00:00Z`));
  } catch {
    return iso;
  }
}
