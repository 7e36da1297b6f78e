<!-- All fabrics of the programme: searched, looked at, dragged onto a letter, and new ones added. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import Swatch from './Swatch.svelte';
  import type { View } from '@aggrega/core/fabric';
  import { lettersOfFabric, type Colourway, type Fabric } from '@aggrega/core/programme';
  import { castWords } from './cast-words';
  import { draggable } from '@atlaskit/pragmatic-drag-and-drop/element/adapter';
  import Plus from '@lucide/svelte/icons/plus';

  interface Props {
    colourway: Colourway;
    view: View;
    role: string;
    looked: string;
    onlook: (id: string) => void;
    oncast: (fabric: Fabric) => void;
  }
  let { colourway, view, role, looked, onlook, oncast }: Props = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  let search = $state('');
  const found = $derived(
    programme.fabrics.filter((f) => `${f.name} ${f.sku} ${f.supplier}`.toLowerCase().includes(search.trim().toLowerCase())),
  );
  const letters = (fabric: Fabric) => lettersOfFabric(colourway, fabric).join(' ');

  function add() {
    const taken = new Set(programme.fabrics.map((f) => f.id));
    let n = programme.fabrics.length + 1;
    while (taken.has(`fabric-${n}`)) n += 1;
    const to = { id: `fabric-${n}`, name: search.trim() || words.newFabric(n), colour: '#9aa3b0' };
    bench.saver.do(words.added(to.name), [{ path: `/fabrics/${to.id}`, to }]);
    search = '';
    onlook(to.id);
  }
</script>

<section aria-label={words.fabricsOfTheProgramme}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.fabrics}</h2>
  <input
    class="input mt-2"
    type="search"
    placeholder={words.nameCodeOrSupplier}
    aria-label={words.searchTheFabrics}
    bind:value={search}
  />
  <ul class="mt-1 max-h-80 overflow-y-auto">
    {#each found as fabric (fabric.id)}
      <li
        class="flex items-center gap-2 border-b border-rule py-1 {looked === fabric.id ? 'bg-edge' : ''}"
        {@attach (element) => draggable({ element, getInitialData: () => ({ fabric: fabric.id }) })}
      >
        <Swatch {fabric} unit={programme.unit} {view} />
        <button class="min-w-0 flex-1 cursor-pointer truncate text-left hover:underline" onclick={() => onlook(fabric.id)}
          >{fabric.name} <span class="text-note text-quiet">{fabric.sku}</span></button
        >
        <span class="text-note font-semibold">{letters(fabric)}</span>
        <button class="link text-note" onclick={() => oncast(fabric)} aria-label={castWords(colourway, role, fabric).long}
          >{castWords(colourway, role, fabric).short}</button
        >
      </li>
    {:else}
      <li class="py-2 text-quiet">{words.noFabricMatches}</li>
    {/each}
  </ul>
  <p class="mt-2">
    <button class="btn" onclick={add}
      ><Plus size={17} /> {words.add(search.trim() ? `“${search.trim()}”` : words.aFabric)}</button
    >
  </p>
</section>
