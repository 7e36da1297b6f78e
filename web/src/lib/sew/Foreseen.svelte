<!-- How likely the block comes out at its size: forty people as dots on a ruler, what is to blame, and what would help. -->
<script lang="ts">
  import { words } from './words';
  import Say from '$lib/look/Say.svelte';
  import type { Foretold } from './foretelling';
  import { EASED, FORTY, SPOILT } from '@aggrega/core/foresee';
  import { formatLength, listed, ratio } from '@aggrega/core/measure';

  let { foretold, name }: { foretold: Foretold; name: string } = $props();
  const unit = $derived(foretold.unit);
  /** As far as the picture goes to both sides, and how wide a heap of dots is. */
  const reach = $derived(SPOILT[unit] * 2);
  const step = $derived(EASED[unit] / 2);
  const dots = $derived.by(() => {
    const heaps = new Map<number, number>();
    return foretold.people.map((off) => {
      const heap = Math.round(Math.max(-reach, Math.min(reach, off)) / step);
      const at = heaps.get(heap) ?? 0;
      heaps.set(heap, at + 1);
      const eased = Math.abs(off) <= EASED[unit] + 1e-9;
      return { heap, at, kind: eased ? 'eased' : Math.abs(off) <= SPOILT[unit] + 1e-9 ? 'usable' : 'spoilt' };
    });
  });
  const high = $derived(Math.max(...dots.map(({ at }) => at)) + 1);
  const count = (kind: string) => dots.filter((dot) => dot.kind === kind).length;
  const of40 = (share: number) => Math.round(share * FORTY);
  const CAUSES = {
    habit: words.causeHabit,
    seam: words.causeSeam,
    cut: words.causeCut,
    bias: words.causeBias,
    trim: words.causeTrim,
  };
  const causes = $derived(
    (Object.entries(foretold.causes) as [keyof typeof CAUSES, number][])
      .filter(([, share]) => share >= 0.05)
      .sort(([, a], [, b]) => b - a)
      .map(([cause, share]) => words.shareOf(CAUSES[cause], Math.round(share * 100))),
  );
  const steps = $derived(
    foretold.steps
      .slice(0, 3)
      .map(({ unit: label, share }) =>
        words.shareOf(label ? words.inUnit(label) : words.betweenUnits, Math.round(share * 100)),
      ),
  );
  /** '1/8', '3 mm' */
  const offText = (n: number) => (unit === 'in' ? formatLength(ratio(n, 8), 'in') : words.mm(n * 3));
  const gain = (share: number) => share - foretold.block.eased > 0.012;
  const measure = $derived(foretold.measure);
  const marks = $derived([-2, -1, 0, 1, 2].map((n) => ({ n, at: (n * SPOILT[unit]) / step })));
  const wide = $derived((2 * reach) / step + 3);
</script>

<section
  class="mt-8 border-t border-rule pt-4"
  aria-label={words.howLikelyIs(foretold.size, unit)}
  data-foreseen={of40(foretold.block.eased)}
>
  <h2 class="text-head"><Say text={words.howLikelyIs(foretold.size, unit)} /></h2>
  <div class="mt-2 flex flex-wrap gap-x-10 gap-y-4">
    <figure class="w-full max-w-md">
      <svg
        viewBox="{-wide / 2} {-high - 0.5} {wide} {high + 3}"
        class="block w-full"
        role="img"
        aria-label={words.dotsSay(name, count('eased'), count('usable'), count('spoilt'))}
      >
        <rect
          x={-EASED[unit] / step - 0.5}
          y={-high - 0.5}
          width={(2 * EASED[unit]) / step + 1}
          height={high + 0.5}
          fill="var(--color-edge)"
        />
        {#each dots as { heap, at, kind }, i (i)}
          <circle
            cx={heap}
            cy={-at - 0.5}
            r="0.4"
            fill={kind === 'eased' ? 'var(--color-ink)' : kind === 'usable' ? 'var(--color-weld)' : 'var(--color-madder)'}
            stroke="var(--color-ink)"
            stroke-width="0.08"
          />
        {/each}
        <line x1={-wide / 2} x2={wide / 2} y1="0" y2="0" stroke="var(--color-ink)" stroke-width="0.08" />
        {#each marks as { n, at } (n)}
          <line x1={at} x2={at} y1="0" y2="0.5" stroke="var(--color-ink)" stroke-width="0.08" />
          <text
            x={n === -2 ? -wide / 2 : n === 2 ? wide / 2 : at}
            y="1.7"
            text-anchor={n === -2 ? 'start' : n === 2 ? 'end' : 'middle'}
            font-size="0.8"
            fill="var(--color-ink)">{n === 0 ? words.right : (n < 0 ? words.small : words.large)(offText(Math.abs(n)))}</text
          >
        {/each}
      </svg>
      <figcaption class="text-note text-quiet">{words.eachDotIsAPerson}</figcaption>
    </figure>
    <div class="max-w-prose min-w-64 flex-1 space-y-1.5">
      <p class="text-lead font-semibold">{words.ofFortyComeOut(count('eased'), count('usable'), count('spoilt'))}</p>
      <p>{words.whatIsToBlame(listed(causes))} {words.whereItComesFrom(listed(steps))}</p>
      {#if measure && gain(measure.eased)}
        <p>{words.measureHelps(measure.unit ?? words.partN((measure.part ?? 0) + 1), of40(measure.eased))}</p>
      {/if}
      {#if gain(foretold.scant)}<p>{words.scantHelps(of40(foretold.scant))}</p>
      {:else if foretold.block.eased - foretold.scant > 0.05}<p>{words.scantHarms(of40(foretold.scant))}</p>{/if}
      {#if foretold.large}
        {@const { large } = foretold}
        <p>
          <Say
            text={large.eased - large.now > 0.012
              ? words.largeHelps(
                  large.oversize,
                  unit,
                  of40(large.eased),
                  of40(large.now),
                  Math.round((large.cloth - 1) * 100),
                  Math.round((large.minutes - 1) * 100),
                )
              : words.largeDoesNothing}
          />
        </p>
      {/if}
      {#if foretold.group}
        {@const { persons, measures, eased } = foretold.group}
        <p data-group={measures}>{words.fromYourGroup(measures, persons, of40(eased.low), of40(eased.high), FORTY)}</p>
        <p class="text-note text-quiet">{words.theMoreTheyMeasure}</p>
      {:else}
        <p class="text-note text-quiet">{words.whatTheForecastTakes}</p>
      {/if}
    </div>
  </div>
</section>
