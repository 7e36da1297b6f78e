/** Documents read as programmes, each once for as long as it is kept. */
import { KeptWords } from '@aggrega/core/words';
import { readProgramme, type Programme, type ProgrammeFile, type ReadResult } from '@aggrega/core/programme';

/** A document that cannot be read says why in words. */
const readings = new KeptWords<ProgrammeFile, ReadResult>();

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
