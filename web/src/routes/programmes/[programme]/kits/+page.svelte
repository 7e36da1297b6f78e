<script lang="ts">
  import KitsPage from '$lib/kits/KitsPage.svelte';

  let { data } = $props();
</script>

<KitsPage {data} />
