<script lang="ts">
  import ImportPage from '$lib/programme/ImportPage.svelte';
</script>

<ImportPage />
