<script lang="ts">
  import ArchivePage from '$lib/team/ArchivePage.svelte';

  let { data } = $props();
</script>

<ArchivePage {data} />
