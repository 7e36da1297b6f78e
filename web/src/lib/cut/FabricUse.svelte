<!-- How much of a fabric the plan uses, how near that is to the least possible, and what is left over. -->
<script lang="ts">
  import { words } from './words';
  import Length from '$lib/look/Length.svelte';
  import type { FabricView } from '$lib/plan/month-plan';
  import type { LengthUnit } from '@aggrega/core/measure';

  interface Props {
    fabric: FabricView;
    /** What as many kits would use, cut one at a time; '' where that is not told. */
    kitByKit: string;
    /** How much of a bolt it is, written; '' where the fabric does not come by the bolt. */
    bolts: string;
    /** The plan is only tried: nobody buys by it. */
    supposed: boolean;
    unit: LengthUnit;
  }
  let { fabric, kitByKit, bolts, supposed, unit }: Props = $props();
</script>

<p class="mt-3">
  {#if fabric.sheet}
    <b>{words.thisPlanUsesPiecesOf(fabric.needed, fabric.name)}</b>
    {words.theFewestPossibleIsEach(fabric.bound)}
    <Length of={fabric.width} /> × <Length of={fabric.sheet.length} />
    {unit}.
  {:else}
    <b>{words.thisPlanUses} <Length of={fabric.needed} /> {words.of(unit, fabric.name)}</b>
    {words.theLeastPossibleIs}
    <Length of={fabric.bound} />
    {unit}).<span class="ml-1"
      >{#if kitByKit}{words.cutOneKitAtA}
        <Length of={kitByKit} />
        {unit}.{/if}</span
    >
  {/if}
  {words.goesIntoQuilts(
    Math.round(fabric.yield * 100),
    bolts ? words.ofABolt(supposed ? words.youWouldBuy : words.buy, bolts) : '',
  )}
</p>
<p class="mt-2 text-note text-quiet" data-comes-over>
  {#if fabric.keep.length > 0}<span
      >{words.leftOverWorthKeeping}
      {#each fabric.keep.slice(0, 3) as k, i (i)}{i > 0 ? ', ' : ''}{k.qty === 1 ? words.onePiece : words.pieces4(k.qty)}
        <Length of={k.w} /> × <Length of={k.h} />
        {unit}{/each}{fabric.keep.length > 3 ? words.andSmaller : ''}.</span
    >{/if}
  <span>{fabric.scrapGrams > 0 ? words.gOfScraps(fabric.scrapGrams) : words.noScraps}</span>
</p>
