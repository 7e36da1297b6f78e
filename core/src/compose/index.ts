/** compose: whole years, proposed for what an organiser asks, each with the proof that it keeps it. */
export { composeYears, NoYear, OFFERED } from './compose';
export { givings, quiltSizes, type ComposedYear, type Giving, type Kept, type Lesson, type QuiltSize, type Wish } from './wish';
export { proveYear, type Amount, type Proof, type ProvenPacket } from './proof';
export { readyNote, readyTitle, readyYears, type ReadyYear } from './ready-years';
