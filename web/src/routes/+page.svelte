<script lang="ts">
  import DeskPage from '$lib/desk/DeskPage.svelte';

  let { data, form } = $props();
</script>

<DeskPage {data} {form} />
