<!-- A roster from a CSV: which column is what, and everything it would change, before anything is. -->
<script lang="ts">
  import { words } from './words';
  import ImportRows from '$lib/look/ImportRows.svelte';
  import { page } from '$app/state';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { Person } from '@aggrega/core/running';
  import type { RosterColumn, RosterImport } from '@aggrega/core/roster-csv';
  import type { Roster } from './roster.svelte';

  let { roster }: { roster: Roster } = $props();
  const bench = useWorkbench();
  let dialog: HTMLDialogElement;
  let name = $state('');
  let text = '';
  let people: Person[] = [];
  let found: RosterImport | undefined = $state.raw();
  let reader: typeof import('@aggrega/core/roster-csv') | undefined = $state.raw();
  let trouble = $state('');
  const LARGEST = 4_000_000;

  async function look(input: HTMLInputElement) {
    const [file] = input.files ?? [];
    if (!file) return;
    [name, trouble, found] = [file.name, '', undefined];
    if (file.size > LARGEST) trouble = words.theFileIsLargerThan;
    else {
      // Read only when it is wanted: the page needs no reader of CSV otherwise.
      reader = await import('@aggrega/core/roster-csv');
      const answer = await fetch(`${roster.address}/ids`).catch(() => undefined);
      if (answer?.ok) {
        ({ people } = (await answer.json()) as { people: Person[] });
        text = await file.text();
        read();
      } else trouble = words.theRosterCouldNotBe;
    }
    input.value = '';
    dialog.showModal();
  }
  function read(mapping?: (RosterColumn | undefined)[]) {
    const file = { text, mapping, newId: () => crypto.randomUUID(), today: page.data.today };
    found = reader!.readRosterCsv(file, people, bench.programme);
  }
  function map(column: number, to: string) {
    read(
      found!.mapping.map((c, i) =>
        i === column ? ((to || undefined) as RosterColumn | undefined) : c === to && !reader!.comesInParts(c!) ? undefined : c,
      ),
    );
  }
  const count = (state: string) => found?.rows.filter((r) => r.state === state).length ?? 0;
  const take = $derived(found?.changes.length ?? 0);
  async function done() {
    if (!found) return;
    if (await roster.do(words.peopleFrom(take, name), found.changes)) dialog.close();
    else trouble = roster.faults[0]?.message ?? (roster.trouble || words.somebodyElseChangedTheRoster);
  }
</script>

<label class="mt-2 block">
  <span class="text-note text-quiet">{words.importCsvPreviewFirst}</span>
  <input
    class="file-input file:mr-2 file:border file:border-ink file:px-2"
    type="file"
    accept=".csv,text/csv"
    onchange={(e) => void look(e.currentTarget)}
  />
</label>

<dialog bind:this={dialog} class="modal no-print" aria-label={words.whatWouldChange(name)}>
  <div class="modal-box max-w-4xl border border-ink bg-ground p-7 shadow-none">
    <h2 class="text-head">{words.whatWouldChange(name)}</h2>
    {#if trouble}<p class="mt-3 text-madder" role="alert">{trouble}</p>{/if}
    {#if found}
      {#each found.problems as p (p)}<p class="mt-3 text-madder" role="alert">{words.notReady(p)}</p>{/each}
      {#if found.headings.length > 0}
        <fieldset class="mt-4">
          <legend class="text-note text-quiet">{words.matchColumns}</legend>
          <div class="flex flex-wrap gap-x-4 gap-y-2">
            {#each found.headings as heading, i (i)}
              <label class="block min-w-32">
                <span class="block max-w-40 truncate font-semibold">{heading || words.column(i + 1)}</span>
                <select class="select" value={found.mapping[i] ?? ''} onchange={(e) => map(i, e.currentTarget.value)}>
                  <option value="">{words.ignore}</option>
                  {#each reader?.rosterColumns ?? [] as c (c)}<option value={c}>{reader?.columnName(c)}</option>{/each}
                </select>
              </label>
            {/each}
          </div>
        </fieldset>
      {/if}
      {#if found.problems.length === 0}
        <p class="mt-4">
          {words.newChangedUnchangedWithErrors(count('new'), count('changed'), count(words.asItIs), count('refused'))}
        </p>
        <div class="mt-3 max-h-72 overflow-y-auto">
          <ImportRows rows={found.rows} what={words.name} none={words.everyoneIsListedLikeThat} />
        </div>
      {/if}
    {/if}
    <p class="mt-6 flex justify-end gap-2">
      <button class="btn" onclick={() => dialog.close()}>{words.cancel}</button>
      {#if take > 0 && found?.problems.length === 0}
        <button class="btn btn-primary" disabled={roster.working} onclick={() => void done()}>{words.importPeople(take)}</button
        >
      {/if}
    </p>
  </div>
</dialog>
