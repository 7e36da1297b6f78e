<script lang="ts">
  import DraftPage from '$lib/draft/DraftPage.svelte';
</script>

<DraftPage />
