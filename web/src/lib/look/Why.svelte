<!-- A cut size that explains itself: pressed, it shows formula, rounding and the drawn ruler. -->
<script lang="ts">
  import { words } from './words';
  import type { Why } from '@aggrega/core/sheet';
  import Say from './Say.svelte';
  import type WhyText from './WhyText.svelte';

  let { why, unit, class: className = '' }: { why: Why; unit: 'in' | 'cm'; class?: string } = $props();
  let dialog: HTMLDialogElement;
  /** Pages are full of sizes, and few are asked: what they say is made when they are. */
  let Text: typeof WhyText | undefined = $state.raw();
  async function ask() {
    Text ??= (await import('./WhyText.svelte')).default;
    dialog.showModal();
  }
</script>

<button
  type="button"
  class="why cursor-pointer border-b border-dotted border-ink hover:border-solid {className}"
  title={words.why(why.size)}
  aria-label={words.whyThisNumber(why.size)}
  onclick={() => void ask()}
>
  <Say text={why.size} />
</button>

<dialog
  bind:this={dialog}
  class="modal no-print"
  aria-label={words.why(why.size)}
  onclick={(e) => e.target === dialog && dialog.close()}
>
  <div
    class="modal-box max-w-lg border border-ink bg-ground p-7 text-left font-sans text-body leading-normal font-normal whitespace-normal shadow-none"
  >
    {#if Text}<Text {why} {unit} />{/if}
    <form method="dialog" class="mt-6 text-right"><button class="btn btn-primary">{words.close}</button></form>
  </div>
</dialog>
