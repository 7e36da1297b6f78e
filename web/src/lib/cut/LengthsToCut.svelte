<!-- The list of lengths: one for each kit and fabric, for the months that are handed out together. -->
<script lang="ts">
  import type { SoldBy } from '@aggrega/core/measure';
  import { words } from './words';
  import Letters from '$lib/look/Letters.svelte';
  import type { LengthList, LengthRow } from '$lib/plan/room-plan';
  import Length from '$lib/look/Length.svelte';
  import Say from '$lib/look/Say.svelte';
  import TickBox from '$lib/look/TickBox.svelte';

  interface Props {
    list: LengthList;
    unit: 'in' | 'cm';
    soldBy: SoldBy;
    isDone: (row: LengthRow) => boolean;
    onset: (row: LengthRow, done: boolean) => void;
  }
  let { list, unit, soldBy, isDone, onset }: Props = $props();
  const sized = $derived(list.rows.some((r) => r.who));
</script>

{#if list.packet.length > 1}
  <p class="mt-3 text-lead">
    {#if list.first}
      {words.onePacketHoldsEachLength(list.packet.map((m) => m.name).join(words.and))}
    {:else}
      {words.thisMonthsFabricIsHanded(list.packet[0]!.name)}
    {/if}
  </p>
{/if}
<table class="mt-5 w-full">
  <thead>
    <tr class="border-b-2 border-ink"
      ><th class="w-[2.6rem]"></th><th>{words.fabric}</th>{#if sized}<th>{words.kit}</th>{/if}<th class="text-right"
        >{words.lengths}</th
      ><th class="text-right">{words.each(unit)}</th><th class="text-right">{words.each2(soldBy)}</th><th class="text-right"
        >{words.total(soldBy)}</th
      ></tr
    >
  </thead>
  <tbody>
    {#each list.rows as row (row.id)}
      <tr class="border-b border-rule">
        <td
          >{#if row.qty > 0}<TickBox
              what="{row.fabric.name}{row.who ? `, ${row.who}` : ''}"
              checked={isDone(row)}
              onset={(done) => onset(row, done)}
            />{/if}</td
        >
        <td class="py-2"
          ><Letters of={row.fabric} large />
          {row.fabric.name} <span class="text-quiet">{row.fabric.sku}</span></td
        >
        {#if sized}<td>{row.who}</td>{/if}
        <td class="py-2 text-right"
          >{row.qty}{#if row.cut > 0}<span class="text-quiet">{words.alreadyCut(row.cut)}</span>{/if}</td
        >
        {#if row.ask}
          <td class="py-2 text-right text-lead" colspan="3"><Say text={row.ask} /> {words.each3}</td>
        {:else}
          <td class="numeral py-2 text-right text-lead"><Length of={row.each} /></td>
          <td class="py-2 text-right"><Length of={row.eachYards} /></td>
          <td class="py-2 text-right"><Length of={row.allYards} /></td>
        {/if}
      </tr>
    {/each}
  </tbody>
</table>
{#if list.bundled.length > 0}
  <p class="mt-2 text-quiet">{words.comesWithTheStartUp(list.bundled.join(words.and))}</p>
{/if}

<style>
  th {
    padding-bottom: 0.2rem;
  }
  tr {
    break-inside: avoid;
  }
</style>
