<!-- A programme on the desk: its quilt, its months with their state, and what comes next. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { putAside } from './archiving';
  import { releaseStates } from '$lib/frame/words';
  import { dayText } from '$lib/look/day-text';
  import MonthDot from '$lib/frame/MonthDot.svelte';
  import { organises } from '$lib/look/role-name';
  import type { DeskProgramme } from '$lib/server/desk/desk';

  let { programme }: { programme: DeskProgramme } = $props();
  const { slug, title, people, months, next, quilt } = $derived(programme);
  const home = $derived(`/programmes/${slug}`);
  let trouble = $state('');
  async function archive() {
    trouble = (await putAside(slug, true)) ? '' : words.weCantReachTheServer;
  }
</script>

<article class="grid grid-cols-[5.5rem_minmax(0,1fr)] gap-x-4 border-b border-rule py-4" data-programme={slug}>
  <a class="block" href={home} aria-hidden="true" tabindex="-1">
    {#if quilt}<img class="h-22 w-22 object-contain" src="{home}/quilt/files/quilt.svg" alt="" loading="lazy" />
    {:else}<span class="block h-22 w-22 border border-dashed border-quiet"></span>{/if}
  </a>
  <div class="min-w-0">
    <h3 class="text-lead"><a class="hover:underline" href={home}>{title}</a></h3>
    <p class="text-note text-quiet">
      {next ? words.peopleNext(people, next.name, dayText(next.day, page.data.locale, 'weekday')) : words.peopleNoNext(people)}
    </p>
    {#if programme.trouble}<p class="text-note text-madder" role="alert">{programme.trouble}</p>{/if}
    <ol class="mt-1.5 flex flex-wrap">
      {#each months as { id, name, colour, state } (id)}
        <li>
          <a href="{home}/months/{id}/draft" title="{name}, {releaseStates[state]}" aria-label="{name}, {releaseStates[state]}"
            ><MonthDot class="h-6 w-6" {colour} {state} /></a
          >
        </li>
      {/each}
    </ol>
    {#if organises(page.data.who?.role)}
      <button class="link no-print mt-1 text-note text-quiet" onclick={() => void archive()}>{words.archive}</button>
    {/if}
    {#if trouble}<p class="text-note text-madder" role="alert">{trouble}</p>{/if}
  </div>
</article>
