<script lang="ts">
  import LayoutPage from '$lib/participant-page/LayoutPage.svelte';

  let { data } = $props();
</script>

<LayoutPage {data} />
