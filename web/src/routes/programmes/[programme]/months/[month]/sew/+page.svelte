<script lang="ts">
  import SewPage from '$lib/sew/SewPage.svelte';

  let { data } = $props();
</script>

<SewPage sizes={data.sizes} />
