<script lang="ts">
  import ProgressPage from '$lib/participants/ProgressPage.svelte';

  let { data } = $props();
</script>

<ProgressPage {data} />
