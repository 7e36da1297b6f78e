<script lang="ts">
  import SheetPage from '$lib/participant-page/SheetPage.svelte';

  let { data } = $props();
</script>

<SheetPage {data} />
