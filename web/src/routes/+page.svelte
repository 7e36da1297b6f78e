<script lang="ts">
  import ProgrammesPage from '$lib/programme/ProgrammesPage.svelte';

  let { data } = $props();
</script>

<ProgrammesPage {data} />
