<!-- How the saving stands, always in the same place, with a way on when it does not go well. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { onMount } from 'svelte';
  import type { Saver } from '$lib/ask/saver.svelte';

  let { saver }: { saver: Saver } = $props();
  // The clock of the person, which the server does not know.
  let mounted = $state(false);
  onMount(() => void (mounted = true));
  const time = $derived(
    mounted ? saver.savedAt.toLocaleTimeString(page.data.locale, { hour: '2-digit', minute: '2-digit' }) : '',
  );
</script>

<div class="text-note" role="status" aria-live="polite" data-save-state={saver.state}>
  {#if saver.looksOnly}
    <span class="text-quiet">{words.viewOnlyNothingYouChange}</span>
  {:else if saver.state === 'saved'}
    <span class="text-quiet">{words.saved(time)}</span>
  {:else if saver.state === 'saving'}
    <span class="text-quiet">{words.saving}</span>
  {:else if saver.state === 'waiting'}
    <span class="text-madder">{words.notSavedYet}</span>
    {saver.trouble}
    <button class="link" onclick={() => saver.retry()}>{words.tryNow}</button>
  {:else if saver.state === 'refused'}
    <span class="text-madder">{words.notSaved}</span>
    {saver.trouble}.
    <button class="link" onclick={() => saver.dropRefused()}>{words.undoThisChange}</button>
  {:else}
    <span class="text-madder">{words.someoneElseHasChangedThisToo}</span>
  {/if}
</div>
