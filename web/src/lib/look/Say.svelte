<!-- A sentence whose fractions are set as such. -->
<script lang="ts">
  import Length from './Length.svelte';

  let { text }: { text: string } = $props();
  const parts = $derived(text.split(/((?:\d+ )?\d+\/\d+)/));
</script>

{#each parts as part, i (i)}{#if i % 2 === 1}<Length of={part} />{:else}{part}{/if}{/each}
