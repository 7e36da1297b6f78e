/** A short name for a long text, the same on every machine (FNV-1a, twice over). */
export function shortName(text: string): string {
  let [high, low] = [0x811c9dc5, 0x1b873593];
  for (let i = 0; i < text.length; i += 1) {
    high = Math.imul(high ^ text.charCodeAt(i), 0x01000193);
    low = Math.imul(low ^ text.charCodeAt(i), 0x85ebca6b) ^ (low >>> 13);
  }
  return (high >>> 0).toString(36) + (low >>> 0).toString(36);
}
