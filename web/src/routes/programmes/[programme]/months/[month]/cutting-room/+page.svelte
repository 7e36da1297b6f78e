<script lang="ts">
  import { page } from '$app/state';
  import { planMonth, type FabricView } from '$lib/plan/month-plan';
  import { Ticks } from '$lib/plan/ticks.svelte';
  import { kitsText, longDate } from '$lib/programme-view';
  import { inkOn } from '$lib/ink';
  import Length from '$lib/ui/Length.svelte';
  import PaperChoice from '$lib/ui/PaperChoice.svelte';
  import Say from '$lib/ui/Say.svelte';
  import StepCard from '$lib/ui/StepCard.svelte';
  import SubCuts from '$lib/ui/SubCuts.svelte';
  import Problems from '$lib/ui/Problems.svelte';
  import MonthFrame from '$lib/ui/MonthFrame.svelte';
  import { useWorkbench } from '$lib/workbench.svelte';
  import { readings } from '@aggrega/core/cutting';
  import { formatLength, parseLength } from '@aggrega/core/measure';
  import { cautions } from '@aggrega/core/sheet';

  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const { unit } = $derived(programme);
  const month = $derived(bench.monthOrEmpty(page.params.month!));
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  /** The address names the number, so that a printed list can be asked for again. */
  const asked = $derived(page.url.searchParams.get('people') ?? '');
  const people = $derived(/^\d{1,6}$/.test(asked) ? Math.min(100_000, Number(asked)) : bench.people(colourway));
  const basis: 'kit' | 'batch' = $derived(page.url.searchParams.get('basis') === 'kit' ? 'kit' : 'batch');
  const asReading = $derived(readings.find((r) => r === page.url.searchParams.get('reading')) ?? 'thriftiest');
  const plan = $derived(planMonth(programme, month, colourway, people, { reading: asReading, first: false }));
  const href = (to: string) => `?colourway=${colourway.id}&people=${people}&basis=${to}&reading=${asReading}`;
  const enrolled = $derived(bench.enrolled(colourway));

  /** What is ticked belongs to this very list: another head count or reading is another list. */
  const list = $derived([month.id, colourway.id, basis, asReading, people].join('~'));
  let ticks: Ticks | undefined = $state.raw();
  $effect(() => {
    const opened = new Ticks(`/api/programmes/${page.params.programme}/cutting/${list}`);
    ticks = opened;
    return () => opened.close();
  });
  const steps = $derived(
    !plan.ok
      ? []
      : basis === 'kit'
        ? plan.kit.fabrics.map((f) => f.id)
        : plan.batch.fabrics.flatMap((f) => f.strips.map((s) => `${f.id} ${s.id}`)),
  );
  const doneCount = $derived(steps.filter((s) => ticks?.done.has(s)).length);
  let oneByOne = $state(false);
  const at = $derived(steps.find((s) => !ticks?.done.has(s)));

  /** Takes the newest tick back: the last step of the list that is done. */
  function back() {
    const last = steps.findLast((s) => ticks?.done.has(s));
    if (last) ticks?.set(last, false);
  }

  const yards = (length: string, times: number) =>
    parseLength(length, unit)
      .mul(times)
      .div(unit === 'in' ? 36 : 100);
  const pieces = (fabric: FabricView) => {
    const count = new Map<string, number>();
    for (const s of fabric.strips) for (const r of s.rects) count.set(r.name, (count.get(r.name) ?? 0) + s.repeat);
    return [...count].sort();
  };
</script>

{#snippet tick(step: string, what: string)}
  <label class="box"
    ><input
      type="checkbox"
      class="sr-only"
      aria-label="{what} is cut"
      checked={ticks?.done.has(step) ?? false}
      onchange={(e) => ticks?.set(step, e.currentTarget.checked)}
    /><svg viewBox="0 0 18 18" aria-hidden="true"
      ><rect x="1" y="1" width="16" height="16" /><path d="M4 9.5 8 13.5 14.5 4.5" /></svg
    ></label
  >
{/snippet}

<MonthFrame>
  {#if !plan.ok}
    <Problems problems={plan.problems} document={bench.saver.document} title="This month cannot be cut yet" />
  {:else if month.blocks.length === 0 || people === 0}
    <p class="pt-6 text-lead">
      There is nothing to cut: {month.blocks.length === 0
        ? 'no block is drawn for this month yet'
        : 'nobody is enrolled in this colourway'}.
    </p>
  {:else}
    <header>
      <h1 class="text-title">Cutting room: {month.name}</h1>
      <p class="text-lead">
        <b>{colourway.name}</b>, {kitsText(programme, people, plan.batch.kits)} for {people}
        {people === 1 ? 'person' : 'people'}{people === enrolled ? '' : `, tried (${enrolled} enrolled)`}.
        {month.blocks.length > 1
          ? `${month.blocks.map((entry, i) => `${i + 1} is ${entry.block.name}, ${formatLength(entry.finished[0], unit)}`).join('; ')}. `
          : ''}{programme.title}{month.release ? `, shown on ${longDate(month.release, page.data.locale)}` : ''}.
      </p>
    </header>

    <div class="no-print mt-3 flex flex-wrap items-center gap-x-6 gap-y-2" data-progress>
      <p role="status">
        <b class="tabular">{doneCount}</b> of {steps.length}
        {steps.length === 1 ? 'step' : 'steps'} cut.{#if ticks && ticks.waiting.size > 0}
          <span class="text-quiet">The server does not answer; what you tick is kept here and sent when it does.</span>{/if}
      </p>
      {#if basis === 'batch'}
        <button class="act" aria-pressed={oneByOne} onclick={() => (oneByOne = !oneByOne)}
          >{oneByOne ? 'Show the whole list' : 'One step at a time'}</button
        >
      {/if}
    </div>

    {#if oneByOne && basis === 'batch'}
      {#if at}
        {#each plan.batch.fabrics as f (f.id)}
          {#each f.strips as s (s.id)}
            {#if `${f.id} ${s.id}` === at}
              <StepCard
                fabric={f}
                strip={s}
                {unit}
                layers={programme.house.layers}
                onback={() => back()}
                backable={doneCount > 0}
                ondone={() => ticks?.set(at, true)}
              />
            {/if}
          {/each}
        {/each}
      {:else}
        <p class="mt-6 text-lead">Everything on this list is cut.</p>
      {/if}
    {:else if basis === 'kit'}
      <table class="mt-5 w-full">
        <thead>
          <tr class="border-b-2 border-ink"
            ><th class="tick"></th><th>Fabric</th><th class="text-right">Lengths</th><th class="text-right">Each, {unit}</th><th
              class="text-right">Each, {unit === 'in' ? 'yd' : 'm'}</th
            ><th class="text-right">In all, {unit === 'in' ? 'yd' : 'm'}</th></tr
          >
        </thead>
        <tbody>
          {#each plan.kit.fabrics as f (f.id)}
            <tr class="border-b border-rule">
              <td class="tick">{@render tick(f.id, f.name)}</td>
              <td class="py-2"
                ><span class="letter cloth" style:background={f.colour} style:color={inkOn(f.colour)}>{f.roles.join(' ')}</span>
                {f.name} <span class="text-quiet">{f.sku}</span></td
              >
              <td class="py-2 text-right">{plan.batch.kits}</td>
              {#if f.sheet}
                <td class="py-2 text-right text-lead" colspan="3"><Say text={f.ask} /> each</td>
              {:else}
                <td class="numeral py-2 text-right text-lead"><Length of={f.toBuy} /></td>
                <td class="py-2 text-right"><Length of={f.yardsToBuy} /></td>
                <td class="py-2 text-right"><Length of={formatLength(yards(f.toBuy, plan.batch.kits), unit)} /></td>
              {/if}
            </tr>
          {/each}
        </tbody>
      </table>
    {:else}
      {#each plan.batch.fabrics as f (f.id)}
        <section class="fabric">
          <h2 class="flex items-center gap-3 text-head">
            <span class="letter cloth" style:background={f.colour} style:color={inkOn(f.colour)}>{f.roles.join(' ')}</span>
            {f.name} <span class="font-sans text-body font-normal text-quiet">{f.sku}</span>
            <span class="ml-auto font-sans text-body font-normal"
              >take <b class="numeral"><Say text={f.ask} /></b>{#if f.sheet}, <Length of={f.width} /> by <Length
                  of={f.sheet.length}
                />
                {unit}{:else}; <Length of={f.needed} />
                {unit} are cut, <Length of={f.width} /> wide{/if}</span
            >
          </h2>
          <table class="w-full">
            <thead
              ><tr class="border-b border-ink"
                ><th class="tick"></th><th class="w-28 text-right">{f.sheet ? 'Pieces' : `Ruler, ${unit}`}</th><th
                  class="w-24 pl-4">{f.sheet ? '' : 'Strips'}</th
                ><th class="pl-4">Sub-cut each, and what all of them give</th></tr
              ></thead
            >
            <tbody>
              {#each f.strips as s, i (i)}
                <tr class="border-b border-rule align-top">
                  <td class="tick">{@render tick(`${f.id} ${s.id}`, `${f.name}, strip ${i + 1}`)}</td>
                  <td class="numeral py-1.5 text-right text-head leading-tight"
                    >{#if f.sheet}{s.repeat}{:else}<Length of={s.length} />{/if}</td
                  >
                  <td class="py-1.5 pl-4 text-lead">{f.sheet ? '' : s.repeat}</td>
                  <td class="py-1.5 pl-4">
                    <SubCuts strip={s} all />
                  </td>
                </tr>
              {/each}
            </tbody>
          </table>
          <p class="text-note text-quiet">
            In all: {pieces(f)
              .map(([cut, n]) => `${n} × ${cut}`)
              .join(', ')}. In each kit: {pieces(f)
              .map(([cut, n]) => `${n / plan.batch.kits} × ${cut}`)
              .join(', ')}.
          </p>
        </section>
      {/each}
    {/if}
    <section class="mt-6 border-t border-ink pt-2 text-note">
      <h2 class="font-sans">Take care</h2>
      <p>{cautions.join(' ')}</p>
    </section>
  {/if}
  {#snippet side()}
    {#if plan.ok && month.blocks.length > 0}
      <nav aria-label="What is cut" class="mb-4 flex flex-col">
        {#each [['batch', 'Pieces, all kits together'], ['kit', 'A length for each kit']] as const as [id, name] (id)}
          <a
            href={href(id)}
            data-sveltekit-noscroll
            aria-current={basis === id ? 'true' : undefined}
            class="border-l-4 px-3 py-1.5 hover:bg-edge {basis === id ? 'border-weld font-semibold' : 'border-transparent'}"
            >{name}</a
          >
        {/each}
      </nav>
      <PaperChoice what="Print the list" />
      <p class="mt-4"><a class="plain" href="cut?colourway={colourway.id}">Back to the cutting table</a></p>
    {/if}
  {/snippet}
</MonthFrame>

<style>
  .letter {
    display: inline-block;
    min-width: 1.7rem;
    padding: 0 0.35rem;
    text-align: center;
    font-family: var(--font-sans);
    font-size: 1rem;
    font-weight: 600;
    line-height: 1.6;
    print-color-adjust: exact;
    -webkit-print-color-adjust: exact;
  }
  .fabric {
    margin-top: 1.6rem;
  }
  .fabric h2 {
    break-after: avoid;
    padding-bottom: 0.3rem;
  }
  tr {
    break-inside: avoid;
  }
  th {
    padding-bottom: 0.2rem;
  }
  .tick {
    width: 2.6rem;
  }
  .box {
    display: inline-flex;
    align-items: center;
    justify-content: center;
    width: 2.75rem;
    height: 2.75rem;
    margin-left: -0.6rem;
    cursor: pointer;
  }
  .box svg {
    width: 1.3rem;
    height: 1.3rem;
    fill: none;
    stroke: currentColor;
    stroke-width: 1.5;
  }
  .box path {
    visibility: hidden;
    stroke-width: 3;
  }
  .box input:checked + svg path {
    visibility: visible;
  }
  .box input:checked + svg rect {
    fill: var(--color-weld);
  }
  .box input:focus-visible + svg {
    outline: 3px solid currentColor;
    outline-offset: 3px;
  }
</style>
