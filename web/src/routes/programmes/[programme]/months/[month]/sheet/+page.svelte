<script lang="ts">
  import SheetPage from '$lib/sheet/SheetPage.svelte';
</script>

<SheetPage />
