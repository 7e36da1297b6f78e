<script lang="ts">
  import FabricsPage from '$lib/fabric/FabricsPage.svelte';

  let { data } = $props();
</script>

<FabricsPage {data} />
