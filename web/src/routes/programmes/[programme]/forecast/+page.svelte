<script lang="ts">
  import ForecastPage from '$lib/stock/ForecastPage.svelte';

  let { data } = $props();
</script>

<ForecastPage {data} />
