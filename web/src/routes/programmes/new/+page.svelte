<script lang="ts">
  import NewProgrammePage from '$lib/begin/NewProgrammePage.svelte';

  let { data } = $props();
</script>

<NewProgrammePage {data} />
