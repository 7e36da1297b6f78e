<!-- A scrappy letter: the fabrics of its pool, how often each is used, and what has a fabric of its own. -->
<script lang="ts">
  import { useWorkbench } from '$lib/workbench.svelte';
  import Swatch from './Swatch.svelte';
  import type { View } from '@aggrega/core/fabric';
  import { letterOf, poolChanges, pooledChanges, type Colourway, type Pool, type PoolPer } from '@aggrega/core/programme';

  interface Props {
    letter: string;
    pool: Pool;
    colourway: Colourway;
    view: View;
    /** How often each fabric is used in a plain quilt; undefined while it is worked out. */
    used?: readonly { fabric: string; times: number }[];
  }
  let { letter, pool, colourway, view, used }: Props = $props();
  const bench = useWorkbench();
  const locked = $derived(colourway.locked.has(letter));
  const PER: Record<PoolPer, string> = {
    patch: 'each patch; equal ones never touch',
    once: 'each patch, none twice in a block',
    block: 'each block',
    quilt: 'the whole quilt',
  };
  const letters = $derived([...colourway.fabrics.keys()].filter((r) => letterOf(r) === letter && r !== letter));

  function setPer(per: PoolPer) {
    const file = bench.saver.document;
    const now = file.colourways?.find((c) => c.id === colourway.id)?.pools?.[letter];
    if (now)
      bench.saver.do(
        `${colourway.name}, ${letter}: a fabric for ${PER[per]}`,
        poolChanges(file, colourway.id, letter, { ...now, per }),
      );
  }
  const takeOut = (id: string, name: string) =>
    bench.saver.do(
      `${colourway.name}, ${name} out of ${letter}`,
      pooledChanges(bench.saver.document, colourway.id, letter, id),
    );
</script>

<ul class="flex flex-wrap gap-1" aria-label="The pool of {letter}">
  {#each pool.fabrics as fabric, i (fabric.id)}
    {@const times = used?.find((u) => u.fabric === fabric.id)?.times}
    <li>
      <button
        class="group relative block cursor-pointer disabled:cursor-default"
        disabled={locked || pool.fabrics.length === 1}
        title="{letters[i]}, {fabric.name}{times === undefined ? '' : `, ${times} times`}: press to take it out"
        aria-label="Take {fabric.name} out of {letter}"
        onclick={() => takeOut(fabric.id, fabric.name)}
      >
        <Swatch {fabric} unit={bench.programme.unit} {view} width={40} height={30} />
        <span class="numeral block text-center text-note">{times ?? '·'}</span>
      </button>
    </li>
  {/each}
</ul>
<label class="mt-1 flex items-center gap-2">
  <span class="text-note whitespace-nowrap text-quiet">a fabric for</span>
  <select
    class="field min-w-0 py-0.5 text-note"
    aria-label="What of {letter} has a fabric of its own"
    disabled={locked}
    value={pool.per}
    onchange={(e) => setPer(e.currentTarget.value as PoolPer)}
  >
    {#each Object.entries(PER) as [id, name] (id)}<option value={id}>{name}</option>{/each}
  </select>
</label>
