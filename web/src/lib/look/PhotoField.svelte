<!-- A photo that is chosen and sent; what the server makes of it, or why it was not taken. -->
<script lang="ts" generics="Kept">
  import { words } from './words';
  interface Props {
    label: string;
    /** Where it is sent to. */
    address: string;
    /** Said while it is under way. */
    working: string;
    onkept: (kept: Kept) => void;
    /** A photo was chosen: what was shown of the one before no longer holds. */
    onbegin?: () => void;
  }
  let { label, address, working, onkept, onbegin }: Props = $props();
  let sending = $state(false);
  let trouble = $state('');

  async function send(input: HTMLInputElement) {
    const [photo] = input.files ?? [];
    if (!photo) return;
    [sending, trouble] = [true, ''];
    onbegin?.();
    try {
      const response = await fetch(address, {
        method: 'POST',
        body: photo,
        headers: { 'content-type': 'application/octet-stream' },
      });
      const answer = (await response.json()) as Kept & { message: string };
      if (response.ok) onkept(answer);
      else trouble = answer.message;
    } catch {
      trouble = words.weCantReachTheServer;
    } finally {
      sending = false;
      input.value = '';
    }
  }
</script>

<label class="block">
  <span class="text-note text-quiet">{words.jpegPngOrWebp(label)}</span>
  <input
    class="file-input file:mr-2 file:border file:border-ink file:px-2"
    type="file"
    accept="image/jpeg,image/png,image/webp"
    disabled={sending}
    onchange={(e) => void send(e.currentTarget)}
  />
</label>
{#if sending}<p class="mt-1 text-note text-quiet" role="status">{working}</p>{/if}
{#if trouble}<p class="mt-1 text-note text-madder" role="alert">{trouble}</p>{/if}
