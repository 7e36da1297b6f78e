<!-- What a draft changed since a version, colourway by colourway. -->
<script lang="ts">
  import Say from './Say.svelte';

  let { since }: { since: readonly { colourway: string; says: string[] }[] } = $props();
</script>

{#each since as { colourway, says } (colourway)}
  <p class="mt-1 font-semibold">{colourway}</p>
  <ul class="list-disc pl-5">
    {#each says as line (line)}<li><Say text={line} /></li>{/each}
  </ul>
{/each}
