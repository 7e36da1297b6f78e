<script lang="ts">
  import TotalsPage from '$lib/money/TotalsPage.svelte';

  let { data } = $props();
</script>

<TotalsPage {data} />
