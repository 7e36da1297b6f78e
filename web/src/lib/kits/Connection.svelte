<!-- Whether what was ticked is with the server. -->
<script lang="ts">
  import type { KitTicks } from './kit-ticks.svelte';

  let { ticks }: { ticks: KitTicks } = $props();
</script>

<p class="text-note {ticks.away ? 'text-madder' : 'text-quiet'}" role="status" data-waiting={ticks.waiting.size}>
  {#if ticks.away}
    Offline. Carry on: {ticks.waiting.size === 0
      ? 'your ticks are saved on this device'
      : `${ticks.waiting.size} ${ticks.waiting.size === 1 ? 'kit is' : 'kits are'} saved on this device`} and will be sent later.
  {:else if ticks.waiting.size > 0}saving {ticks.waiting.size}…{:else}everything is saved{/if}
</p>
{#if ticks.trouble}<p class="text-madder" role="alert">{ticks.trouble}</p>{/if}
