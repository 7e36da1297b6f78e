<!-- One step at the cutting table, large enough to read from a ruler's length away. -->
<script lang="ts">
  import { words } from './words';
  import { nameIn } from '$lib/look/name-in';
  import type { FabricView, StripView } from '$lib/plan/month-plan';
  import { inkOn } from '@aggrega/core/fabric';
  import Length from '$lib/look/Length.svelte';
  import SubCuts from './SubCuts.svelte';

  interface Props {
    fabric: FabricView;
    strip: StripView;
    unit: 'in' | 'cm';
    /** How many layers the house cuts at once. */
    layers: number;
    /** Whose its cuts are: 'each kit 4 × A1'. */
    who: string;
    backable: boolean;
    onback: () => void;
    ondone: () => void;
  }
  let { fabric, strip, unit, layers, who, backable, onback, ondone }: Props = $props();
  const ink = $derived(inkOn(fabric.colour));
  const tall = $derived(fabric.sheet?.tall ?? strip.tall);
  const stacks = $derived(Math.ceil(strip.repeat / layers));
</script>

<article class="mt-5 border-t-2 border-ink pt-4" aria-label={words.step} data-step={strip.id}>
  <h2 class="flex flex-wrap items-center gap-3 text-head">
    <span class="cloth inline-block h-8 min-w-8 px-2 text-center font-sans" style:background={fabric.colour} style:color={ink}
      >{fabric.roles.join(' ')}</span
    >
    {fabric.name}
    <!-- In reach without scrolling, whatever the step holds. -->
    <span class="ml-auto flex gap-3 font-sans text-body font-normal">
      <button class="btn px-4 py-3" disabled={!backable} onclick={onback}>{words.backOneStep}</button>
      <button class="btn px-6 py-3 font-semibold" onclick={ondone}>{words.doneNextCut}</button>
    </span>
  </h2>
  <p class="mt-3 flex flex-wrap items-baseline gap-x-8 gap-y-1">
    {#if fabric.sheet}
      <span class="big">{strip.repeat}</span>
      <span class="text-lead">{words.pieces5(strip.repeat)}{fabric.sheet.turned ? words.laidOnTheSide : ''}</span>
    {:else}
      <span class="text-lead text-quiet">{strip.beyondRuler ? words.measure2 : words.setTheRulerTo2}</span><span class="big"
        ><Length of={strip.length} /></span
      >
      <span class="text-lead">{words.cut(unit)} <b class="numeral">{strip.repeat}</b> {words.strips(strip.repeat)}</span>
    {/if}
  </p>
  <svg
    viewBox="0 0 {fabric.wide} {tall}"
    class="mt-4 block max-h-72 w-full border border-rule"
    role="img"
    aria-label={words.howItIsCut}
  >
    {#each strip.rects as r, i (i)}
      <rect x={r.x} y={r.y} width={r.w} height={r.h} fill={fabric.colour} stroke={ink} stroke-width={fabric.wide / 900} />
      <text
        x={r.x + r.w / 2}
        y={r.y + r.h / 2 + fabric.wide / 130}
        text-anchor="middle"
        font-size={Math.min(fabric.wide / 44, r.w / 2, r.h / 1.3)}
        fill={ink}>{nameIn(r.name, r.w / (Math.min(fabric.wide / 44, r.h / 1.3) * 0.55))}</text
      >
    {/each}
  </svg>
  <div class="mt-3 text-lead">
    {#if strip.repeat > 1}
      <p class="text-quiet">
        {words.stackThen(stacks === 1 ? words.all(strip.repeat) : words.atATimeStacks(layers, stacks))}
      </p>
    {/if}
    <SubCuts {strip} all />
    <p class="mt-2 text-quiet">
      {words.perKit(who)}
    </p>
  </div>
</article>

<style>
  .big {
    font-family: var(--font-title);
    font-size: 4.5rem;
    line-height: 1;
    font-weight: 750;
  }
</style>
