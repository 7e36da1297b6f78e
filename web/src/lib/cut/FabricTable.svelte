<!-- The fabrics of a plan: what is needed and what to ask for at the counter. Choosing one lays it on the table. -->
<script lang="ts">
  import type { SoldBy } from '@aggrega/core/measure';
  import { words } from './words';
  import Letters from '$lib/look/Letters.svelte';
  import type { FabricView } from '$lib/plan/month-plan';
  import Length from '$lib/look/Length.svelte';

  interface Props {
    fabrics: FabricView[];
    unit: 'in' | 'cm';
    soldBy: SoldBy;
    chosen?: string;
    onchoose?: (id: string) => void;
    /** The plan is one that could be, and not what is bought. */
    supposed?: boolean;
  }
  let { fabrics, unit, soldBy, chosen, onchoose, supposed = false }: Props = $props();
</script>

<table class="w-full">
  <thead>
    <tr class="border-b border-ink align-bottom">
      <th class="w-9 pb-1"><span class="sr-only">{words.letter}</span></th>
      <th class="pb-1">{words.fabric}</th>
      <th class="pb-1 text-right">{words.needs(unit)}</th>
      <th class="pb-1 pl-3 text-right">{supposed ? words.wouldBuy : words.buy}, {soldBy}</th>
    </tr>
  </thead>
  <tbody>
    {#each fabrics as f (f.id)}
      <tr class="border-b border-rule {f.id === chosen ? 'bg-edge' : ''}" data-fabric={f.id}>
        <td class="py-2">
          <Letters of={f} large />
        </td>
        <td class="py-2 leading-tight">
          {#if onchoose}
            <button
              class="cursor-pointer text-left hover:underline"
              aria-pressed={f.id === chosen}
              onclick={() => onchoose(f.id)}>{f.name}</button
            >
          {:else}{f.name}{/if}
        </td>
        <td class="py-2 text-right" data-needs
          >{#if f.sheet}{words.pieces2(f.needed)}{:else}<Length of={f.needed} />{/if}</td
        >
        <td class="numeral py-2 pl-3 text-right" data-buy
          >{#if f.sheet}{f.ask}{:else}<Length of={f.yardsToBuy} />{/if}</td
        >
      </tr>
    {/each}
  </tbody>
</table>
