<script lang="ts">
  import PacketsPage from '$lib/kits/PacketsPage.svelte';
</script>

<PacketsPage />
