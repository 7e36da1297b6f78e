<script lang="ts">
  import LostLink from '$lib/participant-page/LostLink.svelte';

  let { form } = $props();
</script>

<LostLink {form} />
