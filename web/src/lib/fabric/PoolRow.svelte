<!-- A scrappy letter: the fabrics of its pool, how often each is used, what has a fabric of its own, and how its units are made. -->
<script lang="ts">
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import Swatch from './Swatch.svelte';
  import type { View } from '@aggrega/core/fabric';
  import {
    letterOf,
    poolChanges,
    pooledChanges,
    unitsChanges,
    withPer,
    type Colourway,
    type Pool,
    type PoolPer,
    type UnitPooling,
  } from '@aggrega/core/programme';

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
        poolChanges(file, colourway.id, letter, withPer(now, per)),
      );
  }
  const MADE = {
    named: 'with every patch named',
    block: 'as a pool of units for each block',
    packet: 'as a pool of units for each packet',
    programme: 'as one pool of units for the year',
  };
  /** One fabric for a block leaves nothing to deal. */
  const dealt = $derived(pool.per === 'patch' || pool.per === 'once');
  function setUnits(name: string, units: UnitPooling | undefined) {
    bench.saver.do(`${colourway.name}, ${letter}: ${name}`, unitsChanges(bench.saver.document, colourway.id, letter, units));
  }
  function setMade(to: keyof typeof MADE) {
    setUnits(MADE[to], to === 'named' ? undefined : { ...pool.units, for: to });
  }
  function setAlike(input: HTMLInputElement) {
    const alike = input.value === '' ? undefined : Number(input.value);
    if (alike === undefined || (Number.isInteger(alike) && alike >= 1 && alike <= 10_000))
      setUnits(alike ? `at most ${alike} alike` : 'as many alike as need be', withoutEmpty({ ...pool.units!, alike }));
    else input.value = String(pool.units?.alike ?? '');
  }
  const setAs = (as: string) =>
    setUnits(
      as ? `dealt as ${as}` : 'dealt by its letter',
      withoutEmpty({ ...pool.units!, as: (as || undefined) as UnitPooling['as'] }),
    );
  /** What is not said is not in the document. */
  const withoutEmpty = ({ for: scope, as, alike }: UnitPooling): UnitPooling => ({
    for: scope,
    ...(as && { as }),
    ...(alike && { alike }),
  });
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
        title="{letters[i]}, {fabric.name}{times === undefined ? '' : `, ${times} times`}: click to remove it"
        aria-label="Remove {fabric.name} from {letter}"
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
<label class="mt-1 flex items-center gap-2">
  <span class="text-note whitespace-nowrap text-quiet">made</span>
  <select
    class="field min-w-0 py-0.5 text-note"
    aria-label="How the units of {letter} are made"
    disabled={locked || !dealt}
    title={dealt ? undefined : 'A pool of units needs a fabric for each patch'}
    value={pool.units?.for ?? 'named'}
    onchange={(e) => setMade(e.currentTarget.value as keyof typeof MADE)}
  >
    {#each Object.entries(MADE) as [id, name] (id)}<option value={id}>{name}</option>{/each}
  </select>
</label>
{#if pool.units}
  <div class="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1 text-note">
    <label class="flex items-center gap-2"
      ><span class="whitespace-nowrap text-quiet">at most alike</span>
      <input
        class="field w-16 py-0.5"
        type="number"
        min="1"
        max="10000"
        placeholder="any"
        aria-label="Units of {letter} that are alike, at most"
        disabled={locked}
        value={pool.units.alike ?? ''}
        onchange={(e) => setAlike(e.currentTarget)}
      /></label
    >
    <label class="flex items-center gap-2"
      ><span class="whitespace-nowrap text-quiet">dealt as</span>
      <select
        class="field min-w-0 py-0.5"
        aria-label="What {letter} is dealt as"
        disabled={locked}
        value={pool.units.as ?? ''}
        onchange={(e) => setAs(e.currentTarget.value)}
      >
        <option value="">{letter} alone</option>
        <option value="light">any light</option>
        <option value="medium">any medium</option>
        <option value="dark">any dark</option>
      </select></label
    >
  </div>
{/if}
