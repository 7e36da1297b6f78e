<!-- The organiser's own notes on a month's sheet, part by part, with photos; what is due by the next month; where to ask. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { notesOf, sheetParts, type Month, type Note, type NotePicture, type SheetPart } from '@aggrega/core/programme';
  import Down from '@lucide/svelte/icons/arrow-down';
  import Up from '@lucide/svelte/icons/arrow-up';
  import PhotoField from '$lib/look/PhotoField.svelte';
  import { NOTES, PARTS } from './words';

  let { month }: { month: Month } = $props();
  const bench = useWorkbench();
  const file = $derived(bench.saver.document.months?.find((m) => m.id === month.id));
  let part: SheetPart = $state('start');
  const written = $derived(sheetParts.filter((p) => (month.notes[p]?.length ?? 0) > 0));
  const notes = $derived(notesOf(file?.notes?.[part]));
  const clean = (text: string) =>
    text
      .replace(/\r\n?/g, '\n')
      .replace(/[^\S\n]+/g, ' ')
      .trim();

  function save(name: string, path: string, from: unknown, to: unknown) {
    if (to !== from) bench.saver.do(`${month.name}, ${name}`, [{ path: `/months/${month.id}/${path}`, from, to }]);
  }
  const put = (to: readonly Note[]) =>
    save(words.yourNotes(PARTS[part]), `notes/${part}`, file?.notes?.[part], to.length > 0 ? to : undefined);
  const change = (at: number, to: Partial<Note>) => put(notes.map((note, i) => (i === at ? { ...note, ...to } : note)));
  const without = (at: number) => put(notes.filter((_, i) => i !== at));
  const move = (at: number, by: number) => {
    const [one] = notes.slice(at, at + 1);
    const rest = notes.filter((_, i) => i !== at);
    put([...rest.slice(0, at + by), one!, ...rest.slice(at + by)]);
  };
  function rewrite(at: number, text: string) {
    const to = clean(text);
    if (to === notes[at]!.text) return;
    if (to === '' && !notes[at]!.picture) without(at);
    else change(at, { text: to });
  }
  function shown(at: number) {
    const { hidden, ...note } = notes[at]!;
    put(notes.map((other, i) => (i !== at ? other : hidden ? note : { ...note, hidden: true })));
  }
  function unpictured(at: number) {
    const { text, hidden } = notes[at]!;
    if (text) put(notes.map((other, i) => (i === at ? { text, ...(hidden && { hidden }) } : other)));
    else without(at);
  }
  function add(field: HTMLTextAreaElement) {
    const text = clean(field.value);
    if (text) put([...notes, { text }]);
    field.value = '';
  }
</script>

<section aria-label={NOTES.title} class="mt-6">
  <h2 class="border-b border-ink pb-1 text-lead">{NOTES.title}</h2>
  <label class="mt-2 block"
    ><span class="text-note text-quiet">{NOTES.where}</span>
    <select class="select" bind:value={part}>
      {#each sheetParts as p (p)}<option value={p}>{PARTS[p]}{written.includes(p) ? ' ·' : ''}</option>{/each}
    </select></label
  >
  {#key `${month.id} ${part}`}
    <ol>
      {#each notes as note, i (`${i} ${note.text}`)}
        <li class="mt-2 border-b border-rule pb-2">
          {#if note.picture}<img
              class="mb-1 max-h-40"
              src="/swatches/{note.picture.photo}"
              alt={note.text || words.yourPhotoOnTheSheet}
            />{/if}
          <textarea
            class="textarea min-h-16"
            maxlength="4000"
            aria-label={words.note(i + 1, PARTS[part])}
            value={note.text}
            onchange={(e) => rewrite(i, e.currentTarget.value)}></textarea>
          <p class="flex flex-wrap items-center gap-x-3 text-note">
            {#if note.hidden}<span class="text-madder">{NOTES.hiddenNow}</span>{/if}
            <button class="link" onclick={() => shown(i)}>{note.hidden ? NOTES.show : NOTES.hide}</button>
            {#if i > 0}<button class="link" aria-label={NOTES.up} onclick={() => move(i, -1)}><Up size={16} /></button>{/if}
            {#if i < notes.length - 1}<button class="link" aria-label={NOTES.down} onclick={() => move(i, 1)}
                ><Down size={16} /></button
              >{/if}
            {#if note.picture}<button class="link" onclick={() => unpictured(i)}>{NOTES.takeOff}</button>{/if}
            <button class="link" onclick={() => without(i)}>{NOTES.remove}</button>
          </p>
        </li>
      {:else}<li class="mt-2 text-note text-quiet">{NOTES.none}</li>{/each}
    </ol>
    <textarea
      class="textarea mt-2 min-h-16"
      maxlength="4000"
      placeholder={NOTES.add}
      aria-label="{NOTES.add} {PARTS[part]}"
      onchange={(e) => add(e.currentTarget)}></textarea>
    <div class="mt-1">
      <PhotoField
        label={NOTES.addPhoto}
        address="/api/sheet-photos"
        working={NOTES.sending}
        onkept={(picture: NotePicture) => put([...notes, { text: '', picture }])}
      />
    </div>
  {/key}
  <label class="mt-4 block"
    ><span class="text-note text-quiet">{words.homeworkForThisMonth}</span>
    <textarea
      class="textarea"
      maxlength="4000"
      placeholder={words.n80UnitsSewnAndPressed}
      value={file?.homework ?? ''}
      onchange={(e) => save('homework', 'homework', file?.homework, clean(e.currentTarget.value) || undefined)}
    ></textarea></label
  >
  <label class="mt-2 block"
    ><span class="text-note text-quiet">{words.contactLineOnEverySheet}</span>
    <input
      class="input"
      maxlength="400"
      value={bench.saver.document.contact ?? ''}
      onchange={(e) => {
        const from = bench.saver.document.contact;
        const to = clean(e.currentTarget.value) || undefined;
        if (to !== from) bench.saver.do(words.whereToAsk, [{ path: '/contact', from, to }]);
      }}
    /></label
  >
</section>
