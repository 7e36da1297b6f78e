<script lang="ts">
  import CutterPage from '$lib/cut/CutterPage.svelte';

  let { data } = $props();
</script>

<CutterPage {data} />
