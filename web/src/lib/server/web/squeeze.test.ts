import { brotliDecompressSync, gunzipSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import { squeezed } from './squeeze';

const sheet = '<p>Cut 4 squares of 3 7/8 in, and press towards Kale.</p>'.repeat(200);
const ask = (encoding?: string) => new Request('http://here/', { headers: encoding ? { 'accept-encoding': encoding } : {} });
const page = (body: BodyInit | null = sheet, headers: Record<string, string> = {}) =>
  new Response(body, { status: 200, headers: { 'content-type': 'text/html', ...headers } });
const bytes = async (response: Response) => Buffer.from(await response.arrayBuffer());

describe('an answer on its way', () => {
  it('is squeezed as whoever asks can read it, and is the same text again', async () => {
    const ways = { 'gzip, deflate, br': brotliDecompressSync, 'gzip;q=1.0': gunzipSync, 'gzip, br;q=0': gunzipSync };
    for (const [accepted, open] of Object.entries(ways)) {
      const answer = await squeezed(ask(accepted), page(sheet, { 'x-own': 'kept', vary: 'accept' }));
      const body = await bytes(answer);
      expect(open(body).toString()).toBe(sheet);
      expect(body.length).toBeLessThan(sheet.length / 5);
      expect(answer.headers.get('content-length')).toBe(String(body.length));
      expect(answer.headers.get('x-own')).toBe('kept');
      expect(answer.headers.get('vary')).toBe('accept, accept-encoding');
    }
  });

  it('stays as it is where nobody asks for less, where it is short, and where it is no text or squeezed already', async () => {
    const same = async (request: Request, response: Response, body: string) => {
      const answer = await squeezed(request, response);
      expect((await bytes(answer)).toString()).toBe(body);
      return answer.headers.get('content-encoding');
    };
    expect(await same(ask(), page(), sheet)).toBeNull();
    expect(await same(ask('identity'), page(), sheet)).toBeNull();
    expect(await same(ask('br'), page('short'), 'short')).toBeNull();
    expect(await same(ask('br'), page(sheet, { 'content-type': 'application/pdf' }), sheet)).toBeNull();
    expect(await same(ask('br'), page(sheet, { 'content-type': 'text/event-stream' }), sheet)).toBeNull();
    expect(await same(ask('br'), page(sheet, { 'content-encoding': 'gzip' }), sheet)).toBe('gzip');
    const nothing = await squeezed(ask('br'), new Response(null, { status: 304, headers: { 'content-type': 'text/html' } }));
    expect(nothing.status).toBe(304);
  });

  it('keeps its status, whatever it says', async () => {
    const refused = await squeezed(ask('br'), new Response(sheet, { status: 404, headers: { 'content-type': 'text/html' } }));
    expect(refused.status).toBe(404);
    expect(brotliDecompressSync(await bytes(refused)).toString()).toBe(sheet);
  });
});
