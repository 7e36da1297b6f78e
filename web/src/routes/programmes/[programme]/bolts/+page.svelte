<script lang="ts">
  import StockPage from '$lib/stock/StockPage.svelte';
</script>

<StockPage />
