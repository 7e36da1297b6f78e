<script lang="ts">
  import RosterPage from '$lib/participants/RosterPage.svelte';

  let { data } = $props();
</script>

<RosterPage {data} />
