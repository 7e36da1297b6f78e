<script lang="ts">
  import '../app.css';

  import { page } from '$app/state';
  import { awake } from '$lib/frame/awake';
  import { speak } from '@aggrega/core/words';

  let { children } = $props();
  // Before anything else is drawn. A page is loaded anew when the language changes.
  speak(page.data.language);
  awake();
</script>

{@render children()}
