import { fromThisMachine } from '$lib/server/web/gate';
import { metricsText } from '$lib/server/web/metrics';
import { error } from '@sveltejs/kit';
import { createHash, timingSafeEqual } from 'node:crypto';
import type { RequestHandler } from './$types';

/** Counts for a monitor: at this machine, or with the key that AGGREGA_METRICS_KEY sets. */
export const GET: RequestHandler = async (event) => {
  const key = process.env.AGGREGA_METRICS_KEY;
  const given = event.request.headers.get('authorization')?.replace(/^Bearer /, '') ?? '';
  if (!fromThisMachine(event) && !(key && alike(key, given))) error(404, 'Not found');
  const { text, type } = await metricsText();
  return new Response(text, { headers: { 'content-type': type } });
};

const digest = (text: string) => createHash('sha256').update(text).digest();
const alike = (a: string, b: string) => timingSafeEqual(digest(a), digest(b));
