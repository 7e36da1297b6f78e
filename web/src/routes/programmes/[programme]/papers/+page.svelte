<script lang="ts">
  import HandoutsPage from '$lib/sheet/HandoutsPage.svelte';
</script>

<HandoutsPage />
