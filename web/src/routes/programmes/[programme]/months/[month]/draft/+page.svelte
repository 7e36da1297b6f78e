<script lang="ts">
  import { page } from '$app/state';
  import { coloursOf, workOut } from '$lib/programme-view';
  import Doubts from '$lib/ui/Doubts.svelte';
  import Length from '$lib/ui/Length.svelte';
  import MonthForm from '$lib/ui/MonthForm.svelte';
  import Picture from '$lib/ui/Picture.svelte';
  import Problems from '$lib/ui/Problems.svelte';
  import Say from '$lib/ui/Say.svelte';
  import Why from '$lib/ui/Why.svelte';
  import { inkOn } from '$lib/ink';
  import MonthFrame from '$lib/ui/MonthFrame.svelte';
  import { useWorkbench } from '$lib/workbench.svelte';
  import { blockDrawing, roleShares } from '@aggrega/core/block';
  import { constructMonthBlock, kitCount, type MonthBlock } from '@aggrega/core/programme';
  import { monthDoubts } from '@aggrega/core/sheet';
  import { formatLength } from '@aggrega/core/measure';

  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const month = $derived(bench.monthOrEmpty(page.params.month!));
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const colours = $derived(coloursOf(colourway));
  const doubts = $derived(monthDoubts(programme, month, colourway));

  /** The sheet's own data, so that a number is the same here and there; or why it cannot be had. */
  const worked = $derived(workOut(programme, month, colourway));

  /** Lines of the grid, written along the block's edges as on a cutting mat. */
  function marks(entry: MonthBlock, axis: 0 | 1) {
    const cells = entry.block.grid[axis];
    return Array.from({ length: cells + 1 }, (_, i) => ({
      at: (entry.finished[axis].toNumber() * i) / cells,
      text: formatLength(entry.finished[axis].over(cells).times(i), programme.unit),
    }));
  }
  const unitsOf = (entry: MonthBlock) => {
    try {
      return constructMonthBlock(programme, entry).units;
    } catch {
      return [];
    }
  };
  const light = (cuts: string[]) => (bench.lit = cuts);
</script>

<MonthFrame>
  {#if month.blocks.length === 0}
    <div class="max-w-prose pt-6">
      <h2 class="text-head">Nothing is drawn for this month yet</h2>
      <p class="mt-2 text-lead">
        Blocks come with the programme’s file: <a class="plain" href="/programmes/{bench.slug}/document" download>export it</a>,
        add the block and its place in this month, and <a class="plain" href="/programmes/import">import it</a> again. The months
        already drawn show how a block is written.
      </p>
    </div>
  {/if}
  {#each month.blocks as entry, number (entry.key)}
    {@const drawing = blockDrawing(entry.block, entry.finished)}
    {@const sheetBlock = worked.sheet?.blocks.find((b) => b.key === entry.key)}
    {@const cuts =
      worked.sheet?.fabrics.flatMap((f) => f.cuts.filter((c) => c.block === entry.key).map((cut) => ({ cut, fabric: f }))) ??
      []}
    <section
      class="grid grid-cols-[minmax(16rem,27rem)_minmax(18rem,1fr)] gap-x-8 gap-y-6 border-rule pb-8 max-lg:grid-cols-1 not-first:border-t not-first:pt-6"
    >
      <div>
        {#if month.blocks.length > 1}<h2 class="mb-2 text-head">{number + 1} · {sheetBlock?.name ?? entry.block.name}</h2>{/if}
        <div class="grid grid-cols-[2.2rem_1fr] grid-rows-[1.6rem_1fr]">
          <div></div>
          <div class="relative text-xs text-quiet" aria-hidden="true">
            {#each marks(entry, 0) as m (m.at)}
              <span class="absolute bottom-1 -translate-x-1/2" style:left="{(m.at / drawing.width) * 100}%"
                ><Length of={m.text} /></span
              >
            {/each}
          </div>
          <div class="relative text-xs text-quiet" aria-hidden="true">
            {#each marks(entry, 1) as m (m.at)}
              <span class="absolute right-2 -translate-y-1/2" style:top="{(m.at / drawing.height) * 100}%"
                ><Length of={m.text} /></span
              >
            {/each}
          </div>
          <Picture
            class="w-full"
            {drawing}
            {colours}
            label="{entry.block.name}, {sheetBlock?.finished ?? ''} finished"
            lit={(patch) => bench.isLit(`${entry.key}:${sheetBlock?.patches[patch]?.cut}`)}
            onpatch={(patch) =>
              light(patch === undefined || !sheetBlock ? [] : [`${entry.key}:${sheetBlock.patches[patch]!.cut}`])}
          />
        </div>
        <p class="mt-2 pl-9">
          {#if sheetBlock}
            Finishes at <b class="numeral"><Say text={sheetBlock.finished} /></b>
            {programme.unit}, measures <b class="numeral"><Say text={sheetBlock.unfinished} /></b>
            when sewn. {sheetBlock.make > 1 ? `${sheetBlock.make} of them in a kit.` : ''}
            <span class="text-quiet">{sheetBlock.nesting}</span>
          {/if}
        </p>
        <ul class="mt-3 pl-9">
          {#each roleShares(entry.block) as { role, share } (role)}
            {@const fabric = colourway.fabrics.get(role)}
            <li class="flex items-center gap-2 py-0.5">
              <span
                class="cloth inline-flex h-6 w-6 items-center justify-center text-note font-semibold"
                style:background={fabric?.colour}
                style:color={inkOn(fabric?.colour ?? '#ffffff')}>{role}</span
              >
              {fabric?.name} <span class="text-quiet">{Math.round(share * 100)} %</span>
            </li>
          {/each}
        </ul>
      </div>

      <div class="min-w-0">
        {#if cuts.length > 0}
          <h3 class="text-lead">Cuts for one kit</h3>
          <table class="mt-1 w-full">
            <thead>
              <tr class="border-b border-ink">
                <th class="pb-1">Cut</th>
                <th class="pb-1 text-right">How many</th>
                <th class="pb-1 pl-4 text-right">Size, {programme.unit}</th>
                <th class="pb-1 pl-4">For</th>
              </tr>
            </thead>
            <tbody>
              {#each cuts as { cut, fabric } (cut.label)}
                {@const id = `${entry.key}:${cut.label}`}
                <tr
                  class="border-b border-rule {bench.isLit(id) ? 'bg-weld text-primary-content' : ''}"
                  data-cut={id}
                  onpointerenter={() => light([id])}
                  onpointerleave={() => light([])}
                >
                  <td class="py-1.5">
                    <span
                      class="cloth mr-1 inline-block h-3.5 w-3.5 align-[-1px]"
                      style:background={fabric.colour}
                      aria-hidden="true"
                    ></span>
                    <b>{cut.label}</b>
                  </td>
                  <td class="py-1.5 text-right">{cut.qty}</td>
                  <td class="numeral py-1.5 pl-4 text-right"><Why why={cut.why} unit={programme.unit} /></td>
                  <td class="py-1.5 pl-4 leading-tight">{cut.for.join(', ')}{cut.then ? `, ${cut.then}` : ''}</td>
                </tr>
              {/each}
            </tbody>
          </table>

          <h3 class="mt-6 text-lead">Units</h3>
          <ul class="border-t border-ink">
            {#each unitsOf(entry) as unit (unit.label)}
              <li class="border-b border-rule py-1.5">
                <b>{unit.label}</b>
                {unit.make}
                {unit.make === 1 ? unit.kind.title : unit.kind.plural} of {unit.roles.join(' and ')},
                <span class="text-quiet">{unit.method.title}{unit.extra > 0 ? `; ${unit.extra} left over` : ''}</span>
              </li>
            {/each}
          </ul>
        {/if}
      </div>
    </section>
  {/each}
  {#if worked.problems.length > 0}
    <Problems problems={worked.problems} document={bench.saver.document} title="This month cannot be worked out yet" />
  {/if}
  {#snippet side()}
    <MonthForm {month} />
    <div class="mt-6"><Doubts {doubts} kits={kitCount(programme, bench.people(colourway))} /></div>
  {/snippet}
</MonthFrame>
