<!-- What to bring of one's own for a packet: as yardage, as fat quarters, or from scraps. -->
<script lang="ts">
  import { words } from './words';
  import Letters from '$lib/look/Letters.svelte';
  import type { OwnClothView } from '$lib/plan/packet-views';
  import Say from '$lib/look/Say.svelte';

  let { fabrics, unit }: { fabrics: OwnClothView[]; unit: 'in' | 'cm' } = $props();
</script>

<table class="mt-3 w-full break-inside-avoid" aria-label={words.whatToBring}>
  <thead>
    <tr class="border-b border-ink align-bottom">
      <th class="w-9 pb-1"><span class="sr-only">{words.letter}</span></th>
      <th class="pb-1">{words.fabricLike}</th>
      <th class="pb-1 text-right">{words.fromTheBolt}</th>
      <th class="pb-1 pl-4 text-right">{words.orFatQuarters}</th>
      <th class="pb-1 pl-4">{words.orScrapsFor(unit)}</th>
    </tr>
  </thead>
  <tbody>
    {#each fabrics as f (f.id)}
      <tr class="border-b border-rule align-top">
        <td class="py-1.5"><Letters of={f} large /></td>
        <td class="py-1.5">{f.name}</td>
        <td class="numeral py-1.5 text-right"><Say text={f.yardage} /></td>
        <td class="numeral py-1.5 pl-4 text-right">{f.fatQuarters}</td>
        <td class="py-1.5 pl-4"><Say text={f.scraps.join(', ')} /></td>
      </tr>
    {/each}
  </tbody>
</table>
