<script lang="ts">
  import PickupPage from '$lib/kits/PickupPage.svelte';

  let { data } = $props();
</script>

<PickupPage {data} />
