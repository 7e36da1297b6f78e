<!-- One step of the sewing order: its pictures, the block so far, and what to do, press and measure. -->
<script lang="ts">
  import { words } from './words';
  import { coloursOf } from '$lib/frame/programme-view';
  import Arrows from './Arrows.svelte';
  import LaidApart from './LaidApart.svelte';
  import Picture from '$lib/look/Picture.svelte';
  import Say from '$lib/look/Say.svelte';
  import StepPictures from './StepPictures.svelte';
  import type { Drawing } from '@aggrega/core/block';
  import type { LengthUnit } from '@aggrega/core/measure';
  import type { Colourway } from '@aggrega/core/programme';
  import { toleranceText, type WalkStep } from '@aggrega/core/sheet';

  interface Props {
    step: WalkStep;
    colourway: Colourway;
    /** The whole block, and which of its patches are sewn once this step is. */
    whole: Drawing;
    done: ReadonlySet<number>;
    unit: LengthUnit;
    /** The organiser's own words in place of a text of the sheet. */
    own: (text: string) => string | undefined;
  }
  let { step, colourway, whole, done, unit, own }: Props = $props();
  const colours = $derived(coloursOf(colourway));
  const size = $derived(Math.max(step.joined.width, step.joined.height));
</script>

<section
  class="mt-4 grid grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)_8.5rem] items-start gap-6 max-lg:grid-cols-2"
  aria-label={words.step}
>
  {#if step.steps.length > 0}
    <StepPictures {step} {colourway} {own} />
  {:else}
    <figure>
      <LaidApart class="max-h-80 w-full" apart={step.apart} {colours} label={words.thePartsBeforeSewing(step.name)} />
      <figcaption class="text-note text-quiet">{words.piecesWithSeamAllowance}</figcaption>
    </figure>
  {/if}
  <figure>
    <Picture class="max-h-80 w-full" drawing={step.joined} {colours} label={words.sewn(step.name)}>
      {#snippet over()}<Arrows arrows={step.arrows} line={size / 220} />{/snippet}
    </Picture>
    <figcaption class="text-note text-quiet">
      {words.sewnAndPressed} <b class="numeral text-ink"><Say text={step.size} /></b>
      {unit}
    </figcaption>
  </figure>
  <figure class="max-lg:hidden" class:hidden={step.patches.length === 0}>
    <Picture
      class="w-full"
      drawing={{ ...whole, shapes: whole.shapes.filter((s) => done.has(s.patch!)) }}
      {colours}
      label={words.whatIsSewnSoFar}
      lit={(p) => step.patches.includes(p)}
    />
    <figcaption class="text-note text-quiet">{words.blockSoFar}</figcaption>
  </figure>
</section>
<section class="mt-4 max-w-prose" aria-live="polite">
  <h2 class="text-head">{step.title}</h2>
  {#if step.caution}<p class="mt-1 font-semibold">{step.caution}</p>{/if}
  {#if step.steps.length === 0}
    <ol class="mt-1 list-decimal pl-5">
      {#each step.lines as line, i (i)}<li><Say text={line} /></li>{/each}
    </ol>
  {/if}
  <p class="mt-2 border-l-4 border-weld pl-3">
    <b>{words.measure} <Say text={step.size} />.</b>
    <Say text={step.look.map((l) => `${l[0]!.toUpperCase()}${l.slice(1)}.`).join(' ')} />
    <span class="text-quiet"><Say text={toleranceText(unit)} /></span>
  </p>
</section>
