/** Documents read as programmes, each once for as long as it is kept. */
import { readProgramme, type Programme, type ProgrammeFile, type ReadResult } from '@aggrega/core/programme';

const readings = new WeakMap<ProgrammeFile, ReadResult>();

/** As core's readProgramme, remembered: for documents that nobody changes in place, as those of stored revisions and of the workbench are. */
export function readingOf(document: ProgrammeFile): ReadResult {
  const known = readings.get(document);
  if (known) return known;
  const reading = readProgramme(document);
  readings.set(document, reading);
  return reading;
}

/** The programme of a stored document; undefined where it cannot be read. */
export function programmeIn(document: ProgrammeFile): Programme | undefined {
  const reading = readingOf(document);
  return reading.ok ? reading.programme : undefined;
}
