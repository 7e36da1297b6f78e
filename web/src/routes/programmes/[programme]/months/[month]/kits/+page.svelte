<script lang="ts">
  import MonthKitsPage from '$lib/kits/MonthKitsPage.svelte';

  let { data } = $props();
</script>

<MonthKitsPage {data} />
