/** The path of the browser that tests and pictures are made with. */
export const CHROMIUM: string;
export function postgresPrograms(): Promise<string>;
