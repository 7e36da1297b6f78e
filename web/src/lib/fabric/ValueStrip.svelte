<!-- All fabrics in the order of their value along a ruler from black to white; those that are cast bear their letters. -->
<script lang="ts">
  import { words } from './words';
  import { asSeen, type View } from '@aggrega/core/fabric';
  import { inkOn } from '@aggrega/core/fabric';
  import { lettersOfFabric, type Colourway, type Fabric } from '@aggrega/core/programme';
  import { castWords } from './cast-words';

  interface Props {
    fabrics: readonly Fabric[];
    colourway: Colourway;
    view: View;
    /** The letter in hand, which a press casts. */
    role: string;
    oncast: (fabric: Fabric) => void;
  }
  let { fabrics, colourway, view, role, oncast }: Props = $props();
  const sorted = $derived([...fabrics].sort((a, b) => a.value - b.value));
  const letters = (fabric: Fabric) => lettersOfFabric(colourway, fabric).join(' ');
  /** Rows so that neighbours do not cover each other: each in the first row where it has room. */
  const placed = $derived.by(() => {
    const ends: number[] = [];
    return sorted.map((fabric) => {
      const row = ends.findIndex((end) => fabric.value - end >= 3.6);
      const at = row < 0 ? ends.length : row;
      ends[at] = fabric.value;
      return { fabric, row: at };
    });
  });
  const rows = $derived(Math.max(1, ...placed.map((p) => p.row + 1)));
</script>

<div class="relative" style:height="{rows * 40 + 34}px" role="group" aria-label={words.valueStripFromDarkTo}>
  {#each placed as { fabric, row } (fabric.id)}
    <button
      class="cloth absolute flex h-9 w-8 -translate-x-1/2 cursor-pointer items-center justify-center text-note font-semibold hover:outline-3 hover:outline-weld"
      style:left="{2 + fabric.value * 0.96}%"
      style:bottom="{34 + row * 40}px"
      style:background={asSeen(fabric.colour, view)}
      style:color={inkOn(asSeen(fabric.colour, view))}
      title={words.l(fabric.name, Math.round(fabric.value))}
      aria-label={words.value2(castWords(colourway, role, fabric).long, Math.round(fabric.value))}
      onclick={() => oncast(fabric)}>{letters(fabric)}</button
    >
  {/each}
  <svg
    class="absolute bottom-0 left-[2%] h-8 w-[96%] overflow-visible"
    viewBox="0 0 100 8"
    preserveAspectRatio="none"
    aria-hidden="true"
  >
    <path d="M0 0H100" stroke="var(--color-ink)" stroke-width="2" vector-effect="non-scaling-stroke" />
    {#each Array.from({ length: 21 }, (_, i) => i * 5) as at (at)}
      <path d="M{at} 0V{at % 25 === 0 ? 4 : 2}" stroke="var(--color-ink)" stroke-width="1" vector-effect="non-scaling-stroke" />
    {/each}
  </svg>
  <span class="absolute bottom-[-4px] left-[2%] text-note text-quiet">{words.dark}</span>
  <span class="absolute right-[2%] bottom-[-4px] text-note text-quiet">{words.light}</span>
</div>
