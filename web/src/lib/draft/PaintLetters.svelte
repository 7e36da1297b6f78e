<!-- Which fabric each colour of a drawing is cut from. -->
<script lang="ts">
  import { words } from './words';
  import type { Paint } from '@aggrega/core/svg';

  interface Props {
    paints: readonly Paint[];
    /** By paint. */
    letters: ReadonlyMap<string, string>;
    /** Each letter that may be drawn with, and the name of its fabric. */
    names: ReadonlyMap<string, string>;
    swatches: boolean;
    ongive: (paint: string, letter: string) => void;
  }
  let { paints, letters, names, swatches, ongive }: Props = $props();
  /** How many paints become one letter, where several do. */
  const merged = $derived.by(() => {
    const together = new Map<string, number>();
    for (const { id } of paints) together.set(letters.get(id)!, (together.get(letters.get(id)!) ?? 0) + 1);
    return [...together].filter(([, n]) => n > 1);
  });
</script>

<ul class="mt-2">
  {#each paints as paint, i (paint.id)}
    {@const was = paint.letter ?? (paint.id === 'none' ? words.notColoured : words.colourNumber(i + 1))}
    <li class="flex flex-wrap items-center gap-2 py-1">
      {#if swatches}<span class="cloth inline-block size-8" style:background={paint.colour ?? '#ffffff'}></span>{/if}
      <span class="min-w-24"
        >{was}
        <span class="text-note text-quiet">{words.patchesShare(paint.patches, Math.round(paint.share * 100))}</span></span
      >
      <label class="flex items-center gap-2"
        ><span class="text-quiet">{words.becomes}</span>
        <select
          class="select w-auto"
          aria-label={words.letterFor(was)}
          value={letters.get(paint.id)}
          onchange={(e) => ongive(paint.id, e.currentTarget.value)}
        >
          {#each names as [letter, name] (letter)}<option value={letter}>{letter} · {name}</option>{/each}
        </select></label
      >
    </li>
  {/each}
</ul>
{#each merged as [letter, n] (letter)}
  <p class="mt-2 border-l-4 border-weld pl-3" role="status">{words.severalBecomeOne(n, letter)}</p>
{/each}
