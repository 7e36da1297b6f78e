<script lang="ts">
  import { page } from '$app/state';
  import { coloursOf, longDate, workOut } from '$lib/programme-view';
  import Doubts from '$lib/ui/Doubts.svelte';
  import PaperChoice from '$lib/ui/PaperChoice.svelte';
  import Problems from '$lib/ui/Problems.svelte';
  import SheetPaper from '$lib/ui/SheetPaper.svelte';
  import MonthFrame from '$lib/ui/MonthFrame.svelte';
  import { useWorkbench } from '$lib/workbench.svelte';
  import { handsOut, kitCount } from '@aggrega/core/programme';
  import { monthDoubts } from '@aggrega/core/sheet';

  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const month = $derived(bench.monthOrEmpty(page.params.month!));
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const worked = $derived(workOut(programme, month, colourway));
  const doubts = $derived(monthDoubts(programme, month, colourway));
  const version = $derived(
    `Draft ${bench.saver.revision}, ${longDate(bench.saver.savedAt.toISOString().slice(0, 10), page.data.locale)}`,
  );
</script>

<MonthFrame>
  {#if !handsOut(programme, month)}
    <p class="max-w-prose pt-6 text-lead">
      Nothing is drawn for {month.name} yet; the sheet writes itself as soon as there is a block.
    </p>
  {:else if worked.sheet}
    <SheetPaper
      sheet={worked.sheet}
      colours={coloursOf(colourway)}
      {version}
      lit={(cut) => bench.isLit(cut)}
      onlight={(cuts) => (bench.lit = cuts)}
    />
  {:else}
    <Problems problems={worked.problems} document={bench.saver.document} title="The sheet cannot be written yet" />
  {/if}
  {#snippet side()}
    {#if worked.sheet}<PaperChoice what="Print the sheet" />{/if}
    <div class="mt-6"><Doubts {doubts} kits={kitCount(programme, bench.people(colourway))} /></div>
  {/snippet}
</MonthFrame>
