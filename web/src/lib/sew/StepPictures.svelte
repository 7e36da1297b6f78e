<!-- The steps of making a unit, numbered, each under its picture: the same pictures and words as on the sheet, the organiser's own marked. -->
<script lang="ts">
  import { words as spoken } from './words';
  import type { Colourway } from '@aggrega/core/programme';
  import { coloursOf, fabricWord, partSewn, plainWords, stepsPiece, type WalkStep } from '@aggrega/core/sheet';
  import PaperDrawing from '$lib/look/PaperDrawing.svelte';
  import Say from '$lib/look/Say.svelte';

  interface Props {
    step: WalkStep;
    colourway: Colourway;
    /** The organiser's words in the place of computed ones. */
    own: (computed: string) => string | undefined;
  }
  let { step, colourway, own }: Props = $props();
  const colours = $derived(coloursOf(colourway, true));
  const wide = 1.3;
  const piece = $derived(
    stepsPiece(step.steps, {
      colours,
      fabric: (role) => fabricWord(colourway, role),
      finished: partSewn(step, colours, wide),
    }),
  );
</script>

<ol class="grid grid-cols-[repeat(auto-fill,minmax(7.5rem,1fr))] gap-x-5">
  {#each piece.steps as { picture, text }, i (i)}
    {@const mine = own(plainWords(text))}
    <li class="row-span-2 grid grid-rows-subgrid pb-4">
      {#if picture}
        <span class="self-end" style:width="{(100 * picture.wide) / wide}%"><PaperDrawing {picture} /></span>
      {/if}
      <p class="mt-1 {mine ? 'border-l-4 border-rule pl-2' : ''}" title={mine && spoken.yourOwnWords}>
        <b>{i + 1}</b>
        <Say text={mine ?? plainWords(text)} />
      </p>
    </li>
  {/each}
</ol>
