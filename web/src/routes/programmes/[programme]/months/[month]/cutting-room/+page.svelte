<script lang="ts">
  import CuttingRoomPage from '$lib/cut/CuttingRoomPage.svelte';

  let { data } = $props();
</script>

<CuttingRoomPage {data} />
