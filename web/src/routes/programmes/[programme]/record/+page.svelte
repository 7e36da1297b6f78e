<script lang="ts">
  import HistoryPage from '$lib/programme/HistoryPage.svelte';

  let { data } = $props();
</script>

<HistoryPage {data} />
