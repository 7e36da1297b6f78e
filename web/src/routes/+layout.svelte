<script lang="ts">
  import '../app.css';

  import { page } from '$app/state';
  import { speak } from '@aggrega/core/words';
  import { onMount } from 'svelte';

  let { children } = $props();
  // Before anything else is drawn. A page is loaded anew when the language changes.
  speak(page.data.language);
  // From here on the page answers to keys and clicks; what drives it from outside waits for this.
  onMount(() => void (document.documentElement.dataset.ready = ''));
</script>

{@render children()}
