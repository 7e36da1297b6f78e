<!-- A word to those who are behind, in the organiser's own words: it goes to whoever has an address and got none this week. -->
<script lang="ts">
  import { words } from './words';
  import type { PostOffice } from '$lib/server/mail/post-office';

  interface Props {
    behind: PostOffice['behind'];
    /** Sends it; how many letters that were, or undefined where the server did not answer. */
    onsend: (text: string) => Promise<number | undefined>;
  }
  let { behind, onsend }: Props = $props();
  let text = $state(words.usualReminder as string);
  let told = $state('');
  let sending = $state(false);
  const waiting = $derived(behind.filter((p) => p.mail && !p.written));
  const without = $derived(behind.filter((p) => !p.mail).length);
  const written = $derived(behind.filter((p) => p.written).length);

  async function send(e: SubmitEvent) {
    e.preventDefault();
    sending = true;
    const letters = await onsend(text);
    sending = false;
    told = letters === undefined ? '' : words.remindersSent(letters);
  }
</script>

<section class="mt-8" aria-label={words.peopleBehind}>
  <h2 class="border-b-2 border-ink pb-1 text-head">{words.peopleBehind}</h2>
  {#if behind.length === 0}
    <p class="mt-2 text-quiet">{words.nobodyIsBehind}</p>
  {:else}
    <p class="mt-2 max-w-prose">
      {words.behindAre(behind.length)} <span class="text-quiet">{behind.map((p) => p.name).join(', ')}.</span>
    </p>
    <form class="no-print mt-2 max-w-prose" onsubmit={(e) => void send(e)}>
      <label class="block"
        ><span class="block text-note text-quiet">{words.whatYouWrite}</span><textarea
          class="textarea"
          rows="3"
          maxlength="4000"
          bind:value={text}></textarea></label
      >
      <p class="mt-2 flex flex-wrap items-center gap-3">
        <button class="btn btn-primary" disabled={sending || waiting.length === 0 || !text.trim()}
          >{words.sendTo(waiting.length)}</button
        >
        <span class="text-note text-quiet"
          >{written > 0 ? words.writtenThisWeek(written) : ''} {without > 0 ? words.withoutAddress(without) : ''}</span
        >
      </p>
    </form>
  {/if}
  {#if told}<p class="mt-2" role="status">{told}</p>{/if}
</section>
