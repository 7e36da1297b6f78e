/** The counts of several processes as one text: each line says of which. */

/** Texts in the Prometheus format, one of each lane, as one; what a name means is said once. */
export function mergedMetrics(texts: readonly string[]): string {
  const families = new Map<string, string[]>();
  texts.forEach((text, lane) => {
    let family: string[] = [];
    for (const line of text.split('\n')) {
      const about = /^# (HELP|TYPE) (\S+)/.exec(line);
      if (about) {
        family = families.get(about[2]!) ?? [];
        families.set(about[2]!, family);
        if (!family.includes(line)) family.push(line);
      } else if (line && !line.startsWith('#')) family.push(labelled(line, lane));
    }
  });
  return `${[...families.values()].map((lines) => lines.join('\n')).join('\n')}\n`;
}

const labelled = (line: string, lane: number): string =>
  /^[^ ]*\{/.test(line) ? line.replace('{', `{lane="${lane}",`) : line.replace(/^[^ ]+/, (name) => `${name}{lane="${lane}"}`);
