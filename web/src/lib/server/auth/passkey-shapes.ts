/** The shape of what devices sign, as browsers send it; the library checks the rest. */

export const text = (maxLength: number) => ({ type: 'string', maxLength, pattern: '^[^\\u0000]*$' });

/** One of the two steps of a door. */
export const step = (name: string, properties: object) => ({
  type: 'object',
  required: ['step', ...Object.keys(properties)],
  additionalProperties: false,
  properties: { step: { const: name }, ...properties },
});

/** A device's answer, with what it signed in `response`. */
export const signature = (response: object) => ({
  type: 'object',
  required: ['id', 'rawId', 'type', 'response', 'clientExtensionResults'],
  additionalProperties: false,
  properties: {
    id: { ...text(1500), minLength: 1 },
    rawId: text(1500),
    type: { const: 'public-key' },
    authenticatorAttachment: text(40),
    clientExtensionResults: { type: 'object', maxProperties: 20 },
    response: { type: 'object', additionalProperties: false, ...response },
  },
});
