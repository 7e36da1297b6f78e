<script lang="ts">
  import MoneyPage from '$lib/money/MoneyPage.svelte';

  let { data } = $props();
</script>

<MoneyPage {data} />
