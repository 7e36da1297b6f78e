<!-- What forty people's blocks will measure, before anybody has sewn one; and where the test blocks lie among them. -->
<script lang="ts">
  import { words } from './words';
  import { onDestroy } from 'svelte';
  import CheckpointDots from '$lib/foresee/CheckpointDots.svelte';
  import Takes from '$lib/foresee/Takes.svelte';
  import { Foreteller } from '$lib/foresee/foreteller.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import Working from '$lib/look/Working.svelte';
  import { expectedRows, type Checkpoint } from './sample';
  import { FORTY, type Foreseen, type SizeBySeams } from '@aggrega/core/foresee';
  import type { Colourway, Month, MonthBlock } from '@aggrega/core/programme';
  import type { WrittenSize } from '@aggrega/core/running';

  interface Props {
    month: Month;
    entry: MonthBlock;
    colourway: Colourway;
    points: readonly Checkpoint[];
    /** What the group has measured; and what was measured of this block, in the log and in the form. */
    sizes: readonly SizeBySeams[];
    measured: readonly WrittenSize[];
  }
  let { month, entry, colourway, points, sizes, measured }: Props = $props();
  const bench = useWorkbench();
  const { unit } = $derived(bench.programme);
  const foreteller = new Foreteller<Foreseen>();
  onDestroy(() => foreteller.close());
  $effect(() => {
    const { document } = bench.saver;
    const asked = { document, month: month.id, block: entry.key, colourway: colourway.id, sizes };
    foreteller.ask((worker) => worker.block(asked));
  });
  const found = $derived(foreteller.found);
  const rows = $derived(found ? expectedRows(found, points, measured, unit) : []);
  const eased = $derived(found ? Math.round(found.block.eased * FORTY) : 0);
  const first = $derived(found?.measure && rows.find((row) => row.unit === found.measure!.unit)?.name);
</script>

<section class="mt-8" aria-label={words.whatToExpect} data-expected={found && eased}>
  <h2 class="border-b-2 border-ink pb-1 text-head">{words.whatToExpect}</h2>
  <Working progress={foreteller.progress} what={words.workingOutWhatToExpect} />
  {#if foreteller.problem}<p class="mt-2 max-w-prose">{foreteller.problem}</p>{/if}
  {#if found}
    <p class="mt-2 max-w-prose">
      {words.ofFortyBlocks(entry.block.name, eased)}
      {#if first}{words.measureThisFirst(first)}{/if}
    </p>
    <CheckpointDots {rows} {unit} />
    <div class="mt-2 max-w-prose"><Takes group={found.group} /></div>
  {/if}
</section>
