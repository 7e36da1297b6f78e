<!-- Letters that meet, and whether they can be told apart; with what would mend it. -->
<script lang="ts">
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
  const WORDS = { lost: 'no contrast', weak: 'low contrast', clear: 'good contrast' };
  const months = (s: CastSeam) => s.months.map((m) => m.name).join(', ');

  function melt(roles: readonly [string, string], melts: boolean) {
    const from = bench.saver.document.melts;
    const others = (from ?? []).filter((pair) => [...pair].sort().join(' ') !== roles.join(' '));
    const to = melts ? [...others, [...roles] as [string, string]] : others;
    bench.saver.do(`${roles.join(' and ')}, ${melts ? 'low contrast intended' : 'contrast wanted'}`, [
      { path: '/melts', from, to },
    ]);
  }
</script>

{#snippet pair(s: CastSeam)}
  {#each s.fabrics as f, i (i)}<Letters of={{ colour: asSeen(f.colour, view), roles: [s.roles[i]!] }} />{/each}
{/snippet}

<section aria-label="Contrast where fabrics meet">
  <h2 class="border-b-2 border-ink pb-1 text-head">Contrast where fabrics meet</h2>
  {#if seams.length === 0}
    <p class="mt-2 text-quiet">No two letters meet yet: draw a block first.</p>
  {:else if troubled.length === 0}
    <p class="mt-2">Fabrics that meet all have good contrast.</p>
  {/if}
  <ul>
    {#each troubled as s (s.roles.join(' '))}
      {@const found = castMends(programme, colourway, s.roles).slice(0, 3)}
      <li class="border-b border-rule py-2.5" data-seam={s.roles.join('')} data-verdict={s.verdict}>
        <div class="flex flex-wrap items-baseline gap-x-3">
          <span class="flex">{@render pair(s)}</span>
          <b class={s.verdict === 'lost' ? 'text-madder' : ''}>{WORDS[s.verdict]}</b>
          <span class="text-quiet">{Math.round(s.difference)} value steps, in {months(s)}</span>
          <button class="plain ml-auto text-note" onclick={() => melt(s.roles, true)}>Low contrast is intended</button>
        </div>
        <div class="mt-1.5 flex flex-wrap items-center gap-2">
          {#if found.length > 0}
            <span class="text-note text-quiet">In stock and would help:</span>
            {#each found as { role, fabric } (role + fabric.id)}
              <button
                class="act"
                onclick={() =>
                  bench.saver.do(
                    `${fabric.name} for ${role}`,
                    castChanges(bench.saver.document, colourway.id, role, fabric.id),
                  )}
              >
                <span class="cloth inline-block h-5 w-5" style:background={asSeen(fabric.colour, view)}></span>{fabric.name} for {role}
              </button>
            {/each}
          {:else}
            <span class="text-note text-quiet">Nothing in stock gives contrast here without losing it elsewhere.</span>
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
            low contrast, intended
            <button class="plain text-note" onclick={() => melt(s.roles, false)}>Warn me again</button>
          {:else if s.melts}the same fabric{:else}good contrast, {Math.round(s.difference)} value steps{/if}
        </span>
      {/each}
    </p>
  {/if}
</section>
