<script lang="ts">
  import { words as spoken } from '$lib/sew/words';
  import { page } from '$app/state';
  import { coloursOf } from '$lib/frame/programme-view';
  import { entryPath } from '$lib/ask/entry-path';
  import { keep } from '$lib/draft/drawings';
  import { Weigher } from '$lib/sew/weigher.svelte';
  import Arrows from '$lib/sew/Arrows.svelte';
  import BackPicture from '$lib/sew/BackPicture.svelte';
  import BlockChoices from '$lib/sew/BlockChoices.svelte';
  import LaidApart from '$lib/sew/LaidApart.svelte';
  import MonthFrame from '$lib/frame/MonthFrame.svelte';
  import Picture from '$lib/look/Picture.svelte';
  import Say from '$lib/look/Say.svelte';
  import TemplatePicture from '$lib/sew/TemplatePicture.svelte';
  import SewTrack from '$lib/sew/SewTrack.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { blockDrawing } from '@aggrega/core/block';
  import { templateDrawing, templateSvg, type Cut } from '@aggrega/core/construction';
  import { blocksAsCast, constructMonthBlock, poolOfUnit } from '@aggrega/core/programme';
  import { backView, ownWordsFor, sewingWalk, sheetPools, toleranceText } from '@aggrega/core/sheet';
  import StepPictures from '$lib/sew/StepPictures.svelte';
  import { onDestroy } from 'svelte';

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
              title: spoken.makeOf(name, made, title, of, method),
              lines: [spoken.eachBatchTakes(yields, from, yields === 1 ? '' : spoken.andMakes(yields)), ...s.lines],
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
  const size = $derived(step ? Math.max(step.joined.width, step.joined.height) : 1);

  $effect(() => {
    if (!entry) return;
    const drawn = month.blocks[number]!;
    void weigher.ask({ programme, document: bench.saver.document, month: month.id, block: number, entry: drawn, colourway });
  });

  function choose(kind: 'methods' | 'readings', name: string, to: string) {
    const row = bench.saver.document.months!.find((m) => m.id === month.id)!.blocks![number]!;
    const path = `${entryPath(month, entry!)}/${kind}/${name}`;
    bench.saver.do(`${entry!.block.name}, ${kind === 'methods' ? 'method' : spoken.otherUnits2}`, [
      { path, from: row[kind]?.[name], to },
    ]);
  }
  /** Another way to put the block together; the usual one where it is undefined. */
  function join(to: string | undefined) {
    const row = bench.saver.document.months!.find((m) => m.id === month.id)!.blocks![number]!;
    const path = `${entryPath(month, entry!)}/joining`;
    bench.saver.do(spoken.putTogether(entry!.block.name), [{ path, from: row.joining, to }]);
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
  const templates = $derived(
    (c?.cuts ?? []).flatMap((cut) => {
      const drawing = templateDrawing(cut);
      return drawing ? [{ cut, drawing }] : [];
    }),
  );
  const keepTemplate = (cut: Cut) =>
    keep(
      `${entry!.block.id}-${cut.label}.svg`,
      templateSvg(cut, `${entry!.block.name}, ${cut.label}`, programme.unit),
      'image/svg+xml',
    );
  const { neighbours } = $derived(weigher.choices ?? { neighbours: undefined });
</script>

<svelte:window {onkeydown} />

<MonthFrame tableFirst>
  {#if !entry || !c || !whole}
    <div class="max-w-prose pt-6">
      <h2 class="text-head">{spoken.thereIsNothingToSew}</h2>
      <p class="mt-2 text-lead">
        {spoken.drawThisMonthsBlockFirst}
        <a class="link" href="draft{page.url.search}">{spoken.block}</a>{spoken.itsPiecingOrderThenShows}
      </p>
    </div>
  {:else}
    {#if blocks.length > 1}
      <div class="no-print mb-3 flex flex-wrap gap-2" role="group" aria-label={spoken.block}>
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
        {spoken.fromYourPools}
        {#each taken as { unit, pool }, i (unit.label)}{i > 0 ? '; ' : ''}<b>{unit.label}</b>{spoken.anyOf(
            unit.perBlock,
            entry.make > 1 ? spoken.forEachBlock : '',
            pool.name,
            pool.month === month ? '' : spoken.begunWith(pool.month.name),
          )}{/each}.
      </p>
    {/if}
    {#if step}
      <SewTrack names={steps.map((s) => s.name)} {here} ongo={(i) => (at = i)} />
      <section
        class="mt-4 grid grid-cols-[minmax(0,1.15fr)_minmax(0,1fr)_8.5rem] items-start gap-6 max-lg:grid-cols-2"
        aria-label={spoken.step}
      >
        {#if step.steps.length > 0}
          <StepPictures {step} {colourway} own={(text) => ownWordsFor(month.words, entry.key, text)} />
        {:else}
          <figure>
            <LaidApart class="max-h-80 w-full" apart={step.apart} {colours} label={spoken.thePartsBeforeSewing(step.name)} />
            <figcaption class="text-note text-quiet">{spoken.piecesWithSeamAllowance}</figcaption>
          </figure>
        {/if}
        <figure>
          <Picture class="max-h-80 w-full" drawing={step.joined} {colours} label={spoken.sewn(step.name)}>
            {#snippet over()}<Arrows arrows={step.arrows} line={size / 220} />{/snippet}
          </Picture>
          <figcaption class="text-note text-quiet">
            {spoken.sewnAndPressed} <b class="numeral text-ink"><Say text={step.size} /></b>
            {programme.unit}
          </figcaption>
        </figure>
        <figure class="max-lg:hidden" class:hidden={step.patches.length === 0}>
          <Picture
            class="w-full"
            drawing={{ ...whole, shapes: whole.shapes.filter((s) => done.has(s.patch!)) }}
            {colours}
            label={spoken.whatIsSewnSoFar}
            lit={(p) => step.patches.includes(p)}
          />
          <figcaption class="text-note text-quiet">{spoken.blockSoFar}</figcaption>
        </figure>
      </section>
      <section class="mt-4 max-w-prose" aria-live="polite">
        <h2 class="text-head">{step.title}</h2>
        {#if step.caution}<p class="mt-1 font-semibold">{step.caution}</p>{/if}
        {#if step.steps.length === 0}
          <ol class="mt-1 list-decimal pl-5">
            {#each step.lines as line, i (i)}<li><Say text={line} /></li>{/each}
          </ol>
        {/if}
        <p class="mt-2 border-l-4 border-weld pl-3">
          <b>{spoken.measure} <Say text={step.size} />.</b>
          <Say text={step.look.map((l) => `${l[0]!.toUpperCase()}${l.slice(1)}.`).join(' ')} />
          <span class="text-quiet"><Say text={toleranceText(programme.unit)} /></span>
        </p>
      </section>
    {:else}
      <p class="text-lead">{spoken.thisBlockIsOnePlain}</p>
    {/if}

    <section class="mt-8 border-t border-rule pt-4" aria-label={spoken.pressing}>
      <h2 class="text-head">{spoken.theBlockFromTheBack}</h2>
      <div class="mt-2 flex flex-wrap gap-6">
        <BackPicture class="w-72" view={backView(c)} {colours} label={spoken.fromTheBackWithIts(entry.block.name)} />
        <div class="max-w-sm flex-1">
          <p>
            {#if c.pressing.crossings === 0}{spoken.noPointsWhereFourSeams}
            {:else}<b>{spoken.of(c.pressing.nested, c.pressing.crossings)}</b> {spoken.seamIntersectionsNest}{/if}
            {#if c.pressing.at.some((x) => x.spun)}{spoken.atTheYellowDotsSpin}{/if}
          </p>
          {#each c.pressing.givenUp as wish, i (i)}<p class="mt-1 text-quiet">{wish}</p>{/each}
          {#if neighbours && neighbours.asDrawn.crossings > 0}
            <p class="mt-2">
              {spoken.blockToBlockOfEdge(
                neighbours.asDrawn.nested,
                neighbours.asDrawn.crossings,
              )}{#if neighbours.turned}{spoken.ofIfYouTurnEvery(
                  neighbours.turned.nested,
                  neighbours.turned.crossings,
                  ['', spoken.aQuarterTurnClockwise, spoken.upsideDown, spoken.aQuarterTurnAnticlockwise][
                    neighbours.turned.quarters
                  ],
                )}{/if}.
            </p>
          {/if}
        </div>
      </div>
    </section>

    {#if templates.length > 0}
      <section class="mt-8 border-t border-rule pt-4" aria-label={spoken.templates}>
        <h2 class="text-head">{spoken.templates}</h2>
        <p class="max-w-prose">
          {spoken.printAt100AndCheck}
        </p>
        <div class="mt-3 flex flex-wrap gap-6">
          {#each templates as { cut, drawing } (cut.label)}
            <figure class="w-40">
              <TemplatePicture class="h-32 w-full" {drawing} label={spoken.templateOf(cut.label)} />
              <figcaption>
                <b>{cut.label}</b>, {cut.qty}{cut.reversed ? spoken.paperTurnedOver : ''}
                <button class="link block" onclick={() => keepTemplate(cut)}>{spoken.downloadAtFullSizeSvg}</button>
              </figcaption>
            </figure>
          {/each}
        </div>
      </section>
    {/if}

    {#if weigher.choices && weigher.choices.slips.length > 0}
      <section class="mt-8 border-t border-rule pt-4" aria-label={spoken.commonMistakes}>
        <h2 class="text-head">{spoken.commonMistakes}</h2>
        <p class="max-w-prose">
          {spoken.mistakesThatStillLookLike}
        </p>
        <div class="mt-3 flex flex-wrap gap-6">
          <figure class="w-40">
            <Picture class="w-full" drawing={whole} {colours} label={spoken.theCorrectBlock} />
            <figcaption class="font-semibold">{spoken.correct}</figcaption>
          </figure>
          {#each weigher.choices.slips as slip (slip.text)}
            <figure class="w-40">
              <Picture class="w-full" drawing={slip.drawing} {colours} label={spoken.wrong(slip.text)}>
                {#snippet over()}
                  {#each slip.at as [x, y, w, h], i (i)}
                    <rect {x} {y} width={w} height={h} fill="none" stroke="#fff" stroke-width={whole.width / 50} />
                    <rect {x} {y} width={w} height={h} fill="none" stroke="#b3322b" stroke-width={whole.width / 90} />
                  {/each}
                {/snippet}
              </Picture>
              <figcaption>{slip.text}</figcaption>
            </figure>
          {/each}
        </div>
      </section>
    {/if}
  {/if}
  {#snippet side()}
    {#if entry}
      <BlockChoices
        choices={weigher.choices}
        unit={step?.unit?.label}
        onmethod={(name, to) => choose('methods', name, to)}
        onreading={(name, to) => choose('readings', name, to)}
        onjoining={join}
      />
    {/if}
  {/snippet}
</MonthFrame>
