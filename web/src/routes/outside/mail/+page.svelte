<script lang="ts">
  import MailPage from '$lib/outside/MailPage.svelte';

  let { data } = $props();
</script>

<MailPage {data} />
