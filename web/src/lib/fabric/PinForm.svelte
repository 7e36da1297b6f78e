<!-- The block in hand: which fabric each of its scrappy patches has, and pins that keep it there. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import Swatch from './Swatch.svelte';
  import type { View } from '@aggrega/core/fabric';
  import { letterOf, scatterChange, type Colourway, type PicturePlace } from '@aggrega/core/programme';

  interface Props {
    place: PicturePlace;
    /** 'm1:cold-frame:2': which of the blocks a participant makes. */
    name: string;
    colourway: Colourway;
    view: View;
    /** The patch that was pressed. */
    patch?: number;
  }
  let { place, name, colourway, view, patch }: Props = $props();
  const bench = useWorkbench();
  const { pins } = $derived(colourway.scatter);
  const rows = $derived(
    (place.block?.patches ?? []).flatMap(({ role }, i) => {
      const letter = letterOf(role);
      const pool = colourway.pools.get(letter);
      return pool && pool.per !== 'quilt'
        ? [{ i, letter, pool, fabric: colourway.fabrics.get(role)!, pin: `${name}:${i + 1}` }]
        : [];
    }),
  );
  function set(pin: string, to: string, says: string) {
    const next = Object.fromEntries(pins);
    if (to) next[pin] = to;
    else delete next[pin];
    bench.saver.do(`${colourway.name}, ${says}`, [scatterChange(bench.saver.document, colourway.id, { pins: next })]);
  }
</script>

<section aria-label={words.theSelectedBlock}>
  <h2 class="border-b border-ink bg-weld px-2 py-1 text-lead text-primary-content">
    {words.no(place.block?.name ?? place.month.name, name.split(':').at(-1))}
  </h2>
  <ul class="max-h-72 overflow-y-auto">
    {#each rows as { i, letter, pool, fabric, pin } (i)}
      <li
        class="flex items-center gap-2 border-b border-rule py-1 {i === patch ? 'bg-edge outline-2 outline-weld' : ''}"
        data-pin={i + 1}
      >
        <span class="numeral w-12 text-note">{letter}, {i + 1}</span>
        <Swatch {fabric} unit={bench.programme.unit} {view} width={32} height={24} />
        <select
          class="select min-w-0 py-0.5"
          aria-label={words.fabricOfPatch(i + 1, letter)}
          value={pins.has(pin) ? fabric.id : ''}
          onchange={(e) =>
            set(pin, e.currentTarget.value, e.currentTarget.value ? words.patchPinned(i + 1) : words.patchAutomatic(i + 1))}
        >
          <option value="">{words.automatic(fabric.name)}</option>
          {#each pool.fabrics as f (f.id)}<option value={f.id}>{words.always(f.name)}</option>{/each}
        </select>
      </li>
    {:else}
      <li class="py-2 text-quiet">{words.noScrappyLettersInThis}</li>
    {/each}
  </ul>
</section>
