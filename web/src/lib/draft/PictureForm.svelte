<!-- A block out of a photo: its corners, what was read between them, and what becomes of it. The photo stays on the device. -->
<script lang="ts">
  import { words } from './words';
  import { blockDrawing, type Block } from '@aggrega/core/block';
  import { Exact } from '@aggrega/core/measure';
  import CornersPicture from '$lib/eye/CornersPicture.svelte';
  import PhotoDrop from '$lib/eye/PhotoDrop.svelte';
  import Picture from '$lib/look/Picture.svelte';
  import GridFields from './GridFields.svelte';
  import PaintLetters from './PaintLetters.svelte';
  import ReadingPicture from './ReadingPicture.svelte';
  import { PictureTaking } from './picture-taking.svelte';
  import { onDestroy, untrack } from 'svelte';

  interface Props {
    colours: ReadonlyMap<string, string>;
    /** Each letter that may be drawn with, and the name of its fabric. */
    names: ReadonlyMap<string, string>;
    ontake: (block: Block, underlay: string | undefined) => void;
    oncancel: () => void;
  }
  let { colours, names, ontake, oncancel }: Props = $props();
  const taking = new PictureTaking(untrack(() => colours));
  onDestroy(() => taking.close());
  const { photo } = taking;
  const MOST_SQUARES = 24;
  const MOST_BLOCKS = 20;
  const grid = $derived(taking.grid ?? taking.drawn?.grid);

  /** Undefined for the eye to find it. */
  function setGrid(chosen: readonly [number, number] | undefined) {
    taking.grid = chosen;
    void taking.read();
  }
  function turn() {
    photo.turn();
    if (taking.grid) taking.grid = [taking.grid[1], taking.grid[0]];
    void taking.read();
  }
</script>

<section
  class="mt-4 border-y border-rule py-4"
  aria-label={words.fromAPhotoHeading}
  data-picture={taking.reading ? 'busy' : ''}
>
  <h3 class="text-head">{words.fromAPhotoHeading}</h3>
  <p class="mt-1 max-w-prose text-quiet">
    {photo.several ? words.howToPick : photo.address ? words.putTheHandles : words.layTheBlockFlat}
  </p>
  {#if photo.trouble || taking.trouble}
    <p class="mt-3 max-w-prose font-semibold text-madder" role="alert">{photo.trouble || taking.trouble}</p>
  {/if}
  {#if photo.address}
    <div class="mt-4 grid grid-cols-[repeat(auto-fit,minmax(15rem,1fr))] gap-x-8 gap-y-6">
      <div>
        <CornersPicture {photo} onset={() => !photo.several && void taking.read()} />
        <div class="mt-2 flex flex-wrap gap-2">
          <button class="btn" onclick={turn}>{words.turnAQuarter}</button>
          <button class="btn" onclick={() => photo.forget()}>{words.anotherPhoto}</button>
          {#if !photo.several}
            <button class="btn" onclick={() => photo.pickOne()}>{words.pickOneOfSeveral}</button>
          {/if}
        </div>
        {#if photo.several}
          <GridFields
            grid={photo.several}
            most={MOST_BLOCKS}
            what={[words.blocksAcross, words.blocksDown]}
            onset={(to) => (photo.several = to)}
          />
          <p class="mt-1"><button class="link" onclick={() => (photo.several = undefined)}>{words.oneBlockAfterAll}</button></p>
        {:else if grid}
          <GridFields {grid} most={MOST_SQUARES} onset={setGrid} />
          <p class="mt-1 text-note text-quiet">
            {(taking.grid ? words.gridSetTo : words.asRead)(grid[0], grid[1])}
            {#if taking.grid}<button class="link" onclick={() => setGrid(undefined)}>{words.findTheGrid}</button>{/if}
          </p>
        {/if}
      </div>
      <div>
        {#if taking.drawn && taking.straight}
          <div class:opacity-50={taking.reading}><ReadingPicture {taking} /></div>
        {/if}
        {#if taking.reading && !photo.trouble}<p class="mt-2" role="status">{words.readingTheBlock}</p>{/if}
      </div>
      <div>
        {#if taking.block}
          <Picture
            class="w-full"
            drawing={blockDrawing(taking.block, [Exact.of(taking.block.grid[0]), Exact.of(taking.block.grid[1])])}
            {colours}
            label={words.asItWillBe(taking.block.patches.length)}
          />
          <p class="mt-1 text-note text-quiet">{words.asItWillBe(taking.block.patches.length)}</p>
          {#if taking.seams.length > 0}<p class="mt-2">{words.seamsInDoubt(taking.seams.length)}</p>{/if}
          {#if taking.patches.length > 0}<p class="mt-2">{words.patchesInDoubt(taking.patches.length)}</p>{/if}
          {#if taking.seams.length + taking.patches.length === 0}<p class="mt-2">{words.nothingInDoubt}</p>{/if}
          <h4 class="mt-4 font-semibold">{words.coloursAndLetters}</h4>
          <PaintLetters
            paints={taking.paints}
            letters={taking.letters}
            {names}
            swatches
            ongive={(paint, letter) => taking.give(paint, letter)}
          />
        {/if}
      </div>
    </div>
  {:else if photo.opening}
    <p class="mt-4" role="status">{words.openingThePhoto}</p>
  {:else}
    <div class="mt-4"><PhotoDrop onphoto={(file) => void taking.open(file)} /></div>
  {/if}
  <div class="mt-4 flex flex-wrap gap-2">
    {#if photo.address}
      <button
        class="btn btn-primary"
        disabled={!taking.block || taking.reading || photo.several !== undefined}
        onclick={() => taking.block && ontake(taking.block, taking.handOver())}>{words.takeThisDrawing}</button
      >
    {/if}
    <button class="btn" onclick={oncancel}>{words.leaveIt}</button>
  </div>
</section>
