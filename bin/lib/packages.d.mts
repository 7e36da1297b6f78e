export function postgresPrograms(): Promise<string>;
