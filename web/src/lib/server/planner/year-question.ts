/** Questions of the pages of the year, as they come from outside. */
import { kitKinds } from '@aggrega/core/programme';
import { textReader } from '../web/door';
import type { YearQuestion } from '$lib/plan/year-work';

const id = { type: 'string', maxLength: 80 };
const count = { type: 'integer', minimum: 0, maximum: 100_000 };
const people = { type: 'object', maxProperties: 60, additionalProperties: count };
const asked = (kind: YearQuestion['kind'], properties: object, required: string[]) => ({
  type: 'object',
  additionalProperties: false,
  required: ['kind', ...required],
  properties: { kind: { const: kind }, ...properties },
});

const readQuestion = textReader<YearQuestion>({
  anyOf: [
    asked('stock', { packets: { type: 'array', maxItems: 200, items: count }, people }, ['packets', 'people']),
    asked('packets', { colourway: id, size: id, kit: { enum: kitKinds } }, ['colourway']),
    asked('figures', { people }, ['people']),
    asked('cost', { colourway: id }, ['colourway']),
    asked('scatter', { colourway: id, size: id }, ['colourway']),
    asked('month', { month: id, colourway: id, people }, ['month', 'colourway', 'people']),
    asked('readings', { month: id, colourway: id, people: count }, ['month', 'colourway', 'people']),
  ],
});

/** The question that a text asks; 400 where it asks none. */
export const yearQuestion = (text: string | null): YearQuestion => readQuestion(text ?? '');
