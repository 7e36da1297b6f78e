<!-- One fabric on the cutting table: its strips to scale in cutting order, each opening into its sub-cuts. -->
<script lang="ts">
  import { words } from './words';
  import { inkOn } from '@aggrega/core/fabric';
  import type { FabricView } from '$lib/plan/month-plan';
  import type { Why as Reason } from '@aggrega/core/sheet';
  import { nameIn } from '$lib/look/name-in';
  import Length from '$lib/look/Length.svelte';
  import SubCuts from './SubCuts.svelte';
  import Why from '$lib/look/Why.svelte';

  interface Props {
    fabric: FabricView;
    unit: 'in' | 'cm';
    lit: (cut: string) => boolean;
    onlight: (cut: string | undefined) => void;
    /** Why a cut has its size. */
    whyOf: (cut: string) => Reason | undefined;
  }
  let { fabric, unit, lit, onlight, whyOf }: Props = $props();

  let open = $state(0);
  let width = $state(600);
  const px = $derived(width / fabric.wide);
  const ink = $derived(inkOn(fabric.colour));
  const tick = $derived(unit === 'in' ? 1 : 5);
  const number = $derived(unit === 'in' ? 6 : 20);
  const ticks = $derived(Array.from({ length: Math.floor(fabric.wide / tick) + 1 }, (_, i) => i * tick));
  $effect(() => {
    if (open >= fabric.strips.length) open = 0;
  });

  /** A sheet is drawn whole, a strip as long as it is cut. */
  const tall = (strip: { tall: number }) => fabric.sheet?.tall ?? strip.tall;
  const strips = (n: number) => words.countStrips(n);
</script>

<div class="grid grid-cols-[9.5rem_1fr] max-[20rem]:block gap-y-1">
  <div></div>
  <svg viewBox="0 0 {width} 34" class="block w-full overflow-visible" aria-hidden="true">
    {#each ticks as t (t)}
      {@const long = t % number === 0}
      <line x1={t * px} x2={t * px} y1={long ? 22 : 27} y2="34" stroke="currentColor" stroke-width={long ? 1.6 : 0.8} />
      {#if long}<text x={t * px} y="16" text-anchor="middle" font-size="12" fill="var(--color-quiet)">{t}</text>{/if}
    {/each}
  </svg>

  {#each fabric.strips as strip, i (i)}
    <button
      class="flex cursor-pointer items-center justify-end gap-2 pr-3 text-right"
      aria-expanded={i === open}
      aria-label={words.stripCutTimes(strip.length, strip.repeat)}
      onclick={() => (open = i)}
    >
      <span class="text-quiet">{strip.repeat} ×</span>
      <span class="numeral text-head"><Length of={strip.length} /></span>
      <svg width="9" height={Math.max(14, tall(strip) * px)} aria-hidden="true" class="shrink-0">
        <path d="M9 1H1V{Math.max(14, tall(strip) * px) - 1}H9" fill="none" stroke="currentColor" stroke-width="1.5" />
      </svg>
    </button>
    <div bind:clientWidth={width} class={i === open ? 'outline-4 outline-weld' : ''}>
      <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_noninteractive_element_interactions -->
      <svg
        viewBox="0 0 {width} {Math.max(14, tall(strip) * px)}"
        class="block w-full cursor-pointer"
        role="img"
        aria-label={words.longPiecesInEach(strips(strip.repeat), strip.length, strip.rects.length)}
        onclick={() => (open = i)}
        onpointerleave={() => onlight(undefined)}
      >
        <defs>
          <pattern id="waste-{i}" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line x1="0" y1="0" x2="0" y2="6" stroke="var(--color-quiet)" stroke-width="1" />
          </pattern>
        </defs>
        <rect {width} height={Math.max(14, tall(strip) * px)} fill="url(#waste-{i})" stroke="var(--color-rule)" />
        {#each strip.rects as r, j (j)}
          <g onpointerenter={() => onlight(r.cut)} role="presentation" data-cut={r.cut}>
            <rect
              x={r.x * px}
              y={r.y * px}
              width={r.w * px}
              height={Math.max(1, r.h * px)}
              fill={fabric.colour}
              stroke={lit(r.cut) ? 'var(--color-weld)' : ink}
              stroke-width={lit(r.cut) ? 3 : 0.8}
            />
            {#if r.w * px > 22 && r.h * px > 13}
              <text
                x={(r.x + r.w / 2) * px}
                y={(r.y + r.h / 2) * px + 4.5}
                text-anchor="middle"
                font-size="13"
                fill={ink}
                pointer-events="none">{nameIn(r.name, (r.w * px) / 7)}</text
              >
            {/if}
          </g>
        {/each}
      </svg>
    </div>
    {#if i === open}
      <div></div>
      <div class="pt-2 pb-4">
        <p class="text-lead font-semibold">
          {#if fabric.sheet}{words.take(
              strip.repeat === 1 ? words.onePiece : words.pieces(strip.repeat),
              fabric.sheet.turned ? words.laidOnTheSide : '',
            )}{:else}{strip.beyondRuler ? words.measure : words.setTheRulerTo}
            <span class="numeral"><Length of={strip.length} /> {unit}</span>
            {words.andCut(strips(strip.repeat))}{/if}
        </p>
        <SubCuts {strip}>
          {#snippet after(cut)}{@const why = whyOf(cut)}{#if why}, <Why {why} {unit} class="text-ink" />{/if}{/snippet}
        </SubCuts>
      </div>
    {/if}
  {/each}
</div>
