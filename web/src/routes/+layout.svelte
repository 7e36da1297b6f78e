<script lang="ts">
  import '../app.css';

  import { page } from '$app/state';
  import { awake } from '$lib/frame/awake';
  import { words } from '$lib/frame/words';
  import { speak } from '@aggrega/core/words';

  let { children } = $props();
  // Before anything else is drawn. A page is loaded anew when the language changes.
  speak(page.data.language);
  awake();
</script>

<!-- Past the strip of months and the stations, for whoever goes by keys. -->
<a
  class="no-print sr-only focus:not-sr-only focus:absolute focus:top-2 focus:left-2 focus:z-50 focus:border focus:border-ink focus:bg-ground focus:px-4 focus:py-2"
  href="#page">{words.skipToThePage}</a
>
{@render children()}
