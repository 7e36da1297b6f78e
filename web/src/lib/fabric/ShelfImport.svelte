<!-- The shelf as a file: out as CSV, and in again after a look at what it would change. -->
<script lang="ts">
  import { words } from './words';
  import ShelfPhotos from './ShelfPhotos.svelte';
  import ImportRows from '$lib/look/ImportRows.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { ShelfImport } from '@aggrega/core/shelf-csv';
  import Download from '@lucide/svelte/icons/download';

  const bench = useWorkbench();
  let dialog: HTMLDialogElement;
  let found: ShelfImport | undefined = $state.raw();
  let name = $state('');
  const LARGEST = 2_000_000;

  async function look(input: HTMLInputElement) {
    const [file] = input.files ?? [];
    if (!file) return;
    name = file.name;
    const refuse = (message: string): ShelfImport => ({
      rows: [],
      ignored: [],
      changes: [],
      problems: [{ path: '', message }],
    });
    if (file.size > LARGEST) found = refuse(words.theFileIsLargerThan);
    else {
      // Read only when it is wanted: the page needs no reader of CSV otherwise.
      const { readShelfCsv } = await import('@aggrega/core/shelf-csv');
      found = readShelfCsv(await file.text(), bench.saver.document);
    }
    input.value = '';
    dialog.showModal();
  }
  const suppliers = $derived([...new Set(bench.programme.fabrics.map((f) => f.supplier).filter(Boolean))].sort());
  async function lookAtList(supplier: string) {
    name = words.thePriceListOf(supplier);
    const asked = `/api/programmes/${bench.slug}/desk/price-list?${new URLSearchParams({ supplier })}`;
    const answer = await fetch(asked).catch(() => undefined);
    const { readShelfCsv } = await import('@aggrega/core/shelf-csv');
    const away = {
      rows: [],
      ignored: [],
      changes: [],
      problems: [{ path: '', message: words.doesNotAnswerJustNow(supplier) }],
    };
    found = answer?.ok ? readShelfCsv(await answer.text(), bench.saver.document) : away;
    dialog.showModal();
  }
  const count = (state: string) => found?.rows.filter((r) => r.state === state).length ?? 0;
  const take = $derived(count('new') + count('changed'));
  function done() {
    if (found && found.changes.length > 0) bench.saver.do(words.theShelfFrom(name), found.changes);
    dialog.close();
  }
</script>

<section aria-label={words.importAndDownload}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.importAndDownload}</h2>
  <p class="mt-2">
    <a class="btn" href="fabrics/shelf.csv" download><Download size={17} /> {words.csv}</a>
  </p>
  <label class="mt-2 block">
    <span class="text-note text-quiet">{words.importCsvPreviewFirst}</span>
    <input
      class="file-input file:mr-2 file:border file:border-ink file:px-2"
      type="file"
      accept=".csv,text/csv"
      onchange={(e) => void look(e.currentTarget)}
    />
  </label>
  <ShelfPhotos />
  {#if suppliers.length > 0}
    <p class="mt-3 text-note text-quiet">{words.priceListsPreviewFirst}</p>
    <p class="mt-1 flex flex-wrap gap-2">
      {#each suppliers as supplier (supplier)}<button class="btn" onclick={() => void lookAtList(supplier)}>{supplier}</button
        >{/each}
    </p>
  {/if}
</section>

<dialog bind:this={dialog} class="modal no-print" aria-label={words.whatWouldChange(name)}>
  <div class="modal-box max-w-2xl border border-ink bg-ground p-7 shadow-none">
    <h2 class="text-head">{words.whatWouldChange(name)}</h2>
    {#if found}
      {#each found.problems as p (p.message)}<p class="mt-3 text-madder" role="alert">
          {words.nothingCanBeImported(p.message)}
        </p>{/each}
      {#if found.problems.length === 0}
        <p class="mt-2">
          {words.newChangedUnchangedWithErrors(count('new'), count('changed'), count(words.asItIs), count('refused'))}
          {#if found.ignored.length > 0}<span class="text-quiet">{words.columnsIgnored(found.ignored.join(', '))}</span>{/if}
        </p>
        <div class="mt-3 max-h-96 overflow-y-auto">
          <ImportRows rows={found.rows} what={words.fabric} none={words.everythingIsInTheProgramme} />
        </div>
      {/if}
    {/if}
    <p class="mt-6 flex justify-end gap-2">
      <button class="btn" onclick={() => dialog.close()}>{words.cancel}</button>
      {#if take > 0}<button class="btn btn-primary" onclick={done}>{words.importFabrics(take)}</button>{/if}
    </p>
  </div>
</dialog>
