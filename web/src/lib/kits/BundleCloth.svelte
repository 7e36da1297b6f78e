<!-- A fabric of the bundle, month by month: what is cut from which piece, and the largest part that is still whole. -->
<script lang="ts">
  import { words } from './words';
  import Letters from '$lib/look/Letters.svelte';
  import type { BundleView } from '$lib/plan/bundle-views';
  import Say from '$lib/look/Say.svelte';

  let { bundle, unit }: { bundle: BundleView; unit: 'in' | 'cm' } = $props();
  const cutting = $derived(bundle.months.map((m, i) => ({ ...m, i })).filter((m) => m.cuts.length > 0));
  /** The month that is shown, among those that cut. */
  let shown = $state(0);
  const at = $derived(cutting[Math.min(shown, cutting.length - 1)]);
  const isCut = (i: number) => at !== undefined && i <= at.i;
</script>

<section class="mt-4 break-inside-avoid" aria-label={words.bundleOf(bundle.name)} data-bundle={bundle.id}>
  <h4 class="flex items-center gap-2 text-lead">
    <Letters of={bundle} />
    {bundle.name}, {bundle.ask}
  </h4>
  {#each bundle.lacking as sentence (sentence)}
    <p class="mt-1 border-l-4 border-madder bg-edge px-3 py-1.5" role="alert">
      <b>{words.doesNotFit}</b>
      <Say text={sentence} />.
    </p>
  {/each}
  {#each bundle.remedies as remedy (remedy)}<p class="mt-1 pl-4"><Say text={remedy} /></p>{/each}
  {#if bundle.lacking.length === 0 && bundle.needed < bundle.sheets}
    <p class="mt-1 text-quiet">{words.wouldBeEnough(bundle.needed)}</p>
  {/if}
  {#if at}
    <label class="mt-2 block max-w-xl">
      <span class="text-note text-quiet">{words.after(at.name)}</span>
      <input class="block w-full accent-[var(--color-ink)]" type="range" min="0" max={cutting.length - 1} bind:value={shown} />
    </label>
    <div class="mt-2 flex flex-wrap gap-5">
      {#each { length: bundle.sheets }, sheet (sheet)}
        <svg
          viewBox="-0.2 -0.2 {bundle.wide + 0.4} {bundle.tall + 0.4}"
          class="w-72"
          role="img"
          aria-label={words.after2(bundle.one, sheet + 1, at.name)}
        >
          <rect
            width={bundle.wide}
            height={bundle.tall}
            fill={bundle.colour}
            fill-opacity="0.35"
            stroke="currentColor"
            stroke-width="0.12"
          />
          {#each bundle.months as month, i (i)}
            {#each month.cuts.filter((c) => c.sheet === sheet) as c, j (j)}
              <rect
                x={c.x}
                y={c.y}
                width={c.w}
                height={c.h}
                fill={isCut(i) ? 'var(--color-ground)' : bundle.colour}
                fill-opacity={isCut(i) ? 1 : 0.35}
                stroke="currentColor"
                stroke-width="0.06"
                stroke-dasharray={isCut(i) ? '' : '0.3 0.3'}
              />
              {#if isCut(i)}<text
                  x={c.x + c.w / 2}
                  y={c.y + c.h / 2 + 0.35}
                  text-anchor="middle"
                  font-size={Math.min(1, c.w / 3)}
                  fill="currentColor">{c.name} · {i + 1}</text
                >{/if}
            {/each}
          {/each}
          {#if at.largest?.sheet === sheet}
            <rect
              x={at.largest.x}
              y={at.largest.y}
              width={at.largest.w}
              height={at.largest.h}
              fill="none"
              stroke="var(--color-weld)"
              stroke-width="0.35"
            />
          {/if}
        </svg>
      {/each}
    </div>
    <p class="mt-1">
      {#if at.largest}{words.largestPieceStillWhole} <b class="numeral"><Say text={at.largest.size} /></b>
        {unit}.{:else}{words.nothingIsLeft}{/if}
      {#each at.cuts.filter((c) => c.later) as c, i (i)}<span class="block text-quiet">{words.saveFor(c.name, c.later)}</span
        >{/each}
    </p>
  {:else}
    <p class="mt-1 text-quiet">{words.noMonthUsesItYet}</p>
  {/if}
</section>
