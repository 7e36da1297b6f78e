<script lang="ts">
  import NewProgrammePage from '$lib/programme/NewProgrammePage.svelte';
</script>

<NewProgrammePage />
