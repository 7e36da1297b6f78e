<!-- How far the looking through of sheets and stock is. -->
<script lang="ts">
  import { words } from './words';
  import type { Tasks } from './tasks.svelte';

  let { looked, onagain }: { looked: Tasks; onagain: () => void } = $props();
</script>

{#if looked.waiting.size > 0}
  <p class="mt-2 text-note text-quiet" role="status">{words.lookingThrough}</p>
{:else if looked.failed.size > 0}
  <p class="mt-2 text-note text-madder" role="alert">
    {words.notChecked} <button class="link" onclick={onagain}>{words.tryAgain}</button>
  </p>
{/if}
