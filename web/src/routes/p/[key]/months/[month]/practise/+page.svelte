<script lang="ts">
  import PractisePage from '$lib/participant-page/PractisePage.svelte';

  let { data } = $props();
</script>

<PractisePage {data} />
