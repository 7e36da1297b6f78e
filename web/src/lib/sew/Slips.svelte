<!-- Mistakes that hands can make, each beside the block as it should be. -->
<script lang="ts">
  import { words } from './words';
  import Picture from '$lib/look/Picture.svelte';
  import type { BlockChoices } from './choices';
  import type { Drawing } from '@aggrega/core/block';
  import type { SeenSlip } from '@aggrega/core/construction';

  interface Props {
    slips: BlockChoices['slips'];
    whole: Drawing;
    colours: ReadonlyMap<string, string>;
    /** The sheet is to ask for this one first; for the likeliest where it is undefined. */
    onask: (seen: SeenSlip | undefined) => void;
  }
  let { slips, whole, colours, onask }: Props = $props();
</script>

{#if slips.length > 0}
  <section class="mt-8 border-t border-rule pt-4" aria-label={words.commonMistakes}>
    <h2 class="text-head">{words.commonMistakes}</h2>
    <p class="max-w-prose">
      {words.mistakesThatStillLookLike}
    </p>
    <div class="mt-3 flex flex-wrap gap-6">
      <figure class="w-40">
        <Picture class="w-full" drawing={whole} {colours} label={words.theCorrectBlock} />
        <figcaption class="font-semibold">{words.correct}</figcaption>
      </figure>
      {#each slips as slip (slip.text)}
        <figure class="w-40">
          <Picture class="w-full" drawing={slip.drawing} {colours} label={words.wrong(slip.text)}>
            {#snippet over()}
              {#each slip.at as [x, y, w, h], i (i)}
                <rect {x} {y} width={w} height={h} fill="none" stroke="#fff" stroke-width={whole.width / 50} />
                <rect {x} {y} width={w} height={h} fill="none" stroke="#b3322b" stroke-width={whole.width / 90} />
              {/each}
            {/snippet}
          </Picture>
          <figcaption>
            {slip.text}
            {#if slip.asked}
              <span class="block text-quiet">{words.askedForFirst}</span>
              <button class="no-print link" onclick={() => onask(undefined)}>{words.askForTheLikeliest}</button>
            {:else}
              <button
                class="no-print link block text-left"
                aria-label={words.askForThis(slip.text)}
                onclick={() => onask(slip.seen)}>{words.askForThisFirst}</button
              >
            {/if}
          </figcaption>
        </figure>
      {/each}
    </div>
  </section>
{/if}
