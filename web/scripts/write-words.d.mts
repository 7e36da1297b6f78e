/** All messages, by subject and name. */
export function allWords(
  plurals?: (forms: [rule: string, form: string][]) => [rule: string, form: string][],
): Record<string, Record<string, string>>;
/** Writes a language's folder. */
export function writeWords(folder: string, words: Record<string, Record<string, string>>, name: string): void;
