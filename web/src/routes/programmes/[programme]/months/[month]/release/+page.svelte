<script lang="ts">
  import ReleasePage from '$lib/release/ReleasePage.svelte';
  import SheetVersions from '$lib/sheet/SheetVersions.svelte';

  let { data } = $props();
</script>

<ReleasePage {data}>
  {#snippet versions(month)}<SheetVersions {month} />{/snippet}
</ReleasePage>
