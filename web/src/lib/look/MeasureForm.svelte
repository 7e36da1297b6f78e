<!-- Sizes as measured, and what they say of the seam: at once, while they are written. -->
<script lang="ts">
  import { words } from './words';
  import Say from './Say.svelte';
  import type { LengthUnit } from '@aggrega/core/measure';
  import { diagnose, readSizes, writtenLength, type WrittenSize } from '@aggrega/core/running';

  interface Props {
    sizes: WrittenSize[];
    seam: number;
    unit: LengthUnit;
    /** Sizes that could be measured: their names, what they should be, and the seams that they cross. */
    points?: { what: string; expected: string; seams: number }[];
    /** Only to be looked at. */
    fixed?: boolean;
  }
  let { sizes = $bindable(), seam, unit, points = [], fixed = false }: Props = $props();

  const read = $derived(readSizes(sizes, unit));
  const found = $derived(read.length > 0 ? diagnose(read, { seam, unit }) : undefined);
  const add = (what = '', expected = '', seams = 1) =>
    (sizes = [...sizes, { what, seams, expected, measured: '', before: '' }]);
</script>

{#if !fixed}
  <ul>
    {#each sizes as size, i (i)}
      <li
        class="grid grid-cols-[minmax(8rem,1fr)_5rem_6.5rem_6.5rem_6.5rem_auto] items-end gap-x-2 gap-y-1 border-b border-rule py-2 max-md:grid-cols-2"
      >
        <label class="block max-md:col-span-2"
          ><span class="block text-note text-quiet">{words.whatYouMeasured}</span>
          <input class="input" aria-label={words.whatSize(i + 1)} bind:value={size.what} maxlength="120" /></label
        >
        <label class="block"
          ><span class="block text-note text-quiet">{words.seamsItCrosses}</span>
          <input
            class="input"
            type="number"
            min="0"
            max="200"
            aria-label={words.seamsAcrossSize(i + 1)}
            bind:value={size.seams}
          /></label
        >
        <label class="block"
          ><span class="block text-note text-quiet">{words.sizeOnTheSheet(unit)}</span>
          <input
            class="input"
            aria-label={words.shouldBeSize(i + 1)}
            bind:value={size.expected}
            aria-invalid={size.expected !== '' && writtenLength(size.expected, unit) === undefined}
          /></label
        >
        <label class="block"
          ><span class="block text-note text-quiet">{words.yourSize(unit)}</span>
          <input
            class="input"
            aria-label={words.isSize(i + 1)}
            bind:value={size.measured}
            aria-invalid={size.measured !== '' && writtenLength(size.measured, unit) === undefined}
          /></label
        >
        <label class="block"
          ><span class="block text-note text-quiet">{words.beforePressingIfYouKnow}</span>
          <input class="input" aria-label={words.beforePressingSize(i + 1)} bind:value={size.before} /></label
        >
        <button
          type="button"
          class="link self-center text-note"
          aria-label={words.takeSizeOut(i + 1)}
          onclick={() => (sizes = sizes.filter((_, k) => k !== i))}>{words.remove}</button
        >
      </li>
    {/each}
  </ul>
  <p class="mt-2 flex flex-wrap items-center gap-2">
    <button type="button" class="btn" onclick={() => add()}>{words.addAMeasurement}</button>
    {#each points.slice(0, 8) as p (p.what)}
      <button type="button" class="link text-note" onclick={() => add(p.what, p.expected, p.seams)}
        >{p.what}, <Say text={p.expected} /></button
      >
    {/each}
  </p>
{/if}
{#if found}
  <div class="mt-3 border-l-4 pl-3 {found.good ? 'border-walnut' : 'border-weld'}" role="status" data-diagnosis>
    {#each found.says as line (line)}<p><Say text={line} /></p>{/each}
  </div>
{/if}
