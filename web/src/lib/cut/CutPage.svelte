<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { boughtView } from '$lib/plan/bought-view';
  import { FIRST, planMonth } from '$lib/plan/month-plan';
  import { usualBasis } from '$lib/plan/room-plan';
  import { Planner } from '$lib/plan/planner.svelte';
  import { Refiner, sentWith, type ReadyMonth } from '$lib/plan/refiner.svelte';
  import { coloursOf, doubtsOf, workOut } from '$lib/frame/programme-view';
  import CutFiles from './CutFiles.svelte';
  import FabricUse from './FabricUse.svelte';
  import ClothForm from './ClothForm.svelte';
  import Bolt from './Bolt.svelte';
  import Doubts from '$lib/look/Doubts.svelte';
  import FabricTable from './FabricTable.svelte';
  import Picture from '$lib/look/Picture.svelte';
  import Say from '$lib/look/Say.svelte';
  import Readings from './Readings.svelte';
  import Problems from '$lib/look/Problems.svelte';
  import MonthFrame from '$lib/frame/MonthFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { PlanAim } from '@aggrega/core/cutting';
  import { formatLength, lengthWritten } from '@aggrega/core/measure';
  import { handsOut } from '@aggrega/core/programme';
  import { onDestroy, onMount, untrack } from 'svelte';

  let { data }: { data: { pace: number } & ReadyMonth } = $props();
  const bench = useWorkbench();
  const planner = new Planner();
  const refiner = new Refiner();
  onDestroy(() => {
    planner.close();
    refiner.close();
  });
  // The worker loads and reads the programme now, so that the first turn of the dial finds it ready.
  onMount(() => untrack(() => planner.warm(trial)));

  const { programme } = $derived(bench);
  const month = $derived(bench.monthOrEmpty(page.params.month!));
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const people = $derived(bench.people(colourway));
  const trial = $derived({ programme, month, colourway, participants: people, document: bench.saver.document });
  const trying = $derived(people !== bench.enrolled(colourway));
  /** What somebody has worked out already for the number enrolled. */
  const kept = $derived(trying ? {} : sentWith(bench, trial, data));
  /** The plan for the number enrolled is there at once, on the server too; only trials go to the worker. */
  const enrolledPlan = $derived(kept.month?.plan ?? planMonth(programme, month, colourway, bench.enrolled(colourway), FIRST));
  $effect(() => {
    if (trying) planner.ask(trial);
  });
  $effect(() => {
    const [asked, usual] = [trial, !trying];
    untrack(() => refiner.ask(bench, asked, usual, data));
  });
  const quick = $derived.by(() => {
    const { answer } = planner;
    const fits =
      answer && answer.trial.month === month && answer.trial.colourway === colourway && answer.trial.programme === programme;
    // While the newest trial is being worked out the one before it stays on the table.
    return trying && fits ? answer.plan : enrolledPlan;
  });

  /** Every reading's final plan is looked for in the background; until it is there, the plan that was found at once stands in. */
  const final = $derived(kept.month?.plan ?? refiner.plans.get('chosen'));
  const plan = $derived(final ?? quick);

  /** Whether the numbers on the table are not yet those of the head count. */
  const behind = $derived(trying && plan.ok && plan.batch.participants !== people);

  let basis: 'kit' | 'batch' = $state('batch');
  let chosen: string | undefined = $state();
  const view = $derived(plan.ok ? plan[basis] : undefined);
  const fabric = $derived(view?.fabrics.find((f) => f.id === chosen) ?? view?.fabrics[0]);
  const cloth = $derived(programme.fabrics.find((f) => f.id === fabric?.id));
  const other = $derived(plan.ok && fabric ? plan.kit.fabrics.find((f) => f.id === fabric.id) : undefined);
  /** What the fabric on the table is planned for. */
  const reading: PlanAim = $derived(cloth?.planFor ?? 'thriftiest');
  function planFor(to: PlanAim) {
    const path = `/fabrics/${cloth!.id}/planFor`;
    const change = { path, from: cloth!.planFor, to: to === 'thriftiest' ? undefined : to };
    if (to !== reading) bench.saver.do(words.plannedFor(cloth!.name), [change]);
  }
  const { unit } = $derived(programme);
  /** How much of a bolt is to buy, where the fabric comes by the bolt. */
  const bolts = $derived(
    cloth?.boltLength && fabric && !fabric.sheet
      ? (lengthWritten(fabric.toBuy, unit).valueOf() / cloth.boltLength.valueOf()).toFixed(2)
      : '',
  );

  const sheet = $derived(plan.ok && handsOut(programme, month) ? workOut(programme, month, colourway).sheet : undefined);
  const doubts = $derived(doubtsOf(programme, month, colourway));
  const money = $derived(
    new Intl.NumberFormat(
      page.data.locale,
      programme.currency
        ? { style: 'currency', currency: programme.currency }
        : { minimumFractionDigits: 2, maximumFractionDigits: 2 },
    ),
  );

  const packet = $derived(programme.kits.packets.find((months) => months.includes(month)) ?? []);

  /** The plan on the table is not what is cut: pieces where lengths are handed out, or the reverse, or one month of several. */
  const supposed = $derived(
    basis !== usualBasis(programme, colourway, people) || (packet.length > 1 && handsOut(programme, month)),
  );
  /** What the shop buys for the month's packet: the number of Bolts and Money. */
  const bought = $derived.by(() => {
    if (!fabric || packet[0] !== month) return undefined;
    if (kept.month) return kept.month.bought[fabric.id];
    return boughtView(programme, {
      packet: programme.kits.packets.indexOf(packet as (typeof programme.kits.packets)[number]),
      ...{ colourway, fabric: fabric.id },
      people: Object.fromEntries(programme.colourways.map((c) => [c.id, c === colourway ? people : bench.enrolled(c)])),
    });
  });

  const kitByKit = $derived(
    other && plan.ok && !other.sheet ? formatLength(lengthWritten(other.needed, unit).mul(plan.batch.kits), unit) : '',
  );

  function onkeydown(e: KeyboardEvent) {
    const typing = e.target instanceof HTMLElement && e.target.closest('input, select, dialog[open]');
    if (e.key === 'b' && !typing && !e.ctrlKey && !e.metaKey) basis = basis === 'kit' ? 'batch' : 'kit';
  }
  const whyOf = (cut: string) => sheet?.fabrics.flatMap((f) => f.cuts).find((c) => `${c.block}:${c.label}` === cut)?.why;
  const light = (cut: string | undefined) => (bench.lit = cut ? [cut] : []);
</script>

<svelte:window {onkeydown} />

<MonthFrame tableFirst>
  {#if !handsOut(programme, month)}
    <p class="max-w-prose pt-6 text-lead">
      {words.thereIsNothingToCut(month.name)} <a class="link" href="draft{page.url.search}">{words.drawABlockFirst}</a>.
    </p>
  {:else if !plan.ok}
    <Problems problems={plan.problems} document={bench.saver.document} title={words.thisMonthCantBePlanned} />
  {:else if view && fabric}
    <div class="mb-4 flex flex-wrap items-center gap-x-6 gap-y-2">
      <h2 class="mr-auto flex items-center gap-3 text-head">
        <span class="cloth inline-block h-7 w-7" style:background={fabric.colour} aria-hidden="true"></span>
        {fabric.name}
        <span class="font-sans text-body font-normal text-quiet"
          >{fabric.roles.join(', ')}{fabric.sku ? ` · ${fabric.sku}` : ''}</span
        >
      </h2>
      <fieldset class="flex" aria-label={words.whatIsPlanned}>
        {#each [['batch', words.allKitsTogether(plan.batch.kits)], ['kit', words.oneKit]] as const as [id, name] (id)}
          <label
            class="cursor-pointer border-b-4 px-3 py-1.5 hover:bg-edge has-checked:border-weld has-checked:font-semibold has-focus-visible:outline-3 {basis ===
            id
              ? ''
              : 'border-transparent'}"
          >
            <input type="radio" class="sr-only" name="basis" value={id} bind:group={basis} />{name}
          </label>
        {/each}
      </fieldset>
    </div>

    {#if fabric.strips.length === 0}
      <p class="text-lead">{words.noOneIsEnrolledYet}</p>
    {:else}
      {#key `${fabric.id} ${basis}`}
        <Bolt {fabric} {unit} {whyOf} lit={(cut) => bench.isLit(cut)} onlight={light} />
      {/key}
    {/if}
  {/if}
  {#snippet side()}
    {#if view && fabric && plan.ok}
      <div data-planned-for={plan.batch.participants}>
        <FabricTable
          fabrics={view.fabrics}
          {unit}
          soldBy={programme.house.soldBy}
          chosen={fabric.id}
          onchoose={(id) => (chosen = id)}
          {supposed}
        />
      </div>

      {#if bought}
        <p class="mt-3 border-l-4 border-weld pl-3" data-bought>
          <b><Say text={bought.all} /></b>
          {words.ofBoughtFor(
            fabric.name,
            bought.all.startsWith('1 ') ? words.is : words.are,
            packet.map((m) => m.name).join(words.and),
          )}
          <Say text={bought.parts.join(', ')} />.
          {#if supposed}{basis === 'batch' ? words.drawnHereIsHowAll : words.drawnHereIsThisMonth}{/if}
        </p>
      {:else if packet[0] && packet[0] !== month}
        <p class="mt-3 border-l-4 border-weld pl-3" data-bought>
          {words.forThisMonthComesWith(fabric.name, packet[0].name)}
        </p>
      {/if}

      {#if cloth}{#key cloth.id}<ClothForm fabric={cloth} />{/key}{/if}
      {#if fabric.strips.length > 0}
        <FabricUse {fabric} kitByKit={basis === 'batch' && plan.batch.kits > 1 ? kitByKit : ''} {bolts} {supposed} {unit} />
      {/if}

      <p class="mt-2 text-note text-quiet" role="status" data-final={final ? reading : undefined}>
        {#if behind}{words.workingOut(
            people,
          )}{:else if !final}{words.lookingForABetterPlan}{:else}{words.searchCompleteNoBetterPlan}{/if}
      </p>
      <div class="mt-3">
        {#if cloth?.form === 'yardage'}<Readings
            plans={refiner.plans}
            fabric={cloth}
            {basis}
            counter={programme.house}
            chosen={reading}
            pace={data.pace}
            onchoose={bench.saver.looksOnly ? undefined : planFor}
          />{/if}
      </div>
      {#if view.costPerKit !== undefined}
        <p class="tabular mt-3" data-totals>
          <span class="numeral text-lead">{money.format(view.costPerKit)}</span>
          <span class="text-note text-quiet"
            >{words.ofFabricInEachKit}{#if basis === 'batch' && refiner.next !== undefined}{words.eachExtraPersonAdds}
              <b data-next>{money.format(refiner.next)}</b>{/if}</span
          >
        </p>
      {/if}

      <CutFiles {fabric} asked="colourway={colourway.id}&people={people}&basis={basis}" />
      <p class="no-print mt-3"><a class="link" href="cut/list{page.url.search}">{words.checkACuttingList}</a></p>
      {#if packet.length > 1}
        <p class="mt-3 text-note">
          {words.shareAPacket(packet.map((m) => m.name).join(words.and))}
          <a class="link" href="../../packets?colourway={colourway.id}">{words.whatIsCutBaggedAnd}</a>
        </p>
      {/if}

      {#if sheet}
        <div class="mt-5 flex flex-wrap gap-4">
          {#each sheet.blocks as block (block.key)}
            <Picture
              class="w-36"
              drawing={block.drawing}
              colours={coloursOf(colourway)}
              label={block.name}
              lit={(patch) => bench.isLit(`${block.key}:${block.patches[patch]?.cut}`)}
              onpatch={(patch) => light(patch === undefined ? undefined : `${block.key}:${block.patches[patch]?.cut}`)}
            />
          {/each}
        </div>
      {/if}
    {/if}
    <div class="mt-5"><Doubts {doubts} kits={plan.ok ? plan.batch.kits : people} /></div>
  {/snippet}
</MonthFrame>
