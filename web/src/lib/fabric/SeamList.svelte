<!-- Letters that meet, and whether they can be told apart; with what would mend it. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import Letters from '$lib/look/Letters.svelte';
  import { asSeen, type View } from '@aggrega/core/fabric';
  import { castChanges, castMends, castSeams, type CastSeam, type Colourway } from '@aggrega/core/programme';

  let { colourway, view }: { colourway: Colourway; view: View } = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const seams = $derived(castSeams(programme, colourway));
  const troubled = $derived(seams.filter((s) => !s.melts && s.verdict !== 'clear'));
  const rest = $derived(seams.filter((s) => s.melts || s.verdict === 'clear'));
  const WORDS = { lost: words.noContrast, weak: words.lowContrast, clear: words.goodContrast };
  const months = (s: CastSeam) => s.months.map((m) => m.name).join(', ');

  function melt(roles: readonly [string, string], melts: boolean) {
    const from = bench.saver.document.melts;
    const others = (from ?? []).filter((pair) => [...pair].sort().join(' ') !== roles.join(' '));
    const to = melts ? [...others, [...roles] as [string, string]] : others;
    bench.saver.do(`${roles.join(words.and)}, ${melts ? words.lowContrastIntended2 : words.contrastWanted}`, [
      { path: '/melts', from, to },
    ]);
  }
</script>

{#snippet pair(s: CastSeam)}
  {#each s.fabrics as f, i (i)}<Letters of={{ colour: asSeen(f.colour, view), roles: [s.roles[i]!] }} />{/each}
{/snippet}

<section aria-label={words.contrastWhereFabricsMeet}>
  <h2 class="border-b-2 border-ink pb-1 text-head">{words.contrastWhereFabricsMeet}</h2>
  {#if seams.length === 0}
    <p class="mt-2 text-quiet">{words.noTwoLettersMeetYet}</p>
  {:else if troubled.length === 0}
    <p class="mt-2">{words.fabricsThatMeetAllHave}</p>
  {/if}
  <ul>
    {#each troubled as s (s.roles.join(' '))}
      {@const found = castMends(programme, colourway, s.roles).slice(0, 3)}
      <li class="border-b border-rule py-2.5" data-seam={s.roles.join('')} data-verdict={s.verdict}>
        <div class="flex flex-wrap items-baseline gap-x-3">
          <span class="flex">{@render pair(s)}</span>
          <b class={s.verdict === 'lost' ? 'text-madder' : ''}>{WORDS[s.verdict]}</b>
          <span class="text-quiet">{words.valueStepsIn(Math.round(s.difference), months(s))}</span>
          <button class="link ml-auto text-note" onclick={() => melt(s.roles, true)}>{words.lowContrastIsIntended}</button>
        </div>
        <div class="mt-1.5 flex flex-wrap items-center gap-2">
          {#if found.length > 0}
            <span class="text-note text-quiet">{words.inStockAndWouldHelp}</span>
            {#each found as { role, fabric } (role + fabric.id)}
              <button
                class="btn"
                onclick={() =>
                  bench.saver.do(
                    words.for(fabric.name, role),
                    castChanges(bench.saver.document, colourway.id, role, fabric.id),
                  )}
              >
                <span class="cloth inline-block h-5 w-5" style:background={asSeen(fabric.colour, view)}></span>{words.for(
                  fabric.name,
                  role,
                )}
              </button>
            {/each}
          {:else}
            <span class="text-note text-quiet">{words.nothingInStockGivesContrast}</span>
          {/if}
        </div>
      </li>
    {/each}
  </ul>
  {#if rest.length > 0}
    <p class="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
      {#each rest as s (s.roles.join(' '))}
        <span class="flex items-baseline gap-2" data-seam={s.roles.join('')} data-verdict={s.melts ? 'melts' : s.verdict}>
          <span class="flex">{@render pair(s)}</span>
          {#if s.melts && s.fabrics[0] !== s.fabrics[1]}
            {words.lowContrastIntended}
            <button class="link text-note" onclick={() => melt(s.roles, false)}>{words.warnMeAgain}</button>
          {:else if s.melts}{words.theSameFabric}{:else}{words.goodContrastValueSteps(Math.round(s.difference))}{/if}
        </span>
      {/each}
    </p>
  {/if}
</section>
