<!-- A programme from nothing: what it is called, how long it goes, and in which colours. Everything can be changed later. -->
<script lang="ts">
  import { words } from './words';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import Tools from '$lib/frame/Tools.svelte';
  import type { ProgrammeFile } from '@aggrega/core/programme';
  import { copiedProgramme } from '@aggrega/core/running';
  import CastChoice from './CastChoice.svelte';
  import Field from '$lib/look/Field.svelte';
  import ReadyYears from './ReadyYears.svelte';
  import { YearDraft, addProgramme } from './year-draft.svelte';
  import YearFields from './YearFields.svelte';

  let { data }: { data: { programmes: { slug: string; title: string }[] } } = $props();

  const locale = $derived(page.data.locale as string);
  const year = new YearDraft(() => locale);
  /** A year to copy; '' for none. */
  let from = $state('');
  const copied = $derived(data.programmes.find((p) => p.slug === from));
  let trouble = $state('');
  let working = $state(false);

  async function copyOf(slug: string): Promise<ProgrammeFile | undefined> {
    const { title, start } = year;
    const answer = await fetch(`/programmes/${slug}/document`).catch(() => undefined);
    return answer?.ok ? copiedProgramme((await answer.json()) as ProgrammeFile, { title: title.trim(), start }) : undefined;
  }

  async function make(e: SubmitEvent) {
    e.preventDefault();
    trouble = '';
    working = true;
    const file = copied ? await copyOf(copied.slug) : year.document();
    const added = file ? await addProgramme(file) : { trouble: words.weCantReachTheServerNothingWas };
    working = false;
    if ('slug' in added) await goto(`/programmes/${added.slug}${copied ? '' : '/months/m1/draft'}`);
    else trouble = added.trouble;
  }
</script>

<svelte:head><title>{words.aNewProgrammeAggrega}</title></svelte:head>

<main id="page" tabindex="-1" class="mx-auto max-w-3xl px-7 pb-16">
  <header class="flex items-end gap-4 pt-8">
    <div class="mr-auto">
      <p><a class="link text-quiet" href="/">{words.desk}</a></p>
      <h1 class="text-title">{words.aNewProgramme}</h1>
    </div>
    <Tools />
  </header>
  <ReadyYears />
  <h2 class="mt-10 border-b border-ink pb-1 text-lead">{words.orStartFromNothing}</h2>
  <form class="mt-4" onsubmit={(e) => void make(e)}>
    <div class="grid grid-cols-2 gap-x-8 gap-y-4 max-[40rem]:grid-cols-1">
      <Field label={words.name} class="col-span-full" bind:value={year.title} />
      {#if data.programmes.length > 0}
        <label class="col-span-full block"
          ><span class="block text-note text-quiet">{words.beginWith}</span>
          <select class="select" bind:value={from}
            ><option value="">{words.anEmptyYear}</option>{#each data.programmes as p (p.slug)}<option value={p.slug}
                >{words.aCopyOf(p.title)}</option
              >{/each}</select
          ></label
        >
      {/if}
      {#if copied}
        <Field label={words.firstRelease} type="date" bind:value={year.start} />
      {:else}
        <YearFields {year} />
        <fieldset class="col-span-full">
          <legend class="text-note text-quiet">{words.fabricsToBeginWith}</legend>
          <CastChoice bind:cast={year.cast} letters={year.letters} />
          {#if year.names.length > 1}<p class="mt-1 text-note text-quiet">{words.eachFurtherColourway}</p>{/if}
        </fieldset>
      {/if}
    </div>
    {#if copied}
      <p class="mt-4 max-w-prose text-quiet">{words.aCopyHas(copied.title)}</p>
    {:else if year.days.length > 0}
      <p class="mt-4 text-quiet">
        {words.fromToEveryLetterStarts(dayText(year.days[0]!.day, locale), dayText(year.days.at(-1)!.day, locale))}
      </p>
    {/if}
    {#if trouble}<p class="mt-3 text-madder" role="alert">{trouble}</p>{/if}
    <p class="mt-6 flex gap-2">
      <button class="btn btn-primary" disabled={working || !year.title.trim()}
        >{copied ? words.createTheCopy : words.createAndDrawTheFirst}</button
      >
      <a class="btn" href="/programmes/import">{words.importFromAFileInstead}</a>
    </p>
  </form>
</main>
