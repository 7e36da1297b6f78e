<!-- What a fabric's plan may be best for, side by side: length, ruler settings, cuts and time of each; the one that is chosen stays chosen. -->
<script lang="ts">
  import { words } from './words';
  import type { FabricView, MonthPlan } from '$lib/plan/month-plan';
  import { planAims, type PlanAim } from '@aggrega/core/cutting';
  import { lengthWritten, parseLength, ratio, soldAmount, usualStep, type Counter } from '@aggrega/core/measure';
  import Length from '$lib/look/Length.svelte';

  interface Props {
    plans: ReadonlyMap<string, MonthPlan>;
    fabric: { id: string; name: string };
    basis: 'kit' | 'batch';
    counter: Counter;
    chosen: PlanAim;
    /** What minutes by the rates are multiplied with: the shop's own pace. */
    pace: number;
    /** Left out for whoever only looks on. */
    onchoose?: (reading: PlanAim) => void;
  }
  let { plans, fabric, basis, counter, chosen, pace, onchoose }: Props = $props();

  const names: Record<PlanAim, [name: string, what: string]> = {
    thriftiest: [words.leastFabric, words.howeverLongTheCuttingTakes],
    balanced: [words.aBalance, words.aFewKitsCutAlike],
    simplest: [words.easiestCutting, words.eachSizeOnItsOwn],
  };
  const view = (reading: PlanAim): FabricView | undefined => {
    const plan = plans.get(reading);
    return plan?.ok ? plan[basis].fabrics.find((f) => f.id === fabric.id) : undefined;
  };
  /** Up to an eighth of a yard, or a tenth of a metre. */
  const cloth = (v: FabricView) => {
    const step = parseLength(usualStep(counter), counter.unit);
    return soldAmount(
      ratio(Math.ceil(lengthWritten(v.needed, counter.unit).valueOf() / step.valueOf() - 1e-9)).mul(step),
      counter,
    );
  };
  const time = (minutes: number) => (minutes < 90 ? words.min(Math.round(minutes)) : words.h((minutes / 60).toFixed(1)));
</script>

<table class="w-full" aria-label={words.planOf(fabric.name)}>
  <thead>
    <tr class="border-b border-ink align-bottom text-note">
      <th class="pb-1">{words.planOf(fabric.name)}</th>
      <th class="pb-1 text-right">{counter.soldBy}</th>
      <th class="pb-1 pl-2 text-right">{words.rulerSettings}</th>
      <th class="pb-1 pl-2 text-right">{words.cuts}</th>
      <th class="pb-1 pl-2 text-right">{words.time}</th>
    </tr>
  </thead>
  <tbody>
    {#each planAims as reading (reading)}
      {@const v = view(reading)}
      <tr class="border-b border-rule {reading === chosen ? 'bg-edge' : ''}" data-reading={reading}>
        <td class="py-1.5 leading-tight">
          <button
            class="cursor-pointer text-left hover:underline {reading === chosen ? 'font-semibold' : ''}"
            aria-pressed={reading === chosen}
            title={names[reading][1]}
            disabled={!onchoose}
            onclick={() => onchoose?.(reading)}>{names[reading][0]}</button
          >
        </td>
        {#if v}
          <td class="tabular py-1.5 text-right"><Length of={cloth(v)} /></td>
          <td class="tabular py-1.5 text-right">{v.settings}</td>
          <td class="tabular py-1.5 text-right">{v.passes}</td>
          <td class="tabular py-1.5 pl-2 text-right whitespace-nowrap">{time(v.minutes * pace)}</td>
        {:else}
          <td class="py-1.5 text-right text-quiet" colspan="4">{words.workingItOut}</td>
        {/if}
      </tr>
    {/each}
  </tbody>
</table>
