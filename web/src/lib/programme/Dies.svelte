<!-- Cutting dies as their owner describes them: what one pass takes, and what it gives. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { applyChanges, readProgramme, type Change, type ProgrammeFile } from '@aggrega/core/programme';

  const bench = useWorkbench();
  type DieFile = NonNullable<NonNullable<ProgrammeFile['house']>['dies']>[number];
  const dies = $derived(bench.saver.document.house?.dies ?? []);
  const { unit } = $derived(bench.programme);
  const blank = { finished: '', width: '', length: '', units: '' };
  let entry = $state({ ...blank });
  let trouble = $state('');
  const FIELDS = [
    ['finished', words.unitFinishesAt],
    ['width', words.stripWidth],
    ['length', words.stripLength],
    ['units', words.unitsPerPass],
  ] as const;

  function save(to: DieFile[], said: string): boolean {
    const change: Change = { path: '/house/dies', from: bench.saver.document.house?.dies, to: to.length > 0 ? to : undefined };
    const result = applyChanges(bench.saver.document, [change]);
    const reading = 'file' in result ? readProgramme(result.file) : undefined;
    trouble = reading?.ok === false ? `${reading.errors[0]!.message}.` : '';
    if (!trouble) bench.saver.do(words.houseStyle(said), [change]);
    return !trouble;
  }
  function add(e: SubmitEvent) {
    e.preventDefault();
    const die: DieFile = {
      kind: 'hst',
      finished: entry.finished,
      width: entry.width,
      length: entry.length,
      units: Number(entry.units),
    };
    if (save([...dies, die], 'a die')) entry = { ...blank };
  }
</script>

<section class="mt-6" aria-label={words.dies}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.diesForHalfSquareTriangles}</h2>
  {#each dies as die, i (i)}
    <p class="flex items-baseline gap-2 border-b border-rule py-1.5">
      <span class="mr-auto">{words.finishedFromAStripBy(die.finished, unit, die.units, die.width, die.length)}</span>
      <button
        class="link"
        onclick={() =>
          save(
            dies.filter((_, k) => k !== i),
            words.aDieRemoved,
          )}>{words.remove}</button
      >
    </p>
  {:else}
    <p class="py-1.5 text-quiet">{words.noneYetAddADie}</p>
  {/each}
  <form class="mt-2 grid grid-cols-2 gap-2" onsubmit={add}>
    {#each FIELDS as [key, name] (key)}
      <label class="block"
        ><span class="text-note text-quiet">{name}{key === 'units' ? '' : `, ${unit}`}</span>
        <input class="input" required bind:value={entry[key]} inputmode={key === 'units' ? 'numeric' : 'text'} /></label
      >
    {/each}
    <button class="btn col-span-2 justify-self-start">{words.addTheDie}</button>
  </form>
  {#if trouble}<p class="mt-1 text-note text-madder" role="alert">{trouble}</p>{/if}
</section>
