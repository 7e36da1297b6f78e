<script lang="ts">
  import TestBlocksPage from '$lib/test-blocks/TestBlocksPage.svelte';

  let { data } = $props();
</script>

<TestBlocksPage {data} />
