<script lang="ts">
  import PinPage from '$lib/participant-page/PinPage.svelte';

  let { form } = $props();
</script>

<PinPage message={form?.message ?? ''} />
