<!-- The sample log: who sewed a month's block, how long it took, what it measured, and what that says of the seam. -->
<script lang="ts">
  import { trySendOnce } from '$lib/ask/send-once';
  import { words } from './words';
  import { invalidateAll } from '$app/navigation';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import MeasureForm from '$lib/look/MeasureForm.svelte';
  import Say from '$lib/look/Say.svelte';
  import YearFrame from '$lib/frame/YearFrame.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import WhatToExpect from './WhatToExpect.svelte';
  import { checkpointsOf, filledIn, unsaidOf } from './sample';
  import { notesOf } from '@aggrega/core/programme';
  import { monthMinutes, progressNames, progressSteps, type ProgressStep, type WrittenSize } from '@aggrega/core/running';
  import type { SizeBySeams } from '@aggrega/core/foresee';
  import type { SampleLog } from '$lib/server/test-blocks/samples';

  let { data }: { data: { log: SampleLog; sizes: SizeBySeams[] } } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const { unit, house } = $derived(programme);
  const drawn = $derived(programme.months.filter((m) => m.blocks.length > 0));
  let [monthId, blockKey, colourwayId, sewnBy, remarks] = $state(['', '', '', '', '']);
  let sewnOn = $state(page.data.today as string);
  let minutes: Partial<Record<ProgressStep, number>> = $state({});
  let sizes: WrittenSize[] = $state([]);
  let trouble = $state('');
  let told = $state('');
  const month = $derived(drawn.find((m) => m.id === monthId) ?? drawn[0]);
  const entry = $derived(month?.blocks.find((b) => b.key === blockKey) ?? month?.blocks[0]);
  const colourway = $derived(bench.colourway(colourwayId || page.url.searchParams.get('colourway')));
  const points = $derived(entry ? checkpointsOf(programme, entry, colourway) : []);
  /** What the log has of this block. */
  const logged = $derived(
    data.log.samples.filter((s) => s.month === month?.id && s.block === entry?.key).flatMap((s) => s.measured),
  );
  const thumb = $derived(month && monthMinutes(programme, month, colourway));

  async function send(method: 'POST' | 'DELETE', body: object): Promise<boolean> {
    [trouble, told] = ['', ''];
    const answer = await trySendOnce(`/api/programmes/${bench.slug}/samples`, { method, body });
    if (answer?.ok) {
      await invalidateAll();
      return true;
    }
    const said = (await answer?.json().catch(() => undefined)) as { message?: string } | undefined;
    trouble = said?.message ?? words.weCantReachTheServer;
    return false;
  }
  async function note(e: SubmitEvent) {
    e.preventDefault();
    if (!month || !entry) return;
    const sample = {
      month: month.id,
      block: entry.key,
      colourway: colourway.id,
      sewnBy: sewnBy.trim(),
      sewnOn,
      ...filledIn(minutes, sizes),
      remarks: remarks.trim(),
    };
    if (!(await send('POST', sample))) return;
    told = words.saved;
    [minutes, sizes, remarks] = [{}, [], ''];
  }
  /** Lines for the checkpoints of the month's sheet that do not stand there yet. */
  const unsaid = (monthId: string, sizes: WrittenSize[]) => unsaidOf(saidOf(monthId), sizes, programme);
  const noteOf = (monthId: string) => bench.saver.document.months?.find((m) => m.id === monthId)?.notes?.check;
  const saidOf = (monthId: string) => notesOf(noteOf(monthId));
  function sayOnSheet(monthId: string, lines: string[]) {
    const from = noteOf(monthId);
    bench.saver.do(words.warningsFromTheTestBlock(nameOf(monthId)), [
      { path: `/months/${monthId}/notes/check`, from, to: [...saidOf(monthId), ...lines.map((text) => ({ text }))] },
    ]);
  }
  const nameOf = (id: string) => programme.months.find((m) => m.id === id)?.name ?? id;
  const sum = (of: Record<string, number>) => Object.values(of).reduce((a, b) => a + b, 0);
</script>

<YearFrame about={words.testBlocksSewnBeforeRelease} colourways={false}>
  {#if drawn.length === 0}
    <p class="mt-8 max-w-prose text-lead">{words.drawABlockFirstThen}</p>
  {:else}
    <form class="no-print mt-5" onsubmit={(e) => void note(e)} aria-label={words.aTestBlock}>
      <h2 class="border-b-2 border-ink pb-1 text-head">{words.recordATestBlock}</h2>
      <div class="mt-3 flex flex-wrap gap-3">
        <label class="block"
          ><span class="block text-note text-quiet">{words.month}</span>
          <select class="select w-auto" value={month?.id} onchange={(e) => ((monthId = e.currentTarget.value), (blockKey = ''))}
            >{#each drawn as m (m.id)}<option value={m.id}>{m.name}</option>{/each}</select
          ></label
        >
        {#if month && month.blocks.length > 1}
          <label class="block"
            ><span class="block text-note text-quiet">{words.block}</span>
            <select class="select w-auto" value={entry?.key} onchange={(e) => (blockKey = e.currentTarget.value)}
              >{#each month.blocks as b (b.key)}<option value={b.key}>{b.block.name}</option>{/each}</select
            ></label
          >
        {/if}
        <label class="block"
          ><span class="block text-note text-quiet">{words.colourway}</span>
          <select class="select w-auto" value={colourway.id} onchange={(e) => (colourwayId = e.currentTarget.value)}
            >{#each programme.colourways as c (c.id)}<option value={c.id}>{c.name}</option>{/each}</select
          ></label
        >
        <label class="block w-44"
          ><span class="block text-note text-quiet">{words.sewnBy}</span><input
            class="input"
            bind:value={sewnBy}
            maxlength="200"
          /></label
        >
        <label class="block"
          ><span class="block text-note text-quiet">{words.on}</span><input
            class="input"
            type="date"
            bind:value={sewnOn}
            required
          /></label
        >
      </div>
      <fieldset class="mt-3 flex flex-wrap items-end gap-3">
        <legend class="text-note text-quiet">{words.minutesLeaveEmptyIfNot}</legend>
        {#each progressSteps as step (step)}
          <label class="block w-36"
            ><span class="block text-note">{progressNames[step]}{thumb ? words.estimate(Math.round(thumb[step])) : ''}</span
            ><input class="input" type="number" min="0" max="10000" step="any" bind:value={minutes[step]} /></label
          >
        {/each}
      </fieldset>
      <div class="mt-4"><MeasureForm bind:sizes seam={house.seam.valueOf()} {unit} {points} /></div>
      <label class="mt-3 block"
        ><span class="block text-note text-quiet">{words.remarks}</span><textarea
          class="textarea"
          rows="2"
          maxlength="4000"
          bind:value={remarks}></textarea></label
      >
      {#if trouble}<p class="mt-2 text-madder" role="alert">{trouble}</p>{/if}
      <p class="mt-3 flex items-center gap-3">
        <button class="btn btn-primary" disabled={bench.saver.state !== 'saved'}>{words.save}</button>
        {#if told}<span role="status">{told}</span>{/if}
      </p>
    </form>
  {/if}
  {#if month && entry}
    <WhatToExpect {month} {entry} {colourway} {points} sizes={data.sizes} measured={[...logged, ...sizes]} />
  {/if}
  <section class="mt-8" aria-label={words.testLog}>
    <h2 class="border-b-2 border-ink pb-1 text-head">{words.testLog}</h2>
    {#if data.log.samples.length === 0}
      <p class="mt-2 text-quiet">
        {words.nothingRecordedYetTheTimes}
      </p>
    {/if}
    {#each data.log.samples as s (s.id)}
      <article class="border-b border-rule py-3" data-sample={s.month}>
        <p class="flex gap-3">
          <span class="mr-auto"
            ><b>{nameOf(s.month)}</b>, {dayText(s.sewnOn, page.data.locale)}{s.sewnBy ? words.by(s.sewnBy) : ''}{sum(
              s.minutes,
            ) > 0
              ? words.min(sum(s.minutes))
              : ''}</span
          >
          <button class="link no-print whitespace-nowrap text-note text-quiet" onclick={() => void send('DELETE', { id: s.id })}
            >{words.delete}</button
          >
        </p>
        {#if s.remarks}<p class="max-w-prose whitespace-pre-line">{s.remarks}</p>{/if}
        {#if s.measured.length > 0}
          <p class="text-note text-quiet">
            {s.measured.map((m) => words.insteadOf(m.what, m.measured, m.expected)).join('; ')}
          </p>
          <MeasureForm sizes={s.measured} seam={house.seam.valueOf()} {unit} fixed />
          {@const lines = unsaid(s.month, s.measured)}
          {#if lines.length > 0 && programme.months.some((m) => m.id === s.month)}
            <div class="no-print mt-2 flex flex-wrap items-center gap-4">
              <ul class="mr-auto">
                {#each lines as line (line)}<li><Say text={line} /></li>{/each}
              </ul>
              <button class="btn" onclick={() => sayOnSheet(s.month, lines)}>{words.addAWarningToThe}</button>
            </div>
          {/if}
        {/if}
      </article>
    {/each}
  </section>
  {#snippet side()}
    <section class="mt-4" aria-label={words.yourPace}>
      <h2 class="border-b border-ink pb-1 text-lead">{words.yourPace}</h2>
      <p class="mt-2"><span class="numeral text-head">{data.log.pace.toFixed(2)}</span> {words.ourEstimates}</p>
      <p class="mt-1 text-note text-quiet">{words.timesShownToParticipantsAre}</p>
    </section>
  {/snippet}
</YearFrame>
