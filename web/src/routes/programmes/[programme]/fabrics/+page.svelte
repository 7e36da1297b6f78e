<script lang="ts">
  import FabricsPage from '$lib/fabric/FabricsPage.svelte';
</script>

<FabricsPage />
