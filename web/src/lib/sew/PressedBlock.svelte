<!-- The block from the back with its pressing, and how its points nest within it and from block to block. -->
<script lang="ts">
  import { words } from './words';
  import BackPicture from './BackPicture.svelte';
  import type { BlockChoices } from './choices';
  import type { Construction } from '@aggrega/core/construction';
  import { backView } from '@aggrega/core/sheet';

  interface Props {
    c: Construction;
    name: string;
    colours: ReadonlyMap<string, string>;
    /** How the block's edges meet those of the blocks beside it; undefined while it is worked out. */
    neighbours: BlockChoices['neighbours'] | undefined;
  }
  let { c, name, colours, neighbours }: Props = $props();
</script>

<section class="mt-8 border-t border-rule pt-4" aria-label={words.pressing}>
  <h2 class="text-head">{words.theBlockFromTheBack}</h2>
  <div class="mt-2 flex flex-wrap gap-6">
    <BackPicture class="w-72" view={backView(c)} {colours} label={words.fromTheBackWithIts(name)} />
    <div class="max-w-sm flex-1">
      <p>
        {#if c.pressing.crossings === 0}{words.noPointsWhereFourSeams}
        {:else}<b>{words.of(c.pressing.nested, c.pressing.crossings)}</b> {words.seamIntersectionsNest}{/if}
        {#if c.pressing.at.some((x) => x.spun)}{words.atTheYellowDotsSpin}{/if}
      </p>
      {#each c.pressing.givenUp as wish, i (i)}<p class="mt-1 text-quiet">{wish}</p>{/each}
      {#if neighbours && neighbours.asDrawn.crossings > 0}
        <p class="mt-2">
          {words.blockToBlockOfEdge(
            neighbours.asDrawn.nested,
            neighbours.asDrawn.crossings,
          )}{#if neighbours.turned}{words.ofIfYouTurnEvery(
              neighbours.turned.nested,
              neighbours.turned.crossings,
              ['', words.aQuarterTurnClockwise, words.upsideDown, words.aQuarterTurnAnticlockwise][neighbours.turned.quarters],
            )}{/if}.
        </p>
      {/if}
    </div>
  </div>
</section>
