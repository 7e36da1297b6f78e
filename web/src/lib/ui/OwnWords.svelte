<!-- The organiser's own words on a month's sheet, part by part; kept apart from what is computed. -->
<script lang="ts">
  import { useWorkbench } from '$lib/workbench.svelte';
  import { sheetParts, type Month, type SheetPart } from '@aggrega/core/programme';

  let { month }: { month: Month } = $props();
  const bench = useWorkbench();
  const file = $derived(bench.saver.document.months?.find((m) => m.id === month.id));
  const PARTS: Record<SheetPart, string> = {
    start: 'at the head',
    need: 'after “You will need”',
    cut: 'after “Cut”',
    units: 'after “Make the units”',
    layout: 'after the layout',
    join: 'after the block is joined',
    check: 'after the size to measure',
    end: 'at the end',
  };
  let part: SheetPart = $state('start');
  const written = $derived(sheetParts.filter((p) => month.notes[p]));
  const clean = (text: string) =>
    text
      .replace(/\r\n?/g, '\n')
      .replace(/[^\S\n]+/g, ' ')
      .trim();

  function save(name: string, path: string, from: string | undefined, text: string) {
    const to = clean(text) || undefined;
    if (to !== from) bench.saver.do(`${month.name}, ${name}`, [{ path: `/months/${month.id}/${path}`, from, to }]);
  }
</script>

<section aria-label="Your own words" class="mt-6">
  <h2 class="border-b border-ink pb-1 text-lead">Your own words</h2>
  <label class="mt-2 block"
    ><span class="text-note text-quiet">They stand</span>
    <select class="field" bind:value={part}>
      {#each sheetParts as p (p)}<option value={p}>{PARTS[p]}{written.includes(p) ? ' ·' : ''}</option>{/each}
    </select></label
  >
  {#key `${month.id} ${part}`}
    <textarea
      class="field mt-1 min-h-24"
      maxlength="4000"
      aria-label="Your words {PARTS[part]}"
      value={file?.notes?.[part] ?? ''}
      onchange={(e) => save(`your words ${PARTS[part]}`, `notes/${part}`, file?.notes?.[part], e.currentTarget.value)}
    ></textarea>
  {/key}
  <label class="mt-2 block"
    ><span class="text-note text-quiet">By the next month</span>
    <textarea
      class="field"
      maxlength="4000"
      placeholder="80 units sewn and pressed"
      value={file?.homework ?? ''}
      onchange={(e) => save('homework', 'homework', file?.homework, e.currentTarget.value)}></textarea></label
  >
  <label class="mt-2 block"
    ><span class="text-note text-quiet">Where to ask, on every sheet</span>
    <input
      class="field"
      maxlength="400"
      value={bench.saver.document.contact ?? ''}
      onchange={(e) => {
        const from = bench.saver.document.contact;
        const to = clean(e.currentTarget.value) || undefined;
        if (to !== from) bench.saver.do('where to ask', [{ path: '/contact', from, to }]);
      }}
    /></label
  >
</section>
