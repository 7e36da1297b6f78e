<!-- What a cut size says of itself: formula, rounding and the drawn ruler. -->
<script lang="ts">
  import { words } from './words';
  import type { Why } from '@aggrega/core/sheet';
  import { parseLength } from '@aggrega/core/measure';
  import Length from './Length.svelte';
  import RulerPicture from './RulerPicture.svelte';
  import Say from './Say.svelte';

  let { why, unit }: { why: Why; unit: 'in' | 'cm' } = $props();
</script>

<h2 class="text-head">
  {words.why2}
  <Say text={why.size} />?
</h2>
<p class="mt-1 text-quiet">{words.cut(why.label)}</p>

<p class="numeral mt-5 text-lead">{why.formula}</p>
<ul class="mt-1">
  {#each why.where as { symbol, value, meaning } (symbol)}
    <li><b>{symbol}</b> {words.is} <Length of={value} />{words.the(meaning)}</li>
  {/each}
</ul>

<p class="mt-4">
  {#if why.rounded}
    {words.thatIs}
    <Say text={why.exact} />{words.theRulerShowsStepsOf(why.exact === why.decimal ? '' : words.or(why.decimal))}
    <Length of={why.step} />{words.andCutSizesGoUp} <b class="numeral"><Say text={why.size} /></b>.
  {:else}
    {words.thatIs} <b class="numeral"><Say text={why.size} /></b> {words.exactlyNothingWasRounded}
  {/if}
</p>

<div class="mt-6 text-ink">
  <RulerPicture size={parseLength(why.long, unit).valueOf()} ticks={why.marks} label={words.onTheRuler(why.long, why.ruler)} />
</div>
<p>{words.onTheRuler2} <Say text={why.ruler} />.</p>
