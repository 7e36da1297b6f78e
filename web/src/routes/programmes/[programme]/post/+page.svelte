<script lang="ts">
  import MessagesPage from '$lib/participants/MessagesPage.svelte';

  let { data } = $props();
</script>

<MessagesPage {data} />
