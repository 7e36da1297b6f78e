<!-- A whole year from what is asked of it: quilts to choose from, each with its months and its proof. -->
<script lang="ts">
  import { words } from './words';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import Tools from '$lib/frame/Tools.svelte';
  import { readyYears } from '@aggrega/core/compose';
  import { onMount } from 'svelte';
  import type { ComposeQuestion } from './compose.worker';
  import { Composer } from './composer.svelte';
  import { WishDraft } from './wish-draft.svelte';
  import WishForm from './WishForm.svelte';
  import { YearDraft, addProgramme } from './year-draft.svelte';
  import YearDetail from './YearDetail.svelte';
  import YearOffers from './YearOffers.svelte';

  const year = new YearDraft(() => page.data.locale as string);
  const wish = new WishDraft(year);
  const composer = new Composer();
  let chosen = $state(0);
  let keep: string[] = $state([]);
  let creating = $state(false);
  let trouble = $state('');
  const offer = $derived(composer.offers[chosen]);

  /** What was asked last: other years are sought for the same, whatever stands in the form by now. */
  let last: ComposeQuestion | undefined;

  function ask() {
    const asked = wish.wish();
    trouble = 'trouble' in asked ? asked.trouble : '';
    // Plain data: a worker takes no state of a page.
    if (!('trouble' in asked)) put($state.snapshot({ base: wish.base(), wish: asked }));
  }
  function put(question: ComposeQuestion) {
    last = question;
    trouble = '';
    chosen = 0;
    if (!question.kept) keep = [];
    void composer.ask(question);
  }
  /** Other blocks for the months that are not kept, or other years altogether. */
  function again() {
    wish.seed = (wish.seed || 0) + 1;
    const { base, wish: asked } = last!;
    const kept = keep.length > 0 ? { file: offer!.year.file, months: $state.snapshot(keep) } : undefined;
    put({ base, wish: { ...asked, seed: wish.seed }, ...(kept && { kept }) });
  }
  async function create() {
    creating = true;
    // The name may have been typed since.
    const added = await addProgramme({ ...offer!.year.file, title: year.title.trim() || words.aNewProgramme });
    creating = false;
    if ('slug' in added) await goto(`/programmes/${added.slug}`);
    else trouble = added.trouble;
  }

  onMount(() => {
    const ready = readyYears.find((r) => r.id === page.url.searchParams.get('from'));
    if (ready) {
      wish.take(ready);
      ask();
    }
    return () => composer.stop();
  });
</script>

<svelte:head><title>{words.composeAYearAggrega}</title></svelte:head>

<main id="page" tabindex="-1" class="mx-auto max-w-[90rem] px-7 pb-16">
  <header class="flex items-end gap-4 pt-8">
    <div class="mr-auto">
      <p><a class="link text-quiet" href="/programmes/new">{words.aNewProgramme}</a></p>
      <h1 class="text-title">{words.composeAYear}</h1>
    </div>
    <Tools />
  </header>
  <div
    class="mt-5 grid grid-cols-[21rem_minmax(0,1fr)] gap-x-10 border-t-2 border-ink pt-5 max-[56.25rem]:grid-cols-1 print:block"
  >
    <div class="no-print">
      <WishForm {wish} working={composer.working} onask={() => ask()} onstop={() => composer.stop()} />
    </div>
    <section aria-label={words.yearsFound} aria-busy={composer.working}>
      {#if trouble || composer.trouble}
        <p class="border-l-4 border-madder pl-3 text-madder" role="alert">{trouble || composer.trouble}</p>
      {/if}
      {#if offer}
        <YearOffers offers={composer.offers} bind:chosen />
        <p class="no-print mt-4 flex flex-wrap items-center gap-2">
          <button class="btn btn-primary" onclick={() => void create()} disabled={creating || !offer.proof}
            >{words.createThisProgramme}</button
          >
          <button class="btn" onclick={again} disabled={creating}
            >{keep.length > 0 ? words.otherMonths(keep.length) : words.showOthers}</button
          >
          <label class="flex items-center gap-2 text-note text-quiet" title={words.sameNumberSameYears}
            >{words.set}<input class="input w-20" type="number" min="1" max="999999" bind:value={wish.seed} /></label
          >
        </p>
        {#key offer.year}<YearDetail {offer} bind:keep />{/key}
      {:else if composer.working}
        <p class="text-quiet" role="status">{words.composing}</p>
      {:else}
        <div class="max-w-prose">
          <h2 class="text-lead">{words.whatYouGet}</h2>
          <p class="mt-2">{words.whatYouGetIs}</p>
        </div>
      {/if}
    </section>
  </div>
</main>
