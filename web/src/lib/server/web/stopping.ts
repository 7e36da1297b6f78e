/** Whether this process was told to end: it finishes what it has begun, and asks for nothing more. */
let told = false;
process.once('SIGTERM', () => (told = true));
process.once('SIGINT', () => (told = true));

export const stopping = (): boolean => told;
