<!-- The people who are asked for, as a table: sorted by its headings, chosen one by one or all together. -->
<script lang="ts">
  import { words } from './words';
  import { dayText } from '$lib/look/day-text';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { page } from '$app/state';
  import type { Person } from '@aggrega/core/running';
  import type { RosterSort } from '$lib/server/db/participants';
  import { fieldWords } from './field-words';

  interface Props {
    people: Person[];
    sort: RosterSort;
    down: boolean;
    chosen: ReadonlySet<string>;
    /** The person in hand. */
    current: string;
    onsort: (sort: RosterSort) => void;
    onchoose: (ids: string[], chosen: boolean) => void;
    onopen: (id: string) => void;
  }
  let { people, sort, down, chosen, current, onsort, onchoose, onopen }: Props = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const sized = $derived(programme.sizes.length > 0);
  const columns = $derived<{ id: RosterSort | ''; name: string }[]>([
    { id: 'name', name: words.name },
    { id: 'colourway', name: words.colourway },
    ...(sized ? [{ id: '' as const, name: words.size }] : []),
    { id: '', name: words.kit },
    { id: 'state', name: words.state2 },
    { id: 'joined', name: words.joined },
    { id: 'paid', name: words.paidUpTo3 },
  ]);
  const all = $derived(people.length > 0 && people.every((p) => chosen.has(p.id)));
  const swatchOf = (id: string) => [...(programme.colourways.find((c) => c.id === id)?.fabrics.values() ?? [])].slice(0, 4);
  const kitWords = (p: Person) => {
    const kit = p.kit === 'list' ? words.ownFabric : p.kit;
    return [kit, p.handing === 'post' ? words.byPost : ''].filter(Boolean).join(', ');
  };

  let table: HTMLTableElement;
  /** Up and down go from name to name. */
  function onkeydown(e: KeyboardEvent) {
    if (e.key !== 'ArrowDown' && e.key !== 'ArrowUp') return;
    const rows = [...table.querySelectorAll<HTMLElement>('button[data-open]')];
    const at = rows.indexOf(document.activeElement as HTMLElement);
    if (at < 0) return;
    e.preventDefault();
    rows[at + (e.key === 'ArrowDown' ? 1 : -1)]?.focus();
  }
</script>

<svelte:window {onkeydown} />

<table class="w-full" aria-label={words.participants} bind:this={table}>
  <thead>
    <tr class="border-b-2 border-ink align-bottom">
      <th class="no-print w-8 pb-1.5"
        ><input
          type="checkbox"
          class="block h-4 w-4 accent-ink"
          checked={all}
          aria-label={words.selectEveryoneOnThisPage}
          onchange={(e) =>
            onchoose(
              people.map((p) => p.id),
              e.currentTarget.checked,
            )}
        /></th
      >
      {#each columns as { id, name } (name)}
        <th class="pr-3 pb-1.5" aria-sort={id && id === sort ? (down ? 'descending' : 'ascending') : undefined}>
          {#if id}
            <button
              class="cursor-pointer hover:text-ink hover:underline {id === sort ? 'font-semibold text-ink' : ''}"
              onclick={() => onsort(id)}
              >{name}{#if id === sort}<span aria-hidden="true"> {down ? '↓' : '↑'}</span>{/if}</button
            >
          {:else}{name}{/if}
        </th>
      {/each}
    </tr>
  </thead>
  <tbody>
    {#each people as person (person.id)}
      <tr
        class="border-b border-rule {person.id === current ? 'bg-weld text-primary-content' : 'hover:bg-edge'} {person.state ===
        'left'
          ? 'text-walnut'
          : ''}"
        data-person={person.name}
      >
        <td class="no-print py-1.5"
          ><input
            type="checkbox"
            class="block h-4 w-4 accent-ink"
            checked={chosen.has(person.id)}
            aria-label={words.select(person.name)}
            onchange={(e) => onchoose([person.id], e.currentTarget.checked)}
          /></td
        >
        <td class="py-1.5 pr-3"
          ><button data-open class="cursor-pointer text-left font-semibold hover:underline" onclick={() => onopen(person.id)}
            >{person.name}</button
          ></td
        >
        <td class="py-1.5 pr-3 whitespace-nowrap"
          ><span class="mr-2 inline-flex align-[-0.15em]" aria-hidden="true"
            >{#each swatchOf(person.colourway) as fabric, i (i)}<span class="cloth h-4 w-2" style:background={fabric.colour}
              ></span>{/each}</span
          >{fieldWords(person, 'colourway', programme)}</td
        >
        {#if sized}<td class="py-1.5 pr-3">{person.size ? fieldWords(person, 'size', programme) : ''}</td>{/if}
        <td class="py-1.5 pr-3">{kitWords(person)}</td>
        <td class="py-1.5 pr-3 whitespace-nowrap"
          >{fieldWords(person, 'state', programme)}{#if person.notes}<span
              class="ml-2 text-note text-quiet"
              title={person.notes}>{words.note}</span
            >{/if}</td
        >
        <td class="py-1.5 pr-3 whitespace-nowrap tabular">{dayText(person.joined, page.data.locale)}</td>
        <td class="py-1.5 whitespace-nowrap">{fieldWords(person, 'paidTo', programme)}</td>
      </tr>
    {/each}
  </tbody>
</table>
