<!-- What could not be shown: why, and a way on. -->
<script lang="ts">
  import { page } from '$app/state';

  const missing = $derived(page.status === 404);
  /** A participant has a page of their own, and none of the organiser's. */
  const participant = $derived(page.url.pathname.startsWith('/p/'));
  const said = $derived(page.error?.message ?? '');
  const title = $derived(missing && (said === '' || said === 'Not Found') ? 'We can’t find that page.' : said);
</script>

<svelte:head><title>Aggrega</title></svelte:head>
<main class="mx-auto max-w-xl px-6 py-24">
  <p class="text-quiet">{page.status}</p>
  <h1 class="mt-1 text-title">{title || 'Something went wrong on our side.'}</h1>
  {#if missing}
    <p class="mt-3 max-w-prose">
      {participant
        ? 'A long link is sometimes cut in two at the end of a line. Copy all of it from your email.'
        : 'It may have been archived or deleted, or the address may be mistyped.'}
    </p>
  {/if}
  <p class="mt-6 flex gap-4">
    {#if !missing}<a class="act first" href={page.url.pathname + page.url.search} data-sveltekit-reload>Try again</a>{/if}
    {#if !participant}<a class="act" class:first={missing} href="/" data-sveltekit-reload>All programmes</a>{/if}
  </p>
</main>
