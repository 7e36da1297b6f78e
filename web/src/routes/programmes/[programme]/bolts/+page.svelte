<script lang="ts">
  import StockPage from '$lib/stock/StockPage.svelte';

  let { data } = $props();
</script>

<StockPage {data} />
