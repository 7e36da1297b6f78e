<!-- A cut size that explains itself: pressed, it shows formula, rounding and the drawn ruler. -->
<script lang="ts">
  import type { Why } from '@aggrega/core/sheet';
  import { parseLength } from '@aggrega/core/measure';
  import Length from './Length.svelte';
  import RulerPicture from './RulerPicture.svelte';
  import Say from './Say.svelte';

  let { why, unit, class: className = '' }: { why: Why; unit: 'in' | 'cm'; class?: string } = $props();
  let dialog: HTMLDialogElement;

  const long = $derived(why.size.split(' by ')[0]!);
  const ticks = $derived(unit === 'cm' ? 10 : why.step.endsWith('/16') ? 16 : 8);
</script>

<button
  type="button"
  class="why cursor-pointer border-b border-dotted border-ink hover:border-solid {className}"
  title="Why {why.size}?"
  aria-label="{why.size}: why this number?"
  onclick={() => dialog.showModal()}
>
  <Say text={why.size} />
</button>

<dialog
  bind:this={dialog}
  class="modal no-print"
  aria-label="Why {why.size}?"
  onclick={(e) => e.target === dialog && dialog.close()}
>
  <div
    class="modal-box max-w-lg border border-ink bg-ground p-7 text-left font-sans text-body leading-normal font-normal whitespace-normal shadow-none"
  >
    <h2 class="text-head">
      Why <Say text={why.size} />?
    </h2>
    <p class="mt-1 text-quiet">Cut {why.label}</p>

    <p class="numeral mt-5 text-lead">{why.formula}</p>
    <ul class="mt-1">
      {#each why.where as { symbol, value, meaning } (symbol)}
        <li><b>{symbol}</b> is <Length of={value} />, the {meaning}</li>
      {/each}
    </ul>

    <p class="mt-4">
      {#if why.rounded}
        That is <Say text={why.exact} />{why.exact === why.decimal ? '' : ` or ${why.decimal}`}. The ruler shows steps of <Length
          of={why.step}
        />, and cut sizes go up, never down: <b class="numeral"><Say text={why.size} /></b>.
      {:else}
        That is <b class="numeral"><Say text={why.size} /></b> exactly; nothing was rounded.
      {/if}
    </p>

    <div class="mt-6 text-ink">
      <RulerPicture size={parseLength(long, unit).valueOf()} {ticks} label="{long} on the ruler: {why.ruler}" />
    </div>
    <p>On the ruler: <Say text={why.ruler} />.</p>

    <form method="dialog" class="mt-6 text-right"><button class="act first">Close</button></form>
  </div>
</dialog>
