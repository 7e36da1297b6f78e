<!-- Whether what was ticked is with the server. -->
<script lang="ts">
  import type { KitTicks } from './kit-ticks.svelte';

  let { ticks }: { ticks: KitTicks } = $props();
</script>

<p class="text-note {ticks.away ? 'text-madder' : 'text-quiet'}" role="status" data-waiting={ticks.waiting.size}>
  {#if ticks.away}
    No connection. Go on: {ticks.waiting.size === 0
      ? 'what you tick is kept on this device'
      : `${ticks.waiting.size} ${ticks.waiting.size === 1 ? 'kit is' : 'kits are'} kept on this device`} and sent when it is back.
  {:else if ticks.waiting.size > 0}saving {ticks.waiting.size}…{:else}everything is saved{/if}
</p>
{#if ticks.trouble}<p class="text-madder" role="alert">{ticks.trouble}</p>{/if}
