<!-- What can be done to all who are chosen, as one deed. -->
<script lang="ts">
  import { page } from '$app/state';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { handings, rosterStates, stateNames, type Person } from '@aggrega/core/running';
  import { handingNames, personChange, stateChange } from './field-words';
  import type { Roster } from './roster.svelte';

  interface Props {
    roster: Roster;
    /** Asks for those who are chosen as they are now. */
    people: () => Promise<Person[]>;
    count: number;
    /** How many are found in all, and chooses them. */
    found: number;
    onall: () => void;
    onnone: () => void;
  }
  let { roster, people, count, found, onall, onnone }: Props = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);

  async function set(name: string, to: (person: Person) => Partial<Person>) {
    const changes = (await people()).map((p) => personChange(p, to(p)));
    await roster.do(`${changes.length} ${changes.length === 1 ? 'person' : 'people'}, ${name}`, changes);
  }
  const take = (select: HTMLSelectElement, name: string, to: (value: string) => (person: Person) => Partial<Person>) => {
    const { value } = select;
    select.value = '';
    if (value) void set(name, to(value === '-' ? '' : value));
  };
</script>

<div
  class="no-print sticky top-0 z-10 flex flex-wrap items-center gap-x-3 gap-y-2 border-b-2 border-weld bg-ground py-2"
  role="group"
  aria-label="Selected participants"
>
  <span><b class="tabular">{count}</b> selected</span>
  {#if count < found}<button class="plain text-note" onclick={onall}>all {found}</button>{/if}
  <button class="plain mr-2 text-note" onclick={onnone}>none</button>
  <select
    class="field w-auto"
    aria-label="Move to colourway"
    onchange={(e) => take(e.currentTarget, 'colourway', (colourway) => () => ({ colourway }))}
  >
    <option value="">move to…</option>
    {#each programme.colourways as c (c.id)}<option value={c.id}>{c.name}</option>{/each}
  </select>
  {#if programme.sizes.length > 0}
    <select
      class="field w-auto"
      aria-label="Set quilt size"
      onchange={(e) => take(e.currentTarget, 'size', (size) => () => ({ size }))}
    >
      <option value="">quilt…</option>
      <option value="-">Standard size</option>
      {#each programme.sizes as s (s.id)}<option value={s.id}>{s.name}</option>{/each}
    </select>
  {/if}
  <select
    class="field w-auto"
    aria-label="Set state"
    onchange={(e) => take(e.currentTarget, 'state', (s) => (p) => stateChange(p, s as Person['state'], page.data.today))}
  >
    <option value="">state…</option>
    {#each rosterStates as s (s)}<option value={s}>{stateNames[s]}</option>{/each}
  </select>
  <select
    class="field w-auto"
    aria-label="Set gets kit by"
    onchange={(e) => take(e.currentTarget, 'gets kit by', (handing) => () => ({ handing: handing as Person['handing'] }))}
  >
    <option value="">gets kit by…</option>
    {#each handings as h (h)}<option value={h}>{handingNames[h]}</option>{/each}
  </select>
  <select
    class="field w-auto"
    aria-label="Set paid up to"
    onchange={(e) => take(e.currentTarget, 'paid up to', (paidTo) => () => ({ paidTo }))}
  >
    <option value="">paid up to…</option>
    <option value="-">nothing yet</option>
    {#each programme.months as m (m.id)}<option value={m.id}>{m.name}</option>{/each}
  </select>
</div>
