<!-- A month in the list of months: its blocks, its day, and how far it is. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { coloursOf } from '$lib/frame/programme-view';
  import { releaseStates } from '$lib/frame/words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { dayText } from '$lib/look/day-text';
  import Picture from '$lib/look/Picture.svelte';
  import Say from '$lib/look/Say.svelte';
  import { blockDrawing } from '@aggrega/core/block';
  import { formatLength } from '@aggrega/core/measure';
  import { isLesson, monthTitle, type Colourway, type Month } from '@aggrega/core/programme';
  import { groupName, type PartGroup } from '@aggrega/core/setting';

  interface Props {
    month: Month;
    number: number;
    colourway: Colourway;
    state: keyof typeof releaseStates;
  }
  let { month, number, colourway, state }: Props = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const colours = $derived(coloursOf(colourway));
  const GROUPS: Partial<Record<PartGroup, string>> = { triangles: words.settingTriangles, alternate: words.plainBlocks };
  /** What of the quilt comes with a month that has no block: 'sashing, borders'. */
  const parts = $derived(
    [...(programme.setting?.months ?? [])]
      .flatMap(([group, id]) => (id === month.id ? [GROUPS[group] ?? groupName(group)] : []))
      .join(', '),
  );
</script>

<a
  class="flex items-center gap-5 py-2.5 hover:bg-edge max-[40rem]:flex-wrap max-[40rem]:gap-x-3 max-[40rem]:gap-y-1"
  href="/programmes/{bench.slug}/months/{month.id}/draft{page.url.search}"
>
  <span class="numeral w-8 text-right text-head">{number}</span>
  <span class="flex w-32 shrink-0 gap-1 max-[40rem]:w-auto">
    {#each month.blocks as entry (entry.key)}
      <Picture class="h-16 w-16" drawing={blockDrawing(entry.block, entry.finished)} {colours} label={entry.block.name} />
    {:else}
      <span class="block h-16 w-16 border border-dashed border-quiet"></span>
    {/each}
  </span>
  <span class="min-w-0 flex-1">
    <span class="block text-lead font-semibold">{monthTitle(month)}</span>
    <span class="text-quiet">
      {#each month.blocks as entry, j (entry.key)}{j ? '; ' : ''}{entry.make > 1 ? `${entry.make} × ` : ''}{entry.block.name}, <Say
          text={formatLength(entry.finished[0], programme.unit)}
        />
        {programme.unit}{:else}{parts || (isLesson(programme, month) ? words.aLesson : words.noBlockYet)}{/each}
    </span>
  </span>
  <span class="w-44 text-right text-quiet max-[40rem]:w-full max-[40rem]:pl-11 max-[40rem]:text-left"
    >{dayText(month.release, page.data.locale)}<span class="block text-note">{releaseStates[state]}</span></span
  >
</a>
