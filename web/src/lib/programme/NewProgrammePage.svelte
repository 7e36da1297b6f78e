<!-- A programme from nothing: what it is called, how long it goes, and in which colours. Everything can be changed later. -->
<script lang="ts">
  import { words } from './words';
  import { goto } from '$app/navigation';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import Tools from '$lib/frame/Tools.svelte';
  import { castTitle, fabricsOfCast, readyCasts } from '@aggrega/core/fabric';
  import type { ProgrammeFile } from '@aggrega/core/programme';
  import { copiedProgramme, isDay, newProgramme, releaseDays } from '@aggrega/core/running';

  let { data }: { data: { programmes: { slug: string; title: string }[] } } = $props();

  const today = new Date().toISOString().slice(0, 10);
  let title = $state('');
  let unit: 'in' | 'cm' = $state('in');
  let months = $state(12);
  let kind: 'weekly' | 'fortnightly' | 'monthly' = $state('monthly');
  let start = $state(today);
  let colourways = $state('');
  let letters = $state(4);
  /** A year to copy; '' for none. */
  let from = $state('');
  const copied = $derived(data.programmes.find((p) => p.slug === from));
  let cast = $state(readyCasts[0]!.id as string);
  const chosenCast = $derived(readyCasts.findIndex((c) => c.id === cast));
  let trouble = $state('');
  let working = $state(false);
  const locale = $derived(page.data.locale as string);
  const names = $derived(
    colourways
      .split(',')
      .map((c) => c.trim())
      .filter(Boolean),
  );
  const days = $derived(
    isDay(start) && months >= 1 && months <= 60 ? releaseDays({ cadence: { kind, start, last: false }, away: [] }, months) : [],
  );
  const nameOf = (day: string) => dayText(day, locale, kind === 'monthly' ? 'month' : 'plain');

  function fromNothing(): ProgrammeFile {
    const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
    const own = names.length > 0 ? names : [words.main];
    return newProgramme({
      ...{ title: title.trim(), unit, months, kind, start, letters, timeZone, nameOf, colourways: own },
      casts: own.map((_, i) => (chosenCast < 0 ? undefined : readyCasts[(chosenCast + i) % readyCasts.length])),
    });
  }
  async function copyOf(slug: string): Promise<ProgrammeFile | undefined> {
    const answer = await fetch(`/programmes/${slug}/document`).catch(() => undefined);
    return answer?.ok ? copiedProgramme((await answer.json()) as ProgrammeFile, { title: title.trim(), start }) : undefined;
  }

  async function make(e: SubmitEvent) {
    e.preventDefault();
    trouble = '';
    working = true;
    const file = copied ? await copyOf(copied.slug) : fromNothing();
    if (!file) {
      working = false;
      trouble = words.weCantReachTheServerNothingWas;
      return;
    }
    const answer = await fetch('/api/import', {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify(file),
    }).catch(() => undefined);
    const said = (await answer?.json().catch(() => undefined)) as
      { slug?: string; errors?: { message: string }[]; message?: string } | undefined;
    working = false;
    if (answer?.ok && said?.slug) await goto(`/programmes/${said.slug}${copied ? '' : '/months/m1/draft'}`);
    else trouble = said?.errors?.map((p) => p.message).join('; ') ?? said?.message ?? words.weCantReachTheServerNothingWas;
  }
</script>

<svelte:head><title>{words.aNewProgrammeAggrega}</title></svelte:head>

<main class="mx-auto max-w-3xl px-7 pb-16">
  <header class="flex items-end gap-4 pt-8">
    <div class="mr-auto">
      <p><a class="link text-quiet" href="/">{words.desk}</a></p>
      <h1 class="text-title">{words.aNewProgramme}</h1>
    </div>
    <Tools />
  </header>
  <form class="mt-6 border-t-2 border-ink pt-5" onsubmit={(e) => void make(e)}>
    <div class="grid grid-cols-2 gap-x-8 gap-y-4 max-[640px]:grid-cols-1">
      <label class="col-span-full block"
        ><span class="block text-note text-quiet">{words.name}</span><input
          class="input text-lead"
          bind:value={title}
          required
          maxlength="200"
        /></label
      >
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
      {#if !copied}
        <label class="block"
          ><span class="block text-note text-quiet">{words.release}</span>
          <select class="select" bind:value={kind}
            ><option value="monthly">{words.monthly}</option><option value="fortnightly">{words.fortnightly}</option><option
              value="weekly">{words.weekly}</option
            ></select
          ></label
        >
        <label class="block"
          ><span class="block text-note text-quiet">{words.numberOfReleases}</span><input
            class="input"
            type="number"
            min="1"
            max="60"
            bind:value={months}
            required
          /></label
        >
      {/if}
      <label class="block"
        ><span class="block text-note text-quiet">{words.firstRelease}</span><input
          class="input"
          type="date"
          bind:value={start}
          required
        /></label
      >
      {#if !copied}
        <label class="block"
          ><span class="block text-note text-quiet">{words.measuredIn}</span>
          <select class="select" bind:value={unit}
            ><option value="in">{words.inches}</option><option value="cm">{words.centimetres}</option></select
          ></label
        >
        <label class="block"
          ><span class="block text-note text-quiet">{words.colourwaysSeparateWithCommas}</span><input
            class="input"
            bind:value={colourways}
            placeholder={words.frostHarvestDusk}
            maxlength="300"
          /></label
        >
        <label class="block"
          ><span class="block text-note text-quiet"
            >{words.fabricsInEachColourwayA(letters, String.fromCharCode(64 + letters))}</span
          ><input class="input" type="number" min="2" max="8" bind:value={letters} required /></label
        >
        <fieldset class="col-span-full">
          <legend class="text-note text-quiet">{words.fabricsToBeginWith}</legend>
          <div class="mt-1 grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-2">
            {#each [...readyCasts.map((c) => c.id), ''] as const as id (id)}
              {@const ready = readyCasts.find((c) => c.id === id)}
              <label
                class="cursor-pointer border-b-4 px-1 pt-1 pb-1.5 hover:bg-edge has-checked:border-weld has-checked:font-semibold has-focus-visible:outline-3 {cast ===
                id
                  ? ''
                  : 'border-transparent'}"
              >
                <input type="radio" class="sr-only" name="cast" value={id} bind:group={cast} />
                <span class="flex h-6" aria-hidden="true">
                  {#each ready ? fabricsOfCast(ready, letters >= 2 && letters <= 8 ? letters : 4) : [] as [name, colour] (name)}
                    <span class="cloth flex-1" style:background={colour}></span>
                  {:else}<span class="cloth flex-1" style:background="#b9c4cf"></span><span
                      class="cloth flex-1"
                      style:background="#53708c"
                    ></span>{/each}
                </span>
                {ready ? castTitle(ready) : words.plainGreys}
              </label>
            {/each}
          </div>
          {#if names.length > 1}<p class="mt-1 text-note text-quiet">{words.eachFurtherColourway}</p>{/if}
        </fieldset>
      {/if}
    </div>
    {#if copied}
      <p class="mt-4 max-w-prose text-quiet">{words.aCopyHas(copied.title)}</p>
    {:else if days.length > 0}
      <p class="mt-4 text-quiet">
        {words.fromToEveryLetterStarts(dayText(days[0]!.day, locale), dayText(days.at(-1)!.day, locale))}
      </p>
    {/if}
    {#if trouble}<p class="mt-3 text-madder" role="alert">{trouble}</p>{/if}
    <p class="mt-6 flex gap-2">
      <button class="btn btn-primary" disabled={working || !title.trim()}
        >{copied ? words.createTheCopy : words.createAndDrawTheFirst}</button
      >
      <a class="btn" href="/programmes/import">{words.importFromAFileInstead}</a>
    </p>
  </form>
</main>
