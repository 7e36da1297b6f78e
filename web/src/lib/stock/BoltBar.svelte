<!-- A bolt unrolled, to scale: what is cut from it in order, and what remains. -->
<script lang="ts">
  import { words } from './words';
  import type { BoltView } from '$lib/plan/year-views';
  import { inkOn } from '@aggrega/core/fabric';
  import Length from '$lib/look/Length.svelte';

  interface Props {
    bolt: BoltView;
    colour: string;
    unit: 'in' | 'cm';
    /** Length that the width of the page stands for. */
    longest: number;
  }
  let { bolt, colour, unit, longest }: Props = $props();
  const W = 1000;
  const px = $derived(W / longest);
  const ink = $derived(inkOn(colour));
  const runs = $derived.by(() => {
    let x = 0;
    return bolt.cuts.map((c) => {
      const run = { ...c, x };
      x += c.qty * c.long;
      return run;
    });
  });
  const used = $derived(bolt.long - bolt.restLong);
  const says = {
    untouched: words.staysAsItIs2,
    'used up': words.usedUp2,
    saleable: words.canBeSold,
    'too short': words.tooShortToSell,
  };
</script>

<div class="grid grid-cols-[9rem_minmax(0,1fr)] max-[40rem]:grid-cols-1 items-center gap-x-3 py-1.5">
  <p class="text-right leading-tight max-[40rem]:text-left">
    <span class="numeral text-lead"><Length of={bolt.length} /></span>
    <span class="text-note text-quiet">{unit}{bolt.lot ? words.lot(bolt.lot) : ''}</span>
  </p>
  <div>
    <svg viewBox="0 0 {W} 34" class="block w-full" role="img" aria-label={words.boltOfLeft(bolt.length, unit, bolt.rest)}>
      <rect x="0.5" y="3" width={bolt.long * px - 1} height="28" fill="none" stroke="currentColor" stroke-dasharray="5 4" />
      {#each runs as run, i (i)}
        <rect x={run.x * px} y="3" width={run.qty * run.long * px} height="28" fill={colour} stroke={ink} stroke-width="1.4" />
        {#each { length: run.qty - 1 }, j (j)}
          <line
            x1={(run.x + (j + 1) * run.long) * px}
            x2={(run.x + (j + 1) * run.long) * px}
            y1="3"
            y2={run.long * px > 7 ? 31 : 13}
            stroke={ink}
            stroke-width="1"
          />
        {/each}
      {/each}
      {#if bolt.state === 'too short'}
        <rect x={used * px} y="3" width={bolt.restLong * px} height="28" fill="var(--color-walnut)" opacity="0.45" />
      {/if}
    </svg>
    <p class="text-note leading-snug">
      {#each bolt.cuts as c, i (i)}{i > 0 ? '; ' : ''}{c.qty} × <b class="numeral"><Length of={c.each} /></b>
        {c.label}{/each}{bolt.cuts.length > 0 ? '. ' : ''}<span class="text-quiet"
        >{#if bolt.state === 'untouched'}{words.staysAsItIs}{:else if bolt.state === 'used up'}{words.usedUp}{:else}<Length
            of={bolt.rest}
          />
          {words.left(unit, says[bolt.state], bolt.fatQuarters > 0 ? words.orFatQuarters(bolt.fatQuarters) : '')}{/if}.</span
      >
    </p>
  </div>
</div>
