<!-- One kit's length of a fabric, to scale, in the order in which it is cut off: now, saved, whole. -->
<script lang="ts">
  import { words } from './words';
  import { nameIn } from '$lib/look/name-in';
  import Letters from '$lib/look/Letters.svelte';
  import { inkOn } from '@aggrega/core/fabric';
  import type { PacketFabricView } from '$lib/plan/packet-views';
  import Length from '$lib/look/Length.svelte';
  import Say from '$lib/look/Say.svelte';

  let { fabric, months, unit }: { fabric: PacketFabricView; months: string[]; unit: 'in' | 'cm' } = $props();
  const ink = $derived(inkOn(fabric.colour));
  const laid = $derived.by(() => {
    let y = 0;
    return fabric.strips.flatMap((strip) =>
      Array.from({ length: strip.repeat }, () => {
        const at = { ...strip, y };
        y += strip.tall;
        return at;
      }),
    );
  });
  const tall = $derived(laid.reduce((n, s) => n + s.tall, 0) + fabric.reserveTall);
  const several = $derived(months.length > 1);
</script>

<section
  class="mt-4 grid grid-cols-[minmax(0,1fr)_minmax(0,22rem)] gap-x-6 break-inside-avoid max-[50rem]:block"
  data-packet-fabric={fabric.id}
>
  <svg
    viewBox="-1 -0.2 {fabric.wide + 1.2} {tall + 0.4}"
    class="block w-full"
    role="img"
    aria-label={words.asItIsCut(fabric.name, fabric.ask)}
  >
    <rect width={fabric.wide} height={tall} fill="none" stroke="currentColor" stroke-width="0.12" stroke-dasharray="0.6 0.5" />
    {#each laid as strip, i (i)}
      <g transform="translate(0 {strip.y})">
        <line x1="-1" x2={fabric.wide} y1="0" y2="0" stroke="currentColor" stroke-width="0.1" />
        {#each strip.rects as r, j (j)}
          <rect
            x={r.x}
            y={r.y}
            width={r.w}
            height={r.h}
            fill={fabric.colour}
            fill-opacity={strip.month > 0 || r.later !== undefined ? 0.45 : 1}
            stroke={ink}
            stroke-width="0.08"
          />
          {#if r.h >= 1}
            <text
              x={r.x + r.w / 2}
              y={r.y + r.h / 2 + 0.35}
              text-anchor="middle"
              font-size={Math.min(1, r.w / 3.2, r.h / 1.2)}
              fill={strip.month > 0 || r.later !== undefined ? 'currentColor' : ink}
              >{nameIn(r.name, r.w / 0.55)}{several ? ` · ${(r.later ?? strip.month) + 1}` : ''}</text
            >
          {/if}
        {/each}
      </g>
    {/each}
  </svg>
  <div>
    <h4 class="flex items-center gap-2 text-lead">
      <Letters of={fabric} />
      {fabric.name}, <Say text={fabric.ask} />
    </h4>
    {#if several && fabric.months.length > 0}
      <ul class="mt-1">
        {#each fabric.months as m, i (i)}
          {@const own = fabric.strips.filter((s) => s.month === i)}
          <li class="border-b border-rule py-1">
            <b>{i + 1}. {months[i]}.</b>
            {#if own.length > 0}{words.cut}
              {#each own as s, j (j)}{j > 0 ? ', ' : ''}{s.repeat === 1 ? words.one : s.repeat}
                <b class="numeral"><Length of={s.length} /></b>
                {unit}
                {words.strips(s.repeat)}{/each}.{/if}
            {#if m.saved.length > 0}{words.alreadyCut} <Say text={m.saved.join(', ')} />.{/if}
            {#if own.length === 0 && m.saved.length === 0}{words.nothingToCut}{/if}
            {#if m.save.length > 0}<span class="block">{words.cutAndBag} <Say text={m.save.join('; ')} />.</span>{/if}
            {#each m.whole as whole (whole)}<span class="block">{words.keepWhole} <Say text={whole} />.</span>{/each}
          </li>
        {/each}
      </ul>
    {:else if fabric.months.length > 0}
      <p class="mt-1">
        {words.cut}
        {#each fabric.strips as s, j (j)}{j > 0 ? ', ' : ''}{s.repeat === 1 ? words.one : s.repeat}
          <b class="numeral"><Length of={s.length} /></b>
          {unit}
          {words.strips(s.repeat)}{/each}.
      </p>
    {/if}
    {#if fabric.reserveTall > 0}
      <p class="text-note text-quiet">
        <Length of={fabric.reserve} />
        {words.spareForSquaringUpAnd(unit)}
      </p>
    {/if}
  </div>
</section>
