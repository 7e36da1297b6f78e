export function prepareDatabase(ownerUrl: string): Promise<string>;
