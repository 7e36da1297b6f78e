<!-- Which block, and how much of it, is laid out. -->
<script lang="ts">
  import { WHAT, LIES } from './words';
  import type { Laid, ToLay } from './laid';

  interface Props {
    blocks: readonly ToLay[];
    block: number;
    laid: Laid;
    onchoose: (block: number, laid: Laid) => void;
  }
  let { blocks, block, laid, onchoose }: Props = $props();
  const chosen = $derived(blocks[block]!);
  const rows = $derived([...chosen.layout.rows.keys()].filter((r) => chosen.layout.rows[r]!.length > 1));
</script>

<div class="flex flex-wrap gap-3">
  {#if blocks.length > 1}
    <label class="block"
      ><span class="text-note text-quiet">{WHAT.block}</span>
      <select class="select" value={block} onchange={(e) => onchoose(Number(e.currentTarget.value), 'all')}>
        {#each blocks as { name }, i (i)}<option value={i}>{name}</option>{/each}
      </select></label
    >
  {/if}
  <label class="block"
    ><span class="text-note text-quiet">{WHAT.whatLiesThere}</span>
    <select class="select" value={laid} onchange={(e) => onchoose(block, e.currentTarget.value as Laid)}>
      <option value="all">{chosen.id === undefined ? WHAT.allOfThem : WHAT.theWholeBlock}</option>
      {#each rows as r (r)}<option value="row {r}">{WHAT.row(r + 1)}</option>{/each}
      {#each chosen.layout.units as { label }, i (i)}
        <option value="unit {i}">{WHAT.onePiece(i + 1, label ? LIES.label(label) : '')}</option>
      {/each}
    </select></label
  >
</div>
