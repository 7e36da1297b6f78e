<script lang="ts">
  import TeamPage from '$lib/team/TeamPage.svelte';

  let { data, form } = $props();
</script>

<TeamPage {data} {form} />
