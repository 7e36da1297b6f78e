<script lang="ts">
  import QuiltPage from '$lib/quilt/QuiltPage.svelte';

  let { data } = $props();
</script>

<QuiltPage sizes={data.sizes} />
