/**
 * What of a piece's name has room in it: the whole, its first word, or nothing. `letters`: how many of a letter's width the piece is
 * wide. Names such as 'A1' always stand.
 */
export function nameIn(name: string, letters: number): string {
  const [first] = name.split(' ') as [string];
  return [name, first].find((text) => text.length <= Math.max(3, letters)) ?? '';
}
