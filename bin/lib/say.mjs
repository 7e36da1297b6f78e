// What the commands tell the person who runs them: one plain sentence each.

/** Prints a line of progress. */
export function say(text) {
  console.log(text);
}

/** Something that only the person can put right; it is printed without a stack and ends the command. */
export class Stop extends Error {}

/** Runs a command's main function; a Stop becomes its sentence and exit code 1. */
export async function run(main) {
  try {
    process.exitCode = (await main()) ?? 0;
  } catch (error) {
    if (!(error instanceof Stop)) throw error;
    console.error(`\n${error.message}`);
    process.exitCode = 1;
  }
}
