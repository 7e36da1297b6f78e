<script lang="ts">
  import { words } from './words';
  import { keptFor } from '$lib/look/kept-for';
  import { doubtsOf } from '$lib/frame/programme-view';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import { asSewn, wishesOf } from './sheet-wishes';
  import Doubts from '$lib/look/Doubts.svelte';
  import MonthFrame from '$lib/frame/MonthFrame.svelte';
  import OwnNotes from './OwnNotes.svelte';
  import OwnPlace from './OwnPlace.svelte';
  import { WRITING } from './words';
  import PaperChoice from '$lib/look/PaperChoice.svelte';
  import PaperView from '$lib/look/PaperView.svelte';
  import Problems from '$lib/look/Problems.svelte';
  import SheetVersions from './SheetVersions.svelte';
  import SheetWishesForm from './SheetWishesForm.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { PlanError, constructMonthBlock, hasSheet, kitsFor, readProgramme } from '@aggrega/core/programme';
  import { monthPaper, wordsAside, type Paper, type Place, type Words } from '@aggrega/core/sheet';
  import type { Snippet } from 'svelte';
  import Pen from '@lucide/svelte/icons/pen-line';
  import Download from '@lucide/svelte/icons/download';

  const bench = useWorkbench();
  /** As this reader sews it; what cannot be made so is said, and shown as the month has it. */
  const variant = $derived.by(() => {
    const document = asSewn(bench.saver.document, page.params.month!, page.url.searchParams);
    if (document === bench.saver.document) return { programme: bench.programme, refused: [] };
    const reading = readProgramme(document);
    return reading.ok ? { programme: reading.programme, refused: [] } : { programme: bench.programme, refused: reading.errors };
  });
  const { programme } = $derived(variant);
  const month = $derived(programme.months.find((m) => m.id === page.params.month) ?? bench.monthOrEmpty(page.params.month!));
  const colourway = $derived(
    programme.colourways.find((c) => c.id === page.url.searchParams.get('colourway')) ?? programme.colourways[0]!,
  );
  const locale = $derived(page.data.locale as string);
  const version = $derived(words.draft(bench.saver.revision, dayText(bench.saver.savedAt.toISOString().slice(0, 10), locale)));
  const worked: { paper?: Paper; problems: PlanError['problems'] } = $derived.by(() => {
    if (!hasSheet(programme, month)) return { problems: [] };
    try {
      const asked = wishesOf(page.url.searchParams, programme);
      const name = `paper ${month.id} ${colourway.id} ${JSON.stringify({ ...asked, size: asked.size?.id })}`;
      const paper = keptFor(programme, name, () => monthPaper(programme, month, colourway, { ...asked, writing: true }));
      return { paper, problems: [] };
    } catch (error) {
      if (error instanceof PlanError) return { problems: error.problems };
      throw error;
    }
  });
  let writing = $state(false);
  /** Words of hers that are not on this sheet. */
  const lost = $derived(worked.paper ? wordsAside(worked.paper.pieces, month) : []);
  /** The version is set last: a save changes it, and nothing else of the paper. */
  const paper = $derived(worked.paper && { ...worked.paper, footer: `${worked.paper.footer} · ${version}` });
  const hasTemplates = $derived(
    month.blocks.some((entry) => constructMonthBlock(programme, entry, colourway).cuts.some((cut) => cut.template)),
  );
  const used = $derived(
    new Set(
      month.blocks.flatMap((entry) => constructMonthBlock(programme, entry, colourway).units.map((u) => u.kind.kind as string)),
    ),
  );
  const doubts = $derived(doubtsOf(programme, month, colourway));
  const address = (file: string) => {
    const asked = new URLSearchParams(page.url.searchParams);
    asked.set('colourway', colourway.id);
    return `sheet/files/${file}?${asked}`;
  };
</script>

{#snippet writer(place: Place, text: Words, step: boolean, children: Snippet)}
  <OwnPlace {month} {place} {text} {step} {children} />
{/snippet}

<MonthFrame>
  {#if !hasSheet(programme, month)}
    <p class="max-w-prose pt-6 text-lead">
      {words.drawABlockFirstThe}
    </p>
  {:else if paper}
    <PaperView
      {paper}
      {...writing && { writer }}
      unit={programme.unit}
      lit={(cut) => bench.isLit(cut)}
      onlight={(cuts) => (bench.lit = cuts)}
    />
  {:else}
    <Problems problems={worked.problems} document={bench.saver.document} title={words.theSheetCantBeWritten} />
  {/if}
  {#snippet side()}
    {#if paper}
      <SheetWishesForm {used} />
      {#each variant.refused as problem (problem.path)}<p class="mt-2 text-madder" role="alert">{problem.message}.</p>{/each}
      <section class="mt-6" aria-label={words.printAndDownload}>
        <PaperChoice what={words.printTheSheet} />
        <p class="mt-3 flex flex-wrap gap-2">
          <a class="btn" href={address('sheet.pdf')} download><Download size={17} /> {words.pdfA4}</a>
          <a class="btn" href="{address('sheet.pdf')}&page=letter" download>{words.pdfUsLetter}</a>
          <a class="btn" href={address('sheet.txt')} download>{words.text}</a>
          <a class="btn" href={address('sheet.html')} download>{words.html}</a>
        </p>
        {#if month.blocks.length > 0}
          <p class="mt-2 flex flex-col gap-1">
            {#if hasTemplates}<a class="link" href={address('templates.pdf')} download>{words.templatesAtFullSizePdf}</a>{/if}
            <a class="link" href={address('demonstration.pdf')} download>{words.demonstrationNotesStepOutsAnd}</a>
          </p>
        {/if}
      </section>
    {/if}
    {#if paper}<SheetVersions month={month.id} />{/if}
    {#if paper && !bench.saver.looksOnly}
      <section aria-label={WRITING.begin} class="mt-6">
        <button class="btn" aria-pressed={writing} onclick={() => (writing = !writing)}>
          <Pen size={17} />
          {writing ? WRITING.end : WRITING.begin}
        </button>
        {#if writing}<p class="mt-2 text-note text-quiet">{WRITING.hint}</p>{/if}
        {#each lost as text (text)}<p class="mt-2 border-l-4 border-weld pl-2">{text}</p>{/each}
      </section>
    {/if}
    <OwnNotes {month} />
    <div class="mt-6"><Doubts {doubts} kits={kitsFor(programme, colourway, bench.people(colourway))} /></div>
  {/snippet}
</MonthFrame>
