<!-- The desk's list elsewhere: in a calendar, and by mail in the morning. -->
<script lang="ts">
  import { words } from './words';
  import { enhance } from '$app/forms';
  import { page } from '$app/state';

  interface Props {
    feed: string;
    letter: 'never' | 'pressing' | 'weekly';
    message: string;
  }
  let { feed, letter, message }: Props = $props();
  const address = $derived(new URL(feed, page.url).href.replace(/^https?:/, 'webcal:'));
  const CHOICES = [
    ['never', words.never],
    ['pressing', words.pressing],
    ['weekly', words.weekly],
  ] as const;
</script>

<section class="no-print mt-8" aria-label={words.elsewhere}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.elsewhere}</h2>
  <form
    method="post"
    action="?/letter"
    class="mt-2"
    use:enhance={() =>
      ({ update }) =>
        update({ reset: false })}
  >
    <label class="block"
      ><span class="block text-note text-quiet">{words.byMail}</span>
      <select class="select" name="letter" value={letter} onchange={(e) => e.currentTarget.form!.requestSubmit()}>
        {#each CHOICES as [id, name] (id)}<option value={id}>{name}</option>{/each}
      </select></label
    >
    <noscript><button class="btn mt-2">{words.save}</button></noscript>
    {#if message}<p class="mt-1 text-note text-madder" role="alert">{message}</p>{/if}
  </form>
  <p class="mt-3 text-note text-quiet">{words.subscribe}</p>
  <p class="text-note"><a class="link break-all" href={address}>{address}</a></p>
</section>
