<!-- Sizes as measured, and what they say of the seam: at once, while they are written. -->
<script lang="ts">
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
  <table class="w-full">
    <thead
      ><tr class="border-b border-ink"
        ><th class="py-1">What you measured</th><th>Seams it crosses</th><th>Size on the sheet, {unit}</th><th
          >Your size, {unit}</th
        ><th>Before pressing (if you know)</th><th></th></tr
      ></thead
    >
    <tbody>
      {#each sizes as size, i (i)}
        <tr class="border-b border-rule">
          <td class="py-1 pr-2"
            ><input class="field" aria-label="What, size {i + 1}" bind:value={size.what} maxlength="120" /></td
          >
          <td class="w-20 pr-2"
            ><input
              class="field"
              type="number"
              min="0"
              max="200"
              aria-label="Seams across, size {i + 1}"
              bind:value={size.seams}
            /></td
          >
          <td class="w-28 pr-2"
            ><input
              class="field"
              aria-label="Should be, size {i + 1}"
              bind:value={size.expected}
              aria-invalid={size.expected !== '' && writtenLength(size.expected, unit) === undefined}
            /></td
          >
          <td class="w-28 pr-2"
            ><input
              class="field"
              aria-label="Is, size {i + 1}"
              bind:value={size.measured}
              aria-invalid={size.measured !== '' && writtenLength(size.measured, unit) === undefined}
            /></td
          >
          <td class="w-28 pr-2"><input class="field" aria-label="Before pressing, size {i + 1}" bind:value={size.before} /></td>
          <td
            ><button
              type="button"
              class="plain text-note"
              aria-label="Take size {i + 1} out"
              onclick={() => (sizes = sizes.filter((_, k) => k !== i))}>Remove</button
            ></td
          >
        </tr>
      {/each}
    </tbody>
  </table>
  <p class="mt-2 flex flex-wrap items-center gap-2">
    <button type="button" class="act" onclick={() => add()}>Add a measurement</button>
    {#each points.slice(0, 8) as p (p.what)}
      <button type="button" class="plain text-note" onclick={() => add(p.what, p.expected, p.seams)}
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
