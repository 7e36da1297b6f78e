<!-- Stock, length by length: added, measured again or removed. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { LengthError, formatLength, parseLength } from '@aggrega/core/measure';
  import { formName, type Change, type ShelfFile, type ShelfLength } from '@aggrega/core/programme';
  import Setting from '$lib/look/Setting.svelte';

  const bench = useWorkbench();
  const { unit, fabrics, shelf } = $derived(bench.programme);
  const file = $derived(bench.saver.document.shelf);
  let fabric = $state('');
  let length = $state('');
  let lot = $state('');
  let trouble = $state('');
  const chosenFabric = $derived(fabrics.find((f) => f.id === fabric) ?? fabrics[0]);
  /** A cut form is counted, cloth from the bolt measured. */
  const counted = $derived(chosenFabric !== undefined && chosenFabric.form !== 'yardage');

  /** Entries are named in changes by their id, so a list that has none gets them first. */
  const named = (list: ShelfFile[]) => list.map((entry, i) => ({ ...entry, id: entry.id ?? `shelf-${i + 1}` }));
  function changes(id: string, to: (ShelfFile & { id: string }) | undefined): Change[] {
    if (!file || file.some((e) => !e.id)) {
      const rest = named(file ?? []).filter((e) => e.id !== id);
      return [{ path: '/shelf', from: file, to: to ? [...rest, to] : rest }];
    }
    return [{ path: `/shelf/${id}`, from: file.find((e) => e.id === id), to }];
  }
  const wrong = (text: string) => {
    try {
      return parseLength(text, unit).equals(0) ? words.toRemoveALengthUse : '';
    } catch (error) {
      if (error instanceof LengthError) return `${error.message}.`;
      throw error;
    }
  };

  const amountOf = (s: ShelfLength) => (s.pieces > 0 ? String(s.pieces) : formatLength(s.length, unit));
  const wrongCount = (text: string) => (/^[1-9]\d{0,5}$/.test(text.trim()) ? '' : words.typeAWholeNumberOf);

  function add(e: SubmitEvent) {
    e.preventDefault();
    const chosen = chosenFabric?.id;
    if (!chosen) return;
    trouble = counted ? wrongCount(length) : wrong(length);
    if (trouble) return;
    const taken = new Set(shelf.map((s) => s.id));
    let n = 1;
    while (taken.has(`${chosen}-${n}`)) n += 1;
    const amount = counted ? { pieces: Number(length) } : { length: length.trim() };
    const entry = { id: `${chosen}-${n}`, fabric: chosen, ...amount, ...(lot.trim() && { dyeLot: lot.trim() }) };
    bench.saver.do(words.stockALengthAdded, changes(entry.id, entry));
    length = lot = '';
  }
  const entryOf = (id: string) => named(file ?? []).find((e) => e.id === id)!;
</script>

<section class="mt-6" aria-label={words.stock}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.stock}</h2>
  {#if shelf.length === 0}
    <p class="mt-2 text-quiet">
      {words.nothingInStockYetMeasure}
    </p>
  {/if}
  <ul>
    {#each shelf as s (s.id)}
      <li class="flex items-end gap-2 border-b border-rule py-1.5">
        <span class="cloth mb-2 inline-block h-6 w-6 shrink-0" style:background={s.fabric.colour} aria-hidden="true"></span>
        <div class="min-w-0 flex-1">
          <Setting
            name="{s.fabric.name}{s.dyeLot ? `, lot ${s.dyeLot}` : ''}, {s.pieces > 0 ? formName(s.fabric.form, 2) : unit}"
            value={amountOf(s)}
            trouble={(text) => (s.pieces > 0 ? wrongCount(text) : wrong(text))}
            onset={(to) =>
              bench.saver.do(
                words.stockMeasuredAgain,
                changes(s.id, { ...entryOf(s.id), ...(s.pieces > 0 ? { pieces: Number(to) } : { length: to }) }),
              )}
          />
        </div>
        <button
          class="link mb-2 text-note"
          aria-label={words.removeOfFromStock(amountOf(s), s.fabric.name)}
          onclick={() => bench.saver.do(words.stockALengthRemoved, changes(s.id, undefined))}>{words.remove}</button
        >
      </li>
    {/each}
  </ul>
  {#if chosenFabric}
    <form class="mt-3 flex flex-col gap-2" onsubmit={add} aria-label={words.addToStock}>
      <label class="block"
        ><span class="text-note text-quiet">{words.fabric}</span>
        <select class="select" value={chosenFabric.id} onchange={(e) => (fabric = e.currentTarget.value)}
          >{#each fabrics as f (f.id)}<option value={f.id}>{f.name}</option>{/each}</select
        ></label
      >
      <div class="flex gap-2">
        <label class="block flex-1"
          ><span class="text-note text-quiet"
            >{counted ? words.howMany(formName(chosenFabric.form, 2)) : words.length(unit)}</span
          ><input class="input" bind:value={length} required /></label
        >
        <label class="block w-20"
          ><span class="text-note text-quiet">{words.dyeLot}</span><input
            class="input"
            bind:value={lot}
            maxlength="40"
          /></label
        >
      </div>
      {#if trouble}<p class="text-note text-madder" role="alert">{trouble}</p>{/if}
      <p><button class="btn">{words.addToStock}</button></p>
    </form>
  {:else}
    <p class="mt-2 text-quiet">{words.thisProgrammeHasNoFabrics}</p>
  {/if}
</section>
