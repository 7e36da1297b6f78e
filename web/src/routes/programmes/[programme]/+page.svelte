<script lang="ts">
  import { words } from '$lib/programme/words';
  import { monthTitle } from '@aggrega/core/programme';
  import { page } from '$app/state';
  import { coloursOf, doubtsOf } from '$lib/frame/programme-view';
  import { dayText } from '$lib/look/day-text';
  import HouseForm from '$lib/programme/HouseForm.svelte';
  import Dies from '$lib/programme/Dies.svelte';
  import MonthsForm from '$lib/programme/MonthsForm.svelte';
  import Picture from '$lib/look/Picture.svelte';
  import Say from '$lib/look/Say.svelte';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { blockDrawing } from '@aggrega/core/block';
  import { formatLength } from '@aggrega/core/measure';
  import { groupName, type PartGroup } from '@aggrega/core/setting';
  import Download from '@lucide/svelte/icons/download';

  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const colours = $derived(coloursOf(colourway));
  const people = $derived([...programme.participants.values()].reduce((a, b) => a + b, 0));
  const drawn = $derived(programme.months.filter((m) => m.blocks.length > 0).length);
  const GROUPS: Partial<Record<PartGroup, string>> = { triangles: words.settingTriangles, alternate: words.plainBlocks };
  /** What of the quilt comes with a month that has no block: 'sashing, borders'. */
  const partsOf = (month: string) =>
    [...(programme.setting?.months ?? [])]
      .flatMap(([group, id]) => (id === month ? [GROUPS[group] ?? groupName(group)] : []))
      .join(', ');
  const spoils = $derived(
    new Map(programme.months.map((m) => [m.id, doubtsOf(programme, m, colourway).filter((d) => d.rank === 'ruin').length])),
  );
</script>

<YearFrame about={words.monthsWithBlocksPeople(programme.months.length, drawn, people)}>
  {#if programme.months.length === 0}
    <p class="mt-8 max-w-prose text-lead">{words.thisProgrammeHasNoMonths}</p>
  {/if}
  <ol class="mt-5 border-t-2 border-ink">
    {#each programme.months as month, i (month.id)}
      <li class="border-b border-rule">
        <a
          class="flex items-center gap-5 py-2.5 hover:bg-edge"
          href="/programmes/{bench.slug}/months/{month.id}/draft{page.url.search}"
        >
          <span class="numeral w-8 text-right text-head">{i + 1}</span>
          <span class="flex w-32 shrink-0 gap-1">
            {#each month.blocks as entry (entry.key)}
              <Picture
                class="h-16 w-16"
                drawing={blockDrawing(entry.block, entry.finished)}
                {colours}
                label={entry.block.name}
              />
            {:else}
              <span class="block h-16 w-16 border border-dashed border-quiet"></span>
            {/each}
          </span>
          <span class="min-w-0 flex-1">
            <span class="block text-lead font-semibold">{monthTitle(month)}</span>
            <span class="text-quiet">
              {#each month.blocks as entry, j (entry.key)}{j ? '; ' : ''}{entry.make > 1 ? `${entry.make} × ` : ''}{entry.block
                  .name}, <Say text={formatLength(entry.finished[0], programme.unit)} />
                {programme.unit}{:else}{partsOf(month.id) || words.noBlockYet}{/each}
            </span>
          </span>
          {#if spoils.get(month.id)}<span class="text-note text-madder">{words.toFix(spoils.get(month.id))}</span>{/if}
          <span class="w-44 text-right text-quiet">{dayText(month.release, page.data.locale)}</span>
        </a>
      </li>
    {/each}
  </ol>
  <MonthsForm />
  {#snippet side()}
    <section class="mt-4" aria-label={words.headCounts}>
      <h2 class="border-b border-ink pb-1 text-lead">{words.headCounts}</h2>
      <dl>
        {#each programme.colourways as c (c.id)}
          <div class="flex border-b border-rule py-1.5">
            <dt class="mr-auto">{c.name}</dt>
            <dd class="numeral text-lead">{bench.enrolled(c)}</dd>
          </div>
        {/each}
      </dl>
    </section>
    <HouseForm />
    <Dies />
    <p class="mt-6">
      <a class="btn" href="/programmes/{bench.slug}/document" download><Download size={17} /> {words.exportAsAFile}</a>
    </p>
  {/snippet}
</YearFrame>
