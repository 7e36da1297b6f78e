<!-- The sub-cuts of a strip as sentences: how wide, what each is cut down to, and what that gives. -->
<script lang="ts">
  import { words } from './words';
  import type { StripView } from '$lib/plan/month-plan';
  import type { Snippet } from 'svelte';
  import Length from '$lib/look/Length.svelte';

  interface Props {
    strip: StripView;
    /** Counts for all repeats of the strip instead of one. */
    all?: boolean;
    /** What is said after a cut's name. */
    after?: Snippet<[cut: string]>;
  }
  let { strip, all = false, after }: Props = $props();
  const times = $derived(all ? strip.repeat : 1);
</script>

{#each strip.subCuts as sub, j (j)}
  <!-- No paragraph: a reason holds a dialog, which may not stand in one. -->
  <div>
    {j === 0 ? words.fromEachSubcut : words.then}
    {sub.times} × <b class="numeral"><Length of={sub.width} /></b>{#if sub.cutDown}{words.crosscutEachInto(sub.times)}
      {#each sub.rows as row, k (k)}{k > 0 ? words.and : ''}{row.times} ×
        <b class="numeral"><Length of={row.length} /></b
        >{#if row.pieces.length > 1 || row.pieces[0]!.count > 1 || row.pieces[0]!.width}
          ({#each row.pieces as piece, n (n)}{n > 0 ? words.and : ''}{piece.count}{#if piece.width}&nbsp;×
              <b class="numeral"><Length of={piece.width} /></b>{/if}
            {words.across}{/each}){/if}{/each}{/if}
    <span class="text-quiet"
      >— {#each sub.rows as row, k (k)}{#each row.pieces as piece, n (n)}{k + n > 0 ? words.and : ''}{sub.times *
            row.times *
            piece.count *
            times} × {piece.name}{@render after?.(piece.cut)}{/each}{/each}</span
    >
  </div>
{/each}
