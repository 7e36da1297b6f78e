<script lang="ts">
  import ImportPage from '$lib/begin/ImportPage.svelte';
</script>

<ImportPage />
