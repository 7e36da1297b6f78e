<script lang="ts">
  import PacketsPage from '$lib/kits/PacketsPage.svelte';

  let { data } = $props();
</script>

<PacketsPage {data} />
