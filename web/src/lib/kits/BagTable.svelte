<!-- A kit that the shop cuts: its pieces, fabric by fabric. -->
<script lang="ts">
  import { words } from './words';
  import type { BagView } from '$lib/plan/packet-views';
  import Letters from '$lib/look/Letters.svelte';
  import Say from '$lib/look/Say.svelte';

  let { fabrics, unit }: { fabrics: BagView[]; unit: 'in' | 'cm' } = $props();
</script>

<table class="mt-3 w-full">
  <thead
    ><tr class="border-b-2 border-ink"
      ><th class="py-1">{words.fabric}</th><th class="text-right">{words.pieces}</th><th class="pl-5"
        >{words.cutForThisKit(unit)}</th
      ></tr
    ></thead
  >
  <tbody>
    {#each fabrics as fabric (fabric.id)}
      <tr class="break-inside-avoid border-b border-rule align-baseline" data-bag={fabric.id}>
        <td class="py-2 pr-4 whitespace-nowrap"><Letters of={fabric} /> {fabric.name}</td>
        <td class="numeral text-right text-lead">{fabric.count}</td>
        <td class="py-2 pl-5"><Say text={fabric.pieces.join(', ')} /></td>
      </tr>
    {/each}
  </tbody>
</table>
