<!-- How well the quilt goes together: forty people's quilts as dots, what fits worst, and what would help. -->
<script lang="ts">
  import { words } from './words';
  import { onDestroy } from 'svelte';
  import Takes from '$lib/foresee/Takes.svelte';
  import PeopleDots from '$lib/foresee/PeopleDots.svelte';
  import { Foreteller } from '$lib/foresee/foreteller.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import Say from '$lib/look/Say.svelte';
  import Working from '$lib/look/Working.svelte';
  import { FORTY, type ForeseenQuilt, type SizeBySeams } from '@aggrega/core/foresee';
  import { formatLength, listed, ratio } from '@aggrega/core/measure';
  import type { Colourway } from '@aggrega/core/programme';

  interface Props {
    colourway: Colourway;
    /** '' for the plain size. */
    size: string;
    /** What the group has measured. */
    sizes: readonly SizeBySeams[];
  }
  let { colourway, size, sizes }: Props = $props();
  const bench = useWorkbench();
  const { unit } = $derived(bench.programme);
  const foreteller = new Foreteller<ForeseenQuilt>();
  onDestroy(() => foreteller.close());
  $effect(() => {
    const asked = { document: bench.saver.document, colourway: colourway.id, size, sizes };
    foreteller.ask((worker, report) => worker.quilt(asked, report));
  });

  const found = $derived(foreteller.found);
  const of40 = (share: number) => Math.round(share * FORTY);
  /** Blocks that more than a few quilts fit badly because of. */
  const worst = $derived(
    (found?.blocks ?? [])
      .filter((block) => block.worst >= 0.1)
      .slice(0, 3)
      .map(({ name, worst }) => words.inSoMany(name, of40(worst))),
  );
  const gains = (share: number) => found !== undefined && of40(share) > of40(found.usable);
  /** To the nearest eighth, or half centimetre; '' where that is nothing. */
  function off(mean: number): string {
    const parts = unit === 'in' ? 8 : 2;
    const near = Math.round(Math.abs(mean) * parts);
    return near === 0 ? '' : formatLength(ratio(near, parts), unit);
  }
  const middle = $derived(
    (found?.sides ?? []).flatMap(({ way, mean }) => {
      const by = off(mean);
      const told = way === 'across' ? (mean < 0 ? words.narrower : words.wider) : mean < 0 ? words.shorter : words.longer;
      return by ? [told(by, unit)] : [];
    }),
  );
</script>

<section class="mt-8 break-inside-avoid" aria-label={words.howWellWillItGo} data-quilt-foreseen={found && of40(found.usable)}>
  <h2 class="border-b-2 border-ink pb-1 text-head">{words.howWellWillItGo}</h2>
  <Working progress={foreteller.progress} what={words.sewingTheQuiltManyTimes} />
  {#if foreteller.problem}<p class="mt-2 max-w-prose">{foreteller.problem}</p>{/if}
  {#if found}
    <div class="mt-3 flex flex-wrap gap-x-10 gap-y-4">
      <figure class="w-full max-w-md">
        <PeopleDots people={found.people} {unit} apart label={words.quiltDotsSay(of40(found.usable), FORTY)} />
        <figcaption class="text-note text-quiet">{unit === 'in' ? words.eachDotIsAQuilt : words.eachDotIsAQuiltCm}</figcaption>
      </figure>
      <div class="max-w-prose min-w-64 flex-1 space-y-1.5">
        <p class="text-lead font-semibold">{words.ofFortyQuilts(of40(found.usable), FORTY - of40(found.usable))}</p>
        {#if worst.length > 0}<p>{words.whereTheWorstSeamIs(listed(worst))}</p>{/if}
        <p>{words.seamsToEase(Math.round(found.toEase), found.seams)}</p>
        {#if gains(found.own)}<p>{words.stripsToHerOwn(of40(found.own))}</p>{/if}
        {#if gains(found.scant)}<p>{words.aThreadNarrower(of40(found.scant))}</p>{/if}
        {#if middle.length > 0}<p><Say text={words.theMiddleWillBe(listed(middle))} /></p>{/if}
        <Takes group={found.group} />
      </div>
    </div>
  {/if}
</section>
