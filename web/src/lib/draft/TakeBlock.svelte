<!-- A drawing from a file before it is taken: on which grid it lies, and which of our fabrics its colours are. -->
<script lang="ts">
  import { words } from './words';
  import { blockDrawing, gridText, PER_CELL, type Block } from '@aggrega/core/block';
  import { Exact } from '@aggrega/core/measure';
  import Picture from '$lib/look/Picture.svelte';
  import GridFields from './GridFields.svelte';
  import PaintLetters from './PaintLetters.svelte';
  import SketchPicture from './SketchPicture.svelte';
  import type { Taking } from './taking.svelte';

  interface Props {
    taking: Taking;
    /** Each letter that may be drawn with, and the name of its fabric. */
    names: ReadonlyMap<string, string>;
    ontake: (block: Block) => void;
    oncancel: () => void;
  }
  let { taking, names, ontake, oncancel }: Props = $props();
  const { source } = $derived(taking);
  const drawing = $derived('drawing' in source ? source.drawing : undefined);
  const { tracing } = $derived(taking);
  /** What was done to the drawing, so that nothing is left out in silence. */
  const notes = $derived([
    ...(tracing && tracing.moved >= 0.02 ? [words.cornersMoved(gridText(Math.ceil(tracing.moved * PER_CELL)))] : []),
    ...(tracing && tracing.added.length > 0 ? [words.seamsAdded] : []),
    ...(tracing && tracing.loose > 0 ? [words.looseLines(tracing.loose)] : []),
    ...(drawing && drawing.curved > 0 ? [words.curvedShapes(drawing.curved)] : []),
    ...(drawing && drawing.other > 0 ? [words.textAndPictures(drawing.other)] : []),
  ]);
</script>

<section class="mt-4 border-y border-rule py-4" aria-label={words.lookAtTheDrawing} data-taking>
  <h3 class="text-head">{words.lookAtTheDrawing}</h3>
  <p class="mt-1 max-w-prose text-quiet">{drawing ? words.setTheGridUntil : words.itHasLettersThat}</p>
  <div class="mt-4 grid grid-cols-[repeat(auto-fill,minmax(14rem,1fr))] gap-x-8 gap-y-6">
    {#if drawing}
      <div>
        <SketchPicture {drawing} grid={taking.grid} {tracing} at={taking.trouble?.at} />
        <p class="mt-1 text-note text-quiet">{words.asInTheFile}</p>
        <GridFields grid={taking.grid} most={64} onset={(grid) => (taking.grid = grid)} />
        <div class="mt-2 flex flex-wrap items-center gap-2">
          <span class="text-note text-quiet">{words.fitsToo}</span>
          {#each taking.grids as grid (grid.join())}
            <button
              class="btn {grid.join() === taking.grid.join() ? 'btn-primary' : ''}"
              aria-pressed={grid.join() === taking.grid.join()}
              onclick={() => (taking.grid = grid)}>{words.by(grid[0], grid[1])}</button
            >
          {/each}
        </div>
      </div>
    {/if}
    <div>
      {#if taking.block}
        <Picture
          class="w-full"
          drawing={blockDrawing(taking.block, [Exact.of(taking.block.grid[0]), Exact.of(taking.block.grid[1])])}
          colours={taking.colours}
          label={words.asItWillBe(taking.block.patches.length)}
        />
        <p class="mt-1 text-note text-quiet">{words.asItWillBe(taking.block.patches.length)}</p>
      {:else if taking.trouble}
        <p class="font-semibold text-madder" role="alert">{words.itDoesntFit(taking.trouble.trouble)}</p>
      {/if}
      {#each notes as note (note)}<p class="mt-2">{note}</p>{/each}
    </div>
    <div>
      <h4 class="font-semibold">{drawing ? words.coloursAndLetters : words.lettersAndLetters}</h4>
      <PaintLetters
        paints={taking.paints}
        letters={taking.letters}
        {names}
        swatches={drawing !== undefined}
        ongive={(paint, letter) => taking.give(paint, letter)}
      />
    </div>
  </div>
  <div class="mt-4 flex flex-wrap gap-2">
    <button class="btn btn-primary" disabled={!taking.block} onclick={() => taking.block && ontake(taking.block)}
      >{words.takeThisDrawing}</button
    >
    <button class="btn" onclick={oncancel}>{words.leaveIt}</button>
  </div>
</section>
