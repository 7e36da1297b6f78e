<script lang="ts">
  import '../app.css';

  import { onMount } from 'svelte';

  let { children } = $props();
  // From here on the page answers to keys and clicks; what drives it from outside waits for this.
  onMount(() => void (document.documentElement.dataset.ready = ''));
</script>

{@render children()}
