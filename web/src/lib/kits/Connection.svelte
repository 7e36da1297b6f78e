<!-- Whether what was ticked is with the server. -->
<script lang="ts">
  import { words } from './words';
  import type { KitTicks } from './kit-ticks.svelte';

  let { ticks }: { ticks: KitTicks } = $props();
</script>

<p class="text-note {ticks.away ? 'text-madder' : 'text-quiet'}" role="status" data-waiting={ticks.waiting.size}>
  {#if ticks.away}
    {words.offlineCarryOnAndWill(
      ticks.waiting.size === 0 ? words.yourTicksAreSavedOn : words.kitsAreSavedOnThis(ticks.waiting.size),
    )}
  {:else if ticks.waiting.size > 0}{words.saving(ticks.waiting.size)}{:else}{words.everythingIsSaved}{/if}
</p>
{#if ticks.trouble}<p class="text-madder" role="alert">{ticks.trouble}</p>{/if}
