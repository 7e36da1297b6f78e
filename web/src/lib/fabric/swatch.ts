/** A square of cloth on its way to the server, which reads and keeps it. */
import type { PhotoReading } from '@aggrega/core/fabric';
import { words } from './words';

/** Pixels to a side. */
export const SWATCH = 512;

export type SentSwatch = PhotoReading & { photo: string };

/** What the server makes of it, or why it was not taken. */
export async function sendSwatch(picture: Blob): Promise<SentSwatch | { message: string }> {
  const headers = { 'content-type': 'application/octet-stream' };
  const answer = await fetch('/api/swatches', { method: 'POST', headers, body: picture }).catch(() => undefined);
  const said = (await answer?.json().catch(() => undefined)) as (SentSwatch & { message: string }) | undefined;
  return answer?.ok && said ? said : { message: said?.message ?? words.weCantReachTheServerSquares };
}
