<script lang="ts">
  import CutPage from '$lib/cut/CutPage.svelte';

  let { data } = $props();
</script>

<CutPage {data} />
