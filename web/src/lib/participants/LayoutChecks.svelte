<!-- What the checks of their layouts found, block by block, and what the sheet makes of it. -->
<script lang="ts">
  import { words } from './words';
  import { askForSlip } from '$lib/ask/seen-slip';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { isSeen, type SeenSlip } from '@aggrega/core/construction';
  import type { LaidBlock } from '$lib/server/db/layout-checks';

  let { laid }: { laid: readonly LaidBlock[] } = $props();
  const bench = useWorkbench();
  type Found = LaidBlock['found'][number];

  const said = ({ label, kind }: Found) => {
    const what = label || words.aPlainPatch;
    if (kind === 'row') return words.slipRow;
    const text = { turned: words.slipTurned, mirrored: words.slipMirrored, fabrics: words.slipFabrics };
    return kind === 'exchanged' ? words.slipExchanged(what) : text[kind](what);
  };
  const seenOf = ({ unit, kind }: Found): SeenSlip => ({ ...(unit && { unit }), kind });
  /** A plain patch has no name by which a sheet could ask for it. */
  const canAsk = ({ unit, kind }: Found) => unit !== '' || kind === 'row';

  const blocks = $derived(
    laid.map((block) => {
      const month = bench.programme.months.find((m) => m.id === block.month);
      return { ...block, at: `${block.month} ${block.block}`, month, entry: month?.blocks.find((b) => b.key === block.block) };
    }),
  );
</script>

<ul>
  {#each blocks as { at, month, entry, block, people, found } (at)}
    <li class="border-b border-rule py-3" data-laid={block}>
      <p class="text-note text-quiet">{words.peopleChecked(entry?.block.name ?? block, month?.name ?? '', people)}</p>
      {#if found.length === 0}<p>{words.allLayRight}</p>{/if}
      <ul>
        {#each found as slip (`${slip.unit} ${slip.kind}`)}
          {@const asked = isSeen({ kind: slip.kind, unit: slip.unit ? { name: slip.unit } : undefined }, entry?.style.slip)}
          <li class="flex flex-wrap items-baseline gap-x-4 py-1">
            <span>{words.slipOf(said(slip), slip.people)}</span>
            {#if month && entry && asked}
              <span class="text-quiet">{words.theSheetAsksForIt}</span>
              <button
                class="link"
                onclick={() => bench.saver.do(words.slipOnTheSheet(entry.block.name), askForSlip(month, entry, undefined))}
                >{words.noLongerAsk}</button
              >
            {:else if month && entry && canAsk(slip)}
              <button
                class="link"
                onclick={() => bench.saver.do(words.slipOnTheSheet(entry.block.name), askForSlip(month, entry, seenOf(slip)))}
                >{words.askForItOnTheSheet}</button
              >
            {/if}
          </li>
        {/each}
      </ul>
    </li>
  {/each}
</ul>
{#if laid.some(({ found }) => found.some(canAsk))}
  <p class="mt-2 text-note text-quiet">{words.askedInTheNextVersion}</p>
{/if}
