<!-- Paper size, kept on this device, and the print button. -->
<script lang="ts">
  import { words } from './words';
  import Printer from '@lucide/svelte/icons/printer';
  import { onMount } from 'svelte';

  let { what }: { what: string } = $props();
  let paper: 'A4' | 'letter' = $state('A4');
  const names = { A4: 'A4', letter: words.letter } as const;

  onMount(() => {
    const kept = localStorage.getItem('aggrega-paper');
    // Letter where it is at home, until somebody chooses.
    if (kept === 'A4' || kept === 'letter') paper = kept;
    else if (/-(US|CA|MX|PH)$/.test(navigator.language)) paper = 'letter';
  });
  $effect(() => {
    document.documentElement.dataset.paper = paper;
  });
  // A sheet of styles that is made here, since the page takes no style that is written into it.
  $effect(() => {
    const sheet = new CSSStyleSheet();
    sheet.replaceSync(`@page { size: ${paper}; margin: 14mm 15mm 16mm; }`);
    document.adoptedStyleSheets.push(sheet);
    return () => (document.adoptedStyleSheets = document.adoptedStyleSheets.filter((s) => s !== sheet));
  });
</script>

<section aria-label={words.paper}>
  <fieldset class="flex" aria-label={words.paperSize}>
    {#each ['A4', 'letter'] as const as size (size)}
      <label
        class="cursor-pointer border-b-4 px-3 py-1.5 hover:bg-edge has-checked:border-weld has-checked:font-semibold has-focus-visible:outline-3 {paper ===
        size
          ? ''
          : 'border-transparent'}"
      >
        <input
          type="radio"
          class="sr-only"
          name="paper"
          value={size}
          bind:group={paper}
          onchange={() => localStorage.setItem('aggrega-paper', paper)}
        />{names[size]}
      </label>
    {/each}
  </fieldset>
  <button class="btn btn-primary mt-3" onclick={() => window.print()}><Printer size={17} /> {what}</button>
</section>
