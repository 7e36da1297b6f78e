<!-- What can be done to all who are chosen, as one deed. -->
<script lang="ts">
  import { words } from './words';
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
  aria-label={words.selectedParticipants}
>
  <span><b class="tabular">{count}</b> {words.selected}</span>
  {#if count < found}<button class="link text-note" onclick={onall}>{words.all(found)}</button>{/if}
  <button class="link mr-2 text-note" onclick={onnone}>{words.none}</button>
  <select
    class="select w-auto"
    aria-label={words.moveToColourway}
    onchange={(e) => take(e.currentTarget, 'colourway', (colourway) => () => ({ colourway }))}
  >
    <option value="">{words.moveTo}</option>
    {#each programme.colourways as c (c.id)}<option value={c.id}>{c.name}</option>{/each}
  </select>
  {#if programme.sizes.length > 0}
    <select
      class="select w-auto"
      aria-label={words.setQuiltSize}
      onchange={(e) => take(e.currentTarget, 'size', (size) => () => ({ size }))}
    >
      <option value="">{words.quilt}</option>
      <option value="-">{words.standardSize}</option>
      {#each programme.sizes as s (s.id)}<option value={s.id}>{s.name}</option>{/each}
    </select>
  {/if}
  <select
    class="select w-auto"
    aria-label={words.setState}
    onchange={(e) => take(e.currentTarget, 'state', (s) => (p) => stateChange(p, s as Person['state'], page.data.today))}
  >
    <option value="">{words.state}</option>
    {#each rosterStates as s (s)}<option value={s}>{stateNames[s]}</option>{/each}
  </select>
  <select
    class="select w-auto"
    aria-label={words.setGetsKitBy}
    onchange={(e) => take(e.currentTarget, words.getsKitBy, (handing) => () => ({ handing: handing as Person['handing'] }))}
  >
    <option value="">{words.getsKitBy2}</option>
    {#each handings as h (h)}<option value={h}>{handingNames[h]}</option>{/each}
  </select>
  <select
    class="select w-auto"
    aria-label={words.setPaidUpTo}
    onchange={(e) => take(e.currentTarget, words.paidUpTo, (paidTo) => () => ({ paidTo }))}
  >
    <option value="">{words.paidUpTo2}</option>
    <option value="-">{words.nothingYet}</option>
    {#each programme.months as m (m.id)}<option value={m.id}>{m.name}</option>{/each}
  </select>
</div>
