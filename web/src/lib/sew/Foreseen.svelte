<!-- How likely the block comes out at its size: forty people as dots on a ruler, what is to blame, and what would help. -->
<script lang="ts">
  import { words } from './words';
  import CheckpointDots from '$lib/foresee/CheckpointDots.svelte';
  import PeopleDots from '$lib/foresee/PeopleDots.svelte';
  import Takes from '$lib/foresee/Takes.svelte';
  import Say from '$lib/look/Say.svelte';
  import type { Foretold } from './foretelling';
  import { EASED, FORTY, SPOILT } from '@aggrega/core/foresee';
  import { listed } from '@aggrega/core/measure';

  let { foretold, name }: { foretold: Foretold; name: string } = $props();
  let shown = $state(false);
  const unit = $derived(foretold.unit);
  const { people } = $derived(foretold.block);
  const within = (most: number) => people.filter((off) => Math.abs(off) <= most + 1e-9).length;
  const eased = $derived(within(EASED[unit]));
  const usable = $derived(within(SPOILT[unit]) - eased);
  const spoilt = $derived(people.length - eased - usable);
  const of40 = (share: number) => Math.round(share * FORTY);
  const CAUSES = {
    habit: words.causeHabit,
    seam: words.causeSeam,
    press: words.causePress,
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
  const gain = (share: number) => share - foretold.block.eased > 0.012;
  const measure = $derived(foretold.measure);
  const checkpoints = $derived([
    ...foretold.parts.map((part) => ({ name: part.unit ?? words.partNOfTheBlock((part.part ?? 0) + 1), part })),
    { name, part: foretold.block },
  ]);
</script>

<section
  class="mt-8 border-t border-rule pt-4"
  aria-label={words.howLikelyIs(foretold.size, unit)}
  data-foreseen={of40(foretold.block.eased)}
>
  <h2 class="text-head"><Say text={words.howLikelyIs(foretold.size, unit)} /></h2>
  <div class="mt-2 flex flex-wrap gap-x-10 gap-y-4">
    <figure class="w-full max-w-md">
      <PeopleDots {people} {unit} label={words.dotsSay(name, eased, usable, spoilt)} />
      <figcaption class="text-note text-quiet">{words.eachDotIsAPerson}</figcaption>
    </figure>
    <div class="max-w-prose min-w-64 flex-1 space-y-1.5">
      <p class="text-lead font-semibold">{words.ofFortyComeOut(eased, usable, spoilt)}</p>
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
      {/if}
      <Takes group={foretold.group} told />
    </div>
  </div>
  <details class="mt-3" bind:open={shown}>
    <summary class="cursor-pointer">{words.atEachCheckpoint}</summary>
    {#if shown}<CheckpointDots rows={checkpoints} {unit} />{/if}
  </details>
</section>
