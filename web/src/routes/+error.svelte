<!-- What could not be shown: why, and a way on. -->
<script lang="ts">
  import { words } from '$lib/frame/words';
  import { page } from '$app/state';

  const missing = $derived(page.status === 404);
  /** A participant has a page of their own, and none of the organiser's. */
  const participant = $derived(page.url.pathname.startsWith('/p/'));
  const said = $derived(page.error?.message ?? '');
  const title = $derived(missing && (said === '' || said === 'Not Found') ? words.weCantFindThatPage : said);
</script>

<svelte:head><title>{words.aggrega2}</title></svelte:head>
<main id="page" tabindex="-1" class="mx-auto max-w-xl px-6 py-24">
  <p class="text-quiet">{page.status}</p>
  <h1 class="mt-1 text-title">{title || words.somethingWentWrongOnOur}</h1>
  {#if missing}
    <p class="mt-3 max-w-prose">
      {participant ? words.aLongLinkIsSometimes : words.itMayHaveBeenArchived}
    </p>
  {/if}
  <p class="mt-6 flex gap-4">
    {#if !missing}<a class="btn btn-primary" href={page.url.pathname + page.url.search} data-sveltekit-reload
        >{words.tryAgain}</a
      >{/if}
    {#if !participant}<a class="btn" class:btn-primary={missing} href="/" data-sveltekit-reload>{words.allProgrammes}</a>{/if}
  </p>
</main>
