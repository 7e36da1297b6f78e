<!-- A scrappy letter: the fabrics of its pool, how often each is used, what has a fabric of its own, and how its units are made. -->
<script lang="ts">
  import { words } from './words';
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
    patch: words.eachPatchEqualOnesNever,
    once: words.eachPatchNoneTwiceIn,
    block: words.eachBlock,
    quilt: words.theWholeQuilt,
  };
  const letters = $derived([...colourway.fabrics.keys()].filter((r) => letterOf(r) === letter && r !== letter));

  function setPer(per: PoolPer) {
    const file = bench.saver.document;
    const now = file.colourways?.find((c) => c.id === colourway.id)?.pools?.[letter];
    if (now)
      bench.saver.do(
        words.aFabricFor2(colourway.name, letter, PER[per]),
        poolChanges(file, colourway.id, letter, withPer(now, per)),
      );
  }
  const MADE = {
    named: words.withEveryPatchNamed,
    block: words.asAPoolOfUnits,
    packet: words.asAPoolOfUnitsFor,
    programme: words.asOnePoolOfUnits,
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
      setUnits(alike ? words.atMostAlike2(alike) : words.asManyAlikeAsNeed, withoutEmpty({ ...pool.units!, alike }));
    else input.value = String(pool.units?.alike ?? '');
  }
  const setAs = (as: string) =>
    setUnits(
      as ? words.dealtAs2(as) : words.dealtByItsLetter,
      withoutEmpty({ ...pool.units!, as: (as || undefined) as UnitPooling['as'] }),
    );
  /** What is not said is not in the document. */
  const withoutEmpty = ({ for: scope, as, alike }: UnitPooling): UnitPooling => ({
    for: scope,
    ...(as && { as }),
    ...(alike && { alike }),
  });
  const takeOut = (id: string, name: string) =>
    bench.saver.do(words.outOf(colourway.name, name, letter), pooledChanges(bench.saver.document, colourway.id, letter, id));
</script>

<ul class="flex flex-wrap gap-1" aria-label={words.thePoolOf(letter)}>
  {#each pool.fabrics as fabric, i (fabric.id)}
    {@const times = used?.find((u) => u.fabric === fabric.id)?.times}
    <li>
      <button
        class="group relative block cursor-pointer disabled:cursor-default"
        disabled={locked || pool.fabrics.length === 1}
        title={words.clickToRemoveIt(letters[i], fabric.name, times === undefined ? '' : words.times(times))}
        aria-label={words.removeFrom(fabric.name, letter)}
        onclick={() => takeOut(fabric.id, fabric.name)}
      >
        <Swatch {fabric} unit={bench.programme.unit} {view} width={40} height={30} />
        <span class="numeral block text-center text-note">{times ?? '·'}</span>
      </button>
    </li>
  {/each}
</ul>
<label class="mt-1 flex items-center gap-2">
  <span class="text-note whitespace-nowrap text-quiet">{words.aFabricFor}</span>
  <select
    class="select min-w-0 py-0.5 text-note"
    aria-label={words.whatOfHasAFabric(letter)}
    disabled={locked}
    value={pool.per}
    onchange={(e) => setPer(e.currentTarget.value as PoolPer)}
  >
    {#each Object.entries(PER) as [id, name] (id)}<option value={id}>{name}</option>{/each}
  </select>
</label>
<label class="mt-1 flex items-center gap-2">
  <span class="text-note whitespace-nowrap text-quiet">{words.made}</span>
  <select
    class="select min-w-0 py-0.5 text-note"
    aria-label={words.howTheUnitsOfAre(letter)}
    disabled={locked || !dealt}
    title={dealt ? undefined : words.aPoolOfUnitsNeeds}
    value={pool.units?.for ?? 'named'}
    onchange={(e) => setMade(e.currentTarget.value as keyof typeof MADE)}
  >
    {#each Object.entries(MADE) as [id, name] (id)}<option value={id}>{name}</option>{/each}
  </select>
</label>
{#if pool.units}
  <div class="mt-1 flex flex-wrap items-center gap-x-3 gap-y-1 text-note">
    <label class="flex items-center gap-2"
      ><span class="whitespace-nowrap text-quiet">{words.atMostAlike}</span>
      <input
        class="input w-16 py-0.5"
        type="number"
        min="1"
        max="10000"
        placeholder={words.any}
        aria-label={words.unitsOfThatAreAlike(letter)}
        disabled={locked}
        value={pool.units.alike ?? ''}
        onchange={(e) => setAlike(e.currentTarget)}
      /></label
    >
    <label class="flex items-center gap-2"
      ><span class="whitespace-nowrap text-quiet">{words.dealtAs}</span>
      <select
        class="select min-w-0 py-0.5"
        aria-label={words.whatIsDealtAs(letter)}
        disabled={locked}
        value={pool.units.as ?? ''}
        onchange={(e) => setAs(e.currentTarget.value)}
      >
        <option value="">{words.alone(letter)}</option>
        <option value="light">{words.anyLight}</option>
        <option value="medium">{words.anyMedium}</option>
        <option value="dark">{words.anyDark}</option>
      </select></label
    >
  </div>
{/if}
