export function generate(): Promise<string>;
export const target: URL;
