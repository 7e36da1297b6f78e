<script lang="ts">
  import StatePage from '$lib/programme/StatePage.svelte';

  let { data } = $props();
</script>

<StatePage {data} />
