<script lang="ts">
  import { words } from './words';
  import { invalidateAll } from '$app/navigation';
  import { dayText } from '$lib/look/day-text';
  import type { ProgrammeSummary } from '$lib/server/programme/programmes';
  import Tools from '$lib/frame/Tools.svelte';
  import Plus from '@lucide/svelte/icons/plus';
  import UsersRound from '@lucide/svelte/icons/users-round';
  import Upload from '@lucide/svelte/icons/upload';

  let { data }: { data: App.PageData & { programmes: ProgrammeSummary[] } } = $props();
  const kept = $derived(data.programmes.filter((p) => !p.removed));
  const aside = $derived(data.programmes.filter((p) => p.removed));
  let trouble = $state('');

  async function putAside(slug: string, removed: boolean) {
    trouble = '';
    const response = await fetch(`/api/programmes/${slug}/removal`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ removed }),
    }).catch(() => undefined);
    if (!response?.ok) trouble = words.weCantReachTheServer;
    await invalidateAll();
  }
</script>

<svelte:head><title>{words.programmesAggrega}</title></svelte:head>

<main class="mx-auto max-w-5xl px-7 pb-16">
  <header class="flex items-end gap-4 pt-8">
    <div class="mr-auto">
      <p class="text-quiet"><span class="numeral">{words.aggrega}</span>{data.who?.house ? ` · ${data.who.house}` : ''}</p>
      <h1 class="text-title">{words.programmes}</h1>
    </div>
    <Tools />
    {#if data.who?.role === 'owner'}<a class="btn" href="/house"><UsersRound size={17} /> {words.team}</a>{/if}
    <a class="btn" href="/programmes/import"><Upload size={17} /> {words.importAProgramme}</a>
    <a class="btn {kept.length === 0 ? 'btn-primary' : ''}" href="/programmes/new"><Plus size={17} /> {words.newProgramme}</a>
  </header>
  {#if data.who?.demo}
    <p class="mt-4 text-note text-quiet">
      {words.youreInTheDemoAs(data.who.name)}
      <a class="link" href="/sign-in">{words.signIn}</a>{words.or} <a class="link" href="/begin">{words.setUpYourOwnShop}</a>.
    </p>
  {/if}
  {#if trouble}<p class="mt-4 text-madder" role="alert">{trouble}</p>{/if}

  {#if kept.length === 0}
    <p class="mt-8 max-w-prose text-lead">
      {words.thereIsNoProgrammeHere}<code>{words.nameAggregaJson}</code>{words.withItsBlocksFabricsMonths}
    </p>
  {/if}
  <ul class="mt-6 border-t-2 border-ink">
    {#each kept as { slug, title, updated, people, colourways, months } (slug)}
      <li class="flex items-center gap-6 border-b border-rule py-4">
        <a class="min-w-0 flex-1 hover:underline" href="/programmes/{slug}">
          <span class="numeral block text-head">{title}</span>
          <span class="text-quiet"
            >{words.peopleInSaved(
              people,
              colourways.join(', '),
              dayText(updated.toISOString().slice(0, 10), data.locale),
            )}</span
          >
        </a>
        <span class="flex gap-1" aria-hidden="true">
          {#each months as colour, i (i)}
            <span
              class="cloth block h-4 w-4 rounded-full {colour ? '' : 'border border-dashed border-quiet'}"
              style:background={colour}
            ></span>
          {/each}
        </span>
        <button class="link text-note text-quiet" onclick={() => putAside(slug, true)}>{words.archive}</button>
      </li>
    {/each}
  </ul>
  {#if aside.length > 0}
    <h2 class="mt-10 text-lead text-walnut">{words.archived}</h2>
    <ul class="border-t border-rule">
      {#each aside as { slug, title } (slug)}
        <li class="flex gap-6 border-b border-rule py-2">
          <span class="mr-auto text-walnut">{title}</span>
          <button class="link text-note" onclick={() => putAside(slug, false)}>{words.restore}</button>
        </li>
      {/each}
    </ul>
  {/if}
</main>
