<!-- Larger quilts from the same months with who takes them, and the step-outs that are cut with the kits. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import Setting from '$lib/look/Setting.svelte';

  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const file = $derived(bench.saver.document);
  const stepOuts = $derived(file.kits?.stepOuts ?? []);
  const drawn = $derived(programme.months.filter((m) => m.blocks.length > 0));
  let month = $state('');
  let colourway = $state('');

  const whole = (least: number, most: number) => (text: string) =>
    /^\d{1,6}$/.test(text) && Number(text) >= least && Number(text) <= most ? '' : words.aWholeNumberFromTo(least, most);

  function addSize() {
    const taken = new Set(programme.sizes.map((s) => s.id));
    let n = 1;
    while (taken.has(`size-${n}`)) n += 1;
    bench.saver.do(words.aSizeAdded, [{ path: `/sizes/size-${n}`, to: { id: `size-${n}`, name: words.largerQuilt, make: 2 } }]);
  }
  function saveStepOuts(to: typeof stepOuts) {
    bench.saver.do(words.stepOutsChanged, [{ path: '/kits/stepOuts', from: file.kits?.stepOuts, to }]);
  }
  function addStepOut() {
    const chosen = month || drawn[0]?.id;
    if (chosen) saveStepOuts([...stepOuts, { month: chosen, ...(colourway && { colourway }) }]);
  }
  const monthName = (id: string) => programme.months.find((m) => m.id === id)?.name ?? id;
  const colourwayName = (id?: string) =>
    id ? (programme.colourways.find((c) => c.id === id)?.name ?? id) : words.everyColourway;
</script>

<section class="mt-6" aria-label={words.sizes}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.sizes}</h2>
  {#if programme.sizes.length === 0}
    <p class="mt-2 text-quiet">
      {words.everyoneMakesEachMonthsBlocks}
    </p>
  {/if}
  {#each programme.sizes as size, i (size.id)}
    {@const entry = file.sizes![i]!}
    <fieldset class="mt-3 flex flex-col gap-2 border-b border-rule pb-3">
      <legend class="sr-only">{size.name}</legend>
      <Setting
        name={words.name}
        value={size.name}
        trouble={(text) => (text === '' ? words.aSizeNeedsAName : '')}
        onset={(to) => bench.saver.do(words.aSizeName, [{ path: `/sizes/${size.id}/name`, from: entry.name, to }])}
      />
      <Setting
        name={words.setsOfBlocksPerMonth}
        value={String(size.make)}
        trouble={whole(1, 20)}
        onset={(to) =>
          bench.saver.do(words.blocksOf(size.name), [{ path: `/sizes/${size.id}/make`, from: entry.make, to: Number(to) }])}
      />
      {#each programme.colourways as c (c.id)}
        <Setting
          name={words.peopleInMakingIt(c.name)}
          value={String(size.participants.get(c.id) ?? 0)}
          trouble={whole(0, bench.enrolled(c))}
          onset={(to) =>
            bench.saver.do(words.peopleOf(size.name, c.name), [
              { path: `/sizes/${size.id}/participants/${c.id}`, from: entry.participants?.[c.id], to: Number(to) },
            ])}
        />
      {/each}
      <p>
        <button
          class="link text-note"
          onclick={() => bench.saver.do(words.deleted(size.name), [{ path: `/sizes/${size.id}`, from: entry }])}
          >{words.delete(size.name)}</button
        >
      </p>
    </fieldset>
  {/each}
  <p class="mt-2"><button class="btn" onclick={addSize}>{words.addASize}</button></p>
</section>

<section class="mt-6" aria-label={words.stepOuts}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.stepOuts}</h2>
  <p class="mt-2 text-note text-quiet">{words.halfMadeBlocksForDemonstrations}</p>
  <ul>
    {#each stepOuts as s, i (i)}
      <li class="flex items-baseline gap-2 border-b border-rule py-1.5">
        <span class="mr-auto">{monthName(s.month)}, {colourwayName(s.colourway)}{s.stages ? words.stages(s.stages) : ''}</span>
        <button
          class="link text-note"
          aria-label={words.noStepOutsFor(monthName(s.month))}
          onclick={() => saveStepOuts(stepOuts.filter((_, j) => j !== i))}>{words.remove}</button
        >
      </li>
    {/each}
  </ul>
  {#if drawn.length > 0}
    <div class="mt-2 flex flex-col gap-2">
      <select
        class="select"
        aria-label={words.monthOfTheStepOuts}
        value={month || drawn[0]!.id}
        onchange={(e) => (month = e.currentTarget.value)}
      >
        {#each drawn as m (m.id)}<option value={m.id}>{m.name}</option>{/each}
      </select>
      <select class="select" aria-label={words.colourwayOfTheStepOuts} bind:value={colourway}>
        <option value="">{words.inEveryColourway}</option>
        {#each programme.colourways as c (c.id)}<option value={c.id}>{words.in(c.name)}</option>{/each}
      </select>
      <p><button class="btn" onclick={addStepOut}>{words.addStepOuts}</button></p>
    </div>
  {/if}
</section>
