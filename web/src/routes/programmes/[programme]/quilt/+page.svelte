<script lang="ts">
  import QuiltPage from '$lib/quilt/QuiltPage.svelte';
</script>

<QuiltPage />
