<script lang="ts">
  import SewPage from '$lib/sew/SewPage.svelte';
</script>

<SewPage />
