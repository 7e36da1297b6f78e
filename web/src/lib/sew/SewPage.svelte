<script lang="ts">
  import { words as practice } from '$lib/practice/words';
  import { words } from './words';
  import { page } from '$app/state';
  import { coloursOf } from '$lib/frame/programme-view';
  import { entryPath } from '$lib/ask/entry-path';
  import { askForSlip } from '$lib/ask/seen-slip';
  import { Weigher } from './weigher.svelte';
  import Foreseen from './Foreseen.svelte';
  import PressedBlock from './PressedBlock.svelte';
  import SewStep from './SewStep.svelte';
  import Slips from './Slips.svelte';
  import Templates from './Templates.svelte';
  import BlockChoices from './BlockChoices.svelte';
  import MonthFrame from '$lib/frame/MonthFrame.svelte';
  import SewTrack from './SewTrack.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { blockDrawing } from '@aggrega/core/block';
  import { blocksAsCast, constructMonthBlock, poolOfUnit } from '@aggrega/core/programme';
  import { ownWordsFor, sewingWalk, sheetPools } from '@aggrega/core/sheet';
  import type { SizeBySeams } from '@aggrega/core/foresee';
  import { onDestroy } from 'svelte';

  let { sizes }: { sizes: readonly SizeBySeams[] } = $props();
  const bench = useWorkbench();
  const weigher = new Weigher();
  onDestroy(() => weigher.close());
  const { programme } = $derived(bench);
  const month = $derived(bench.monthOrEmpty(page.params.month!));
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const colours = $derived(coloursOf(colourway));

  let chosen = $state(0);
  const blocks = $derived(blocksAsCast(programme, colourway, month));
  const entry = $derived(blocks[Math.min(chosen, blocks.length - 1)]);
  /** The drawing's own place in the month: a scrappy block is sewn in several ways. */
  const number = $derived(month.blocks.findIndex((b) => b.path === entry?.path));
  const c = $derived(entry && constructMonthBlock(programme, entry, colourway));
  /** Pools that begin with this month are sewn before its first block. */
  const pools = $derived(
    sheetPools(programme, colourway, month).flatMap(({ madeWith, step: s, name, made, title, of, method, from, yields }) =>
      madeWith || !s
        ? []
        : [
            {
              ...s,
              title: words.makeOf(name, made, title, of, method),
              lines: [words.eachBatchTakes(yields, from, yields === 1 ? '' : words.andMakes(yields)), ...s.lines],
            },
          ],
    ),
  );
  const steps = $derived(c && entry ? [...(entry === blocks[0] ? pools : []), ...sewingWalk(c, colourway)] : []);
  /** Units of the block that come out of pools. */
  const taken = $derived(
    c && entry
      ? c.units.flatMap((unit) => {
          const pool = poolOfUnit(programme, colourway, { entry, unit });
          return pool ? [{ unit, pool }] : [];
        })
      : [],
  );
  let at = $state(0);
  const here = $derived(Math.min(at, Math.max(0, steps.length - 1)));
  const step = $derived(steps[here]);
  const done = $derived(new Set(steps.slice(0, here + 1).flatMap((s) => s.patches)));
  const whole = $derived(entry && blockDrawing(entry.block, entry.finished));

  $effect(() => {
    if (!entry) return;
    const drawn = month.blocks[number]!;
    void weigher.ask({
      programme,
      document: bench.saver.document,
      month: month.id,
      block: number,
      entry: drawn,
      colourway,
      sizes,
    });
  });

  function choose(kind: 'methods' | 'readings', name: string, to: string) {
    const row = bench.saver.document.months!.find((m) => m.id === month.id)!.blocks![number]!;
    const path = `${entryPath(month, entry!)}/${kind}/${name}`;
    bench.saver.do(`${entry!.block.name}, ${kind === 'methods' ? words.method : words.otherUnits2}`, [
      { path, from: row[kind]?.[name], to },
    ]);
  }
  /** Another way to put the block together; the usual one where it is undefined. */
  function join(to: string | undefined) {
    const row = bench.saver.document.months!.find((m) => m.id === month.id)!.blocks![number]!;
    const path = `${entryPath(month, entry!)}/joining`;
    bench.saver.do(words.putTogether(entry!.block.name), [{ path, from: row.joining, to }]);
  }
  function nextWay(): void {
    const ways = weigher.choices?.joinings ?? [];
    const next = ways[(ways.findIndex((way) => way.chosen) + 1) % ways.length];
    if (next && !next.chosen) join(next.usual ? undefined : next.name);
  }
  function onkeydown(e: KeyboardEvent) {
    if (e.target instanceof HTMLElement && e.target.closest('input:not([type=radio]), select, textarea, dialog[open]')) return;
    if (e.ctrlKey || e.metaKey || e.altKey) return;
    const first = weigher.choices?.readings[0];
    if (e.key === 'ArrowRight' && !(e.target as HTMLElement).closest?.('[type=radio]'))
      at = Math.min(here + 1, steps.length - 1);
    else if (e.key === 'ArrowLeft' && !(e.target as HTMLElement).closest?.('[type=radio]')) at = Math.max(here - 1, 0);
    else if (e.key === 'x' && first) choose('readings', first.name, first.other);
    else if (e.key === 'j') nextWay();
    else return;
    e.preventDefault();
  }
</script>

<svelte:window {onkeydown} />

<MonthFrame tableFirst>
  {#if !entry || !c || !whole}
    <div class="max-w-prose pt-6">
      <h2 class="text-head">{words.thereIsNothingToSew}</h2>
      <p class="mt-2 text-lead">
        {words.drawThisMonthsBlockFirst}
        <a class="link" href="draft{page.url.search}">{words.block}</a>{words.itsPiecingOrderThenShows}
      </p>
    </div>
  {:else}
    {#if blocks.length > 1}
      <div class="no-print mb-3 flex flex-wrap gap-2" role="group" aria-label={words.block}>
        {#each blocks as b, i (b.key)}
          <button
            class="btn {b === entry ? 'btn-primary' : ''}"
            aria-pressed={b === entry}
            onclick={() => ((chosen = i), (at = 0))}>{i + 1} · {b.block.name}</button
          >
        {/each}
      </div>
    {/if}
    {#if taken.length > 0}
      <p class="mb-3 max-w-prose">
        {words.fromYourPools}
        {#each taken as { unit, pool }, i (unit.label)}{i > 0 ? '; ' : ''}<b>{unit.label}</b>{words.anyOf(
            unit.perBlock,
            entry.make > 1 ? words.forEachBlock : '',
            pool.name,
            pool.month === month ? '' : words.begunWith(pool.month.name),
          )}{/each}.
      </p>
    {/if}
    {#if step}
      <SewTrack names={steps.map((s) => s.name)} {here} ongo={(i) => (at = i)} />
      <SewStep
        {step}
        {colourway}
        {whole}
        {done}
        unit={programme.unit}
        own={(text) => ownWordsFor(month.words, entry.key, text)}
      />
    {:else}
      <p class="text-lead">{words.thisBlockIsOnePlain}</p>
    {/if}

    <PressedBlock {c} name={entry.block.name} {colours} neighbours={weigher.choices?.neighbours} />

    {#if weigher.foretold}<Foreseen foretold={weigher.foretold} name={entry.block.name} />{/if}
    <Templates {c} block={entry.block} unit={programme.unit} />
    <Slips
      slips={weigher.choices?.slips ?? []}
      {whole}
      {colours}
      onask={(seen) => bench.saver.do(words.slipOnTheSheet(entry.block.name), askForSlip(month, entry, seen))}
    />
    <p class="no-print mt-6"><a class="btn" href="sew/practise{page.url.search}">{practice.inClass}</a></p>
  {/if}
  {#snippet side()}
    {#if entry}
      <BlockChoices
        choices={weigher.choices}
        foretold={weigher.foretold}
        unit={step?.unit?.label}
        onmethod={(name, to) => choose('methods', name, to)}
        onreading={(name, to) => choose('readings', name, to)}
        onjoining={join}
      />
    {/if}
  {/snippet}
</MonthFrame>
