<script lang="ts">
  import ComposePage from '$lib/begin/ComposePage.svelte';
</script>

<ComposePage />
