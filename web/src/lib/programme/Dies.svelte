<!-- Cutting dies as their owner describes them: what one pass takes, and what it gives. -->
<script lang="ts">
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
    ['finished', 'Unit finishes at'],
    ['width', 'Strip width'],
    ['length', 'Strip length'],
    ['units', 'Units per pass'],
  ] as const;

  function save(to: DieFile[], said: string): boolean {
    const change: Change = { path: '/house/dies', from: bench.saver.document.house?.dies, to: to.length > 0 ? to : undefined };
    const result = applyChanges(bench.saver.document, [change]);
    const reading = 'file' in result ? readProgramme(result.file) : undefined;
    trouble = reading?.ok === false ? `${reading.errors[0]!.message}.` : '';
    if (!trouble) bench.saver.do(`house style, ${said}`, [change]);
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

<section class="mt-6" aria-label="Dies">
  <h2 class="border-b border-ink pb-1 text-lead">Dies for half-square triangles</h2>
  {#each dies as die, i (i)}
    <p class="flex items-baseline gap-2 border-b border-rule py-1.5">
      <span class="mr-auto">finished {die.finished} {unit}: {die.units} from a strip {die.width} by {die.length}</span>
      <button
        class="plain"
        onclick={() =>
          save(
            dies.filter((_, k) => k !== i),
            'a die removed',
          )}>Remove</button
      >
    </p>
  {:else}
    <p class="py-1.5 text-quiet">None yet. Add a die to be able to choose ‘with a die’ for units of that size.</p>
  {/each}
  <form class="mt-2 grid grid-cols-2 gap-2" onsubmit={add}>
    {#each FIELDS as [key, name] (key)}
      <label class="block"
        ><span class="text-note text-quiet">{name}{key === 'units' ? '' : `, ${unit}`}</span>
        <input class="field" required bind:value={entry[key]} inputmode={key === 'units' ? 'numeric' : 'text'} /></label
      >
    {/each}
    <button class="act col-span-2 justify-self-start">Add the die</button>
  </form>
  {#if trouble}<p class="mt-1 text-note text-madder" role="alert">{trouble}</p>{/if}
</section>
