<script lang="ts">
  import ProgrammeFrame from '$lib/frame/ProgrammeFrame.svelte';

  let { data, children } = $props();
</script>

<!-- Another programme is another bench: nothing of the one before may linger. -->
{#key data.slug}
  <ProgrammeFrame {data}>{@render children()}</ProgrammeFrame>
{/key}
