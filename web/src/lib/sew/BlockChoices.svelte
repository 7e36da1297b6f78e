<!-- Methods and other readings of a block's units, each with what it costs; a choice saves itself and can be taken back. -->
<script lang="ts">
  import { words } from './words';
  import { FORTY } from '@aggrega/core/foresee';
  import type { BlockChoices } from './choices';
  import type { Foretold } from './foretelling';
  import type { Effort } from '@aggrega/core/construction';

  interface Props {
    choices: BlockChoices | undefined;
    /** How likely the block comes out by each way. */
    foretold: Foretold | undefined;
    /** The unit of the step in hand. */
    unit: string | undefined;
    onmethod: (name: string, method: string) => void;
    onreading: (name: string, reading: 'whole' | 'parts') => void;
    /** Undefined: the usual way. */
    onjoining: (name: string | undefined) => void;
  }
  let { choices, foretold, unit, onmethod, onreading, onjoining }: Props = $props();
  const inHand = $derived(choices?.units.find((u) => u.label === unit));

  const NAMES: [keyof Effort, string, string][] = [
    ['seams', words.seam, words.seams],
    ['cuts', words.cut, words.cuts],
    ['trims', words.trim, words.trims],
    ['bias', words.biasEdge, words.biasEdges],
    ['points', words.matchingPoint, words.matchingPoints],
  ];
  /** '2 fewer seams, 1 more cut, 14% less fabric' */
  function difference(from: Effort, to: Effort): string {
    const said = NAMES.flatMap(([key, one, many]) => {
      const n = Math.round(to[key] - from[key]);
      return n === 0 ? [] : [n > 0 ? words.moreOf(n, n === 1 ? one : many) : words.fewerOf(-n, n === -1 ? one : many)];
    });
    const fabric = Math.round((to.fabric / from.fabric - 1) * 100);
    if (fabric !== 0) said.push(fabric > 0 ? words.moreFabric(fabric) : words.lessFabric(-fabric));
    return said.join(', ') || words.costsTheSame;
  }
  /** 'about 31 of 40 come out', once that is known. */
  const comeOut = (share: number | undefined) => (share === undefined ? '' : words.comeOut(Math.round(share * FORTY), FORTY));
  const minutes = (effort: Effort) => Math.round(effort.minutes);
</script>

{#if !choices}
  <p class="text-quiet" role="status">{words.comparingMethods}</p>
{:else}
  {#if inHand}
    {@const now = inHand.methods.find((m) => m.chosen)?.effort}
    <section aria-label={words.methodFor(inHand.label)}>
      <h2 class="border-b border-ink pb-1 text-lead">{inHand.label}, {inHand.kind}</h2>
      {#each inHand.methods as method (method.name)}
        <label
          class="flex gap-2 border-b border-rule py-1.5 {method.unable ? 'text-quiet' : 'cursor-pointer'} {method.chosen
            ? 'bg-weld text-primary-content'
            : ''}"
        >
          <input
            type="radio"
            class="mt-1 ml-1"
            name="method"
            value={method.name}
            checked={method.chosen}
            disabled={!!method.unable}
            onchange={() => onmethod(inHand.name, method.name)}
          />
          <span class="min-w-0 flex-1 leading-snug">
            {method.title}
            <span class="block text-note"
              >{method.unable ?? (method.chosen || !now ? words.chosen : difference(now, method.effort!))}
              <span class="block">{comeOut(foretold?.methods[inHand.name]?.[method.name])}</span></span
            >
          </span>
          {#if method.effort}<span class="pr-1 text-right whitespace-nowrap">{words.min(minutes(method.effort))}</span>{/if}
        </label>
      {/each}
    </section>
  {/if}
  {#if choices.joinings.length > 1}
    <section class="mt-5" aria-label={words.waysToPutItTogether}>
      <h2 class="flex items-baseline border-b border-ink pb-1 text-lead">
        {words.putItTogether} <kbd class="ml-auto text-note text-quiet" title={words.theNextWay}>{words.j}</kbd>
      </h2>
      {#each choices.joinings as way (way.name)}
        <label class="flex cursor-pointer gap-2 border-b border-rule py-1.5 {way.chosen ? 'bg-weld text-primary-content' : ''}">
          <input
            type="radio"
            class="mt-1 ml-1"
            name="joining"
            value={way.name}
            checked={way.chosen}
            onchange={() => onjoining(way.usual ? undefined : way.name)}
          />
          <span class="min-w-0 flex-1 leading-snug">
            {way.title}{way.usual ? words.asUsual : ''}
            <span class="block text-note"
              >{words.differentPartsOfCrossingsNest(way.parts, way.nested, way.crossings)}
              <span class="block">{comeOut(foretold?.joinings[way.name])}</span></span
            >
          </span>
          <span class="pr-1 text-right whitespace-nowrap">{words.min(minutes(way.effort))}</span>
        </label>
      {/each}
    </section>
  {/if}
  <section class="mt-5" aria-label={words.otherUnits}>
    <h2 class="border-b border-ink pb-1 text-lead">{words.otherWaysToPieceIt}</h2>
    {#each choices.readings as reading, i (reading.name)}
      {@const to = reading.other === 'whole' ? reading.whole : reading.parts}
      <div class="border-b border-rule py-2">
        <p>
          {words.couldBe(reading.now === 'whole' ? reading.whole : reading.parts)} <b>{to}</b>{words.minInsteadOf(
            minutes(reading.otherEffort),
            minutes(reading.effort),
          )}
          <span class="text-quiet">{difference(reading.effort, reading.otherEffort)}.</span>
        </p>
        <button class="btn mt-1" onclick={() => onreading(reading.name, reading.other)}>
          {words.sewItAs(to)}{#if i === 0}<kbd class="ml-1 text-quiet">{words.x}</kbd>{/if}
        </button>
      </div>
    {:else}
      <p class="py-2 text-quiet">{words.thereIsNoOtherSensible}</p>
    {/each}
    <p class="mt-2 text-note text-quiet">
      {words.estimatedMinutesForOnePerson}
    </p>
  </section>
{/if}
