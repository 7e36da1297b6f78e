<!-- What was read, over the photo that it was read from: what is in doubt glows, and is answered by a click or a key. -->
<script lang="ts">
  import { words } from './words';
  import { inkOn } from '@aggrega/core/fabric';
  import { PER_CELL, type Point } from '@aggrega/core/block';
  import { middleOf, type PictureTaking } from './picture-taking.svelte';

  let { taking }: { taking: PictureTaking } = $props();
  /** How much of the drawing lies over the photo. */
  let share = $state(0.5);
  let hand = $state('A');
  const drawn = $derived(taking.drawn!);
  const [w, h] = $derived(drawn.grid.map((n) => n * PER_CELL) as [number, number]);
  const line = $derived(Math.max(w, h) / 300);
  const colours = $derived(new Map(taking.fabrics.map((f) => [f.letter, f.colour])));
  const points = (list: readonly Point[]) => list.map((p) => p.join(',')).join(' ');
  const key = (e: KeyboardEvent, done: () => void) => {
    if (e.key !== 'Enter' && e.key !== ' ') return;
    e.preventDefault();
    done();
  };
</script>

<svg
  class="block w-full"
  viewBox="{-line * 3} {-line * 3} {w + line * 6} {h + line * 6}"
  role="group"
  aria-label={words.theReadingOverThePhoto(drawn.patches.length)}
>
  <image href={taking.straight} width={w} height={h} preserveAspectRatio="none" />
  {#each drawn.patches as patch, i (i)}
    <polygon
      points={points(patch.points)}
      fill={colours.get(patch.role)}
      fill-opacity={share}
      stroke="#ffffff"
      stroke-width={line * 1.5}
      stroke-linejoin="round"
      role="presentation"
      data-patch={i}
      onclick={() => taking.recast(middleOf(patch.points), hand)}
    />
    <polygon
      points={points(patch.points)}
      fill="none"
      stroke="#1c2a4a"
      stroke-width={line * 0.6}
      stroke-linejoin="round"
      pointer-events="none"
    />
  {/each}
  {#each taking.patches as at (at.join())}
    <g
      class="doubt"
      role="button"
      tabindex="0"
      aria-label={words.aDoubtfulPatch(hand)}
      transform="translate({at[0]} {at[1]})"
      onclick={() => taking.recast(at, hand)}
      onkeydown={(e) => key(e, () => taking.recast(at, hand))}
    >
      <circle r={line * 6} fill="#f2d21b" stroke="#1c2a4a" stroke-width={line} />
      <text text-anchor="middle" dy={line * 3} font-size={line * 9} font-weight="700" fill="#1c2a4a">?</text>
    </g>
  {/each}
  {#each taking.seams as seam (`${seam.from} ${seam.to}`)}
    <g
      class="doubt"
      role="button"
      tabindex="0"
      data-doubt={seam.drawn ? 'drawn' : 'open'}
      aria-pressed={seam.drawn}
      aria-label={seam.drawn ? words.aDoubtfulSeamDrawn : words.aDoubtfulSeamOpen}
      onclick={() => taking.flip(seam)}
      onkeydown={(e) => key(e, () => taking.flip(seam))}
    >
      {#each [['transparent', 12], ['#1c2a4a', 4.5], ['#f2d21b', 3]] as const as [stroke, wide] (stroke)}
        <line
          {stroke}
          x1={seam.from[0]}
          y1={seam.from[1]}
          x2={seam.to[0]}
          y2={seam.to[1]}
          stroke-width={line * wide}
          stroke-dasharray={seam.drawn || stroke === 'transparent' ? undefined : `${line * 5} ${line * 5}`}
        />
      {/each}
    </g>
  {/each}
</svg>
<label class="mt-2 flex items-center gap-2">
  <span class="text-note text-quiet">{words.photo}</span>
  <input
    class="flex-1 accent-ink"
    type="range"
    min="0"
    max="1"
    step="0.05"
    bind:value={share}
    aria-label={words.howMuchDrawing}
  />
  <span class="text-note text-quiet">{words.drawing}</span>
</label>
<div class="mt-2 flex flex-wrap items-center gap-2" role="group" aria-label={words.fabricInHand}>
  <span class="text-note text-quiet">{words.clickAPatchToGiveIt}</span>
  {#each taking.fabrics as { letter, colour }, i (letter)}
    <button
      class="cloth relative size-9 font-semibold"
      style:background={colour}
      style:color={inkOn(colour)}
      aria-pressed={letter === hand}
      aria-label={words.colourNumber(i + 1)}
      onclick={() => (hand = letter)}
      >{i + 1}{#if letter === hand}<span class="absolute right-0 -bottom-2 left-0 h-1.5 bg-weld"></span>{/if}</button
    >
  {/each}
</div>

<style>
  .doubt {
    cursor: pointer;
  }
</style>
