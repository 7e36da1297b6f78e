<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { MonthExport, sheetsOf } from './month-export.svelte';
  import { wishesOf } from './sheet-wishes';
  import PaperChoice from '$lib/look/PaperChoice.svelte';
  import PaperView from '$lib/look/PaperView.svelte';
  import Problems from '$lib/look/Problems.svelte';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { PlanError, hasSheet } from '@aggrega/core/programme';
  import { firstPacketPaper, type Paper } from '@aggrega/core/sheet';
  import Download from '@lucide/svelte/icons/download';
  import { onDestroy } from 'svelte';

  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const colourway = $derived(bench.colourway(page.url.searchParams.get('colourway')));
  const worked: { paper?: Paper; problems: PlanError['problems'] } = $derived.by(() => {
    try {
      return { paper: firstPacketPaper(programme, colourway, wishesOf(page.url.searchParams, programme)), problems: [] };
    } catch (error) {
      if (error instanceof PlanError) return { problems: error.problems };
      throw error;
    }
  });
  const address = (ending: string, more: Record<string, string> = {}) =>
    `papers/files/first-packet.${ending}?${new URLSearchParams({ ...Object.fromEntries(page.url.searchParams), colourway: colourway.id, ...more })}`;

  const drawn = $derived(programme.months.filter((m) => hasSheet(programme, m)));
  let chosen = $state('');
  const month = $derived(drawn.find((m) => m.id === chosen) ?? drawn[0]);
  const exporter = new MonthExport();
  onDestroy(() => exporter.stop());
  async function keepMonth() {
    if (!month) return;
    const paper = document.documentElement.dataset.paper ?? 'A4';
    const zip = await exporter.make(sheetsOf(programme, month, { slug: bench.slug, page: paper }));
    if (!zip) return;
    const link = document.createElement('a');
    link.href = URL.createObjectURL(new Blob([zip], { type: 'application/zip' }));
    link.download = `${bench.slug}-${month.id}.zip`;
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 60_000);
  }
  function save(name: string, path: string, from: unknown, to: unknown) {
    if (from !== to) bench.saver.do(name, [{ path, from, to }]);
  }
  const written = (text: string) =>
    text
      .replace(/\r\n?/g, '\n')
      .replace(/[^\S\n]+/g, ' ')
      .trim() || undefined;
</script>

<YearFrame paper about={words.welcomePackAndBulkDownloads}>
  {#if worked.paper}
    <div class="mt-5"><PaperView paper={worked.paper} unit={programme.unit} label={words.welcomePack} /></div>
  {:else}
    <div class="mt-5">
      <Problems problems={worked.problems} document={bench.saver.document} title={words.theWelcomePackCantBe} />
    </div>
  {/if}
  {#snippet side()}
    <section class="mt-4" aria-label={words.welcomePack}>
      <h2 class="border-b border-ink pb-1 text-lead">{words.welcomePack}</h2>
      <label class="mt-2 block"
        ><span class="text-note text-quiet">{words.welcomeLetter}</span>
        <textarea
          class="textarea min-h-32"
          maxlength="4000"
          value={bench.saver.document.welcome ?? ''}
          onchange={(e) => save(words.welcomeLetter2, '/welcome', bench.saver.document.welcome, written(e.currentTarget.value))}
        ></textarea></label
      >
      <label class="mt-2 flex cursor-pointer items-center gap-2">
        <input
          type="checkbox"
          class="h-5 w-5 accent-[var(--color-ink)]"
          checked={programme.mystery}
          onchange={(e) => save('mystery', '/mystery', bench.saver.document.mystery, e.currentTarget.checked || undefined)}
        />
        {words.mysteryQuiltHideEachBlock}
      </label>
      <div class="mt-4"><PaperChoice what={words.printTheWelcomePack} /></div>
      <p class="mt-3 flex flex-wrap gap-2">
        <a class="btn" href={address('pdf')} download><Download size={17} /> {words.pdfA4}</a>
        <a class="btn" href={address('pdf', { page: 'letter' })} download>{words.pdfUsLetter}</a>
        <a class="btn" href={address('txt')} download>{words.text}</a>
      </p>
    </section>
    <section class="mt-7" aria-label={words.oneMonthAllVersions}>
      <h2 class="border-b border-ink pb-1 text-lead">{words.oneMonthAllVersions}</h2>
      {#if month}
        <label class="mt-2 block"
          ><span class="text-note text-quiet">{words.month}</span>
          <select class="select" value={month.id} onchange={(e) => (chosen = e.currentTarget.value)}>
            {#each drawn as m (m.id)}<option value={m.id}>{m.name}</option>{/each}
          </select></label
        >
        <p class="mt-2 text-note text-quiet">
          {words.sheetsPdfAndTextAnd}
        </p>
        {#if exporter.done === undefined}
          <p class="mt-2">
            <button class="btn" onclick={() => void keepMonth()}><Download size={17} /> {words.allSheetsZip}</button>
          </p>
        {:else}
          <p class="mt-2 flex items-center gap-3" role="status">
            {words.of(exporter.done, exporter.all)}
            <progress class="progress w-28" max={exporter.all} value={exporter.done}></progress>
            <button class="btn" onclick={() => exporter.stop()}>{words.stop}</button>
          </p>
        {/if}
        {#if exporter.trouble}<p class="mt-2 text-madder" role="alert">{exporter.trouble}</p>{/if}
      {:else}<p class="mt-2 text-quiet">{words.thereAreNoBlocksYet}</p>{/if}
    </section>
  {/snippet}
</YearFrame>
