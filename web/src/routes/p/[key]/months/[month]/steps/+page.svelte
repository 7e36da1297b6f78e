<script lang="ts">
  import StepsPage from '$lib/participant-page/StepsPage.svelte';

  let { data } = $props();
</script>

<StepsPage {data} />
