/** Ids as the database gives them. */
const UUID = /^[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}$/;

/** Whether a text can be an id: the database refuses to look for anything else. */
export const isId = (text: string): boolean => UUID.test(text);

/** The same for the schema of what a door is sent. */
export const ID = { type: 'string', pattern: UUID.source } as const;
