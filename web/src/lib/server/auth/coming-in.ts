/** Coming in, however somebody showed who she is. */
import type { RequestEvent } from '@sveltejs/kit';
import { isNewDevice, tellOfDevice } from './notices';
import { openSession } from './sessions';

/** Signs her in on the device that asks; of one that is new she is told by letter. */
export async function comeIn({ request, cookies, url }: RequestEvent, account: string): Promise<void> {
  const device = request.headers.get('user-agent') ?? '';
  const isNew = await isNewDevice(account, device);
  await openSession(account, { cookies, url, device });
  if (isNew) void tellOfDevice(account, device);
}
