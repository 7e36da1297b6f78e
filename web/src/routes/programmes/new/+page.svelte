<script lang="ts">
  import NewProgrammePage from '$lib/programme/NewProgrammePage.svelte';

  let { data } = $props();
</script>

<NewProgrammePage {data} />
