<!-- The blocks of a month: which one is in hand, and what is done to it as a whole: named, moved, copied, given to another month, taken out. -->
<script lang="ts">
  import { words } from './words';
  import Follows from '$lib/look/Follows.svelte';
  import Setting from '$lib/look/Setting.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import {
    differenceWords,
    withBlockCopied,
    withBlockInMonth,
    withBlockMoved,
    withoutBlock,
    type Month,
    type ProgrammeFile,
  } from '@aggrega/core/programme';

  interface Props {
    month: Month;
    /** The place of the block in hand. */
    chosen: number;
    /** The sheet of this month is out: its blocks are no longer taken away. */
    out: boolean;
    onchoose: (at: number) => void;
    /** Somebody wants one block more. */
    onadd: () => void;
  }
  let { month, chosen, out, onchoose, onadd }: Props = $props();
  const bench = useWorkbench();
  const entry = $derived(month.blocks[chosen]!);
  const others = $derived(bench.programme.months.filter((m) => m !== month));
  const name = $derived(entry.block.name);
  let trouble = $state('');
  let follows: Follows;

  function become(said: string, newer: ProgrammeFile, at: number) {
    trouble = bench.become(said, newer);
    if (!trouble) onchoose(Math.max(0, at));
  }
  const move = (to: number) => become(words.moved(name), withBlockMoved(bench.saver.document, month.id, chosen, to), to);
  const copy = () =>
    become(words.copied(name), withBlockCopied(bench.saver.document, month.id, chosen, words.copyOf(name)), chosen + 1);
  function rename(to: string) {
    const from = bench.saver.document.blocks.find((b) => b.id === entry.block.id)?.name;
    bench.saver.do(words.renamed(name, to), [{ path: `/blocks/${entry.block.id}/name`, from, to }]);
  }
  function give(to: string) {
    const target = others.find((m) => m.id === to);
    if (target)
      become(words.givenTo(name, target.name), withBlockInMonth(bench.saver.document, month.id, chosen, to), chosen - 1);
  }
  function remove() {
    const newer = withoutBlock(bench.saver.document, month.id, chosen);
    follows.show({
      ...{ title: words.removeBlockAsk(name, month.name), does: words.removeIt },
      lines: differenceWords(bench.saver.document, newer),
      ondo: () => become(words.removed(name), newer, chosen - 1),
    });
  }
</script>

<Follows bind:this={follows} />
<div class="no-print mb-3 flex flex-wrap items-end gap-2" role="group" aria-label={words.blocksOfTheMonth}>
  {#if month.blocks.length > 1}
    {#each month.blocks as b, i (b.key)}
      <button class="btn {i === chosen ? 'btn-primary' : ''}" aria-pressed={i === chosen} onclick={() => onchoose(i)}
        >{i + 1} · {b.block.name}</button
      >
    {/each}
  {/if}
  <button class="btn" onclick={onadd}>{words.addABlock}</button>
</div>
<details class="no-print mb-4" data-block-as-a-whole>
  <summary class="link w-fit cursor-pointer text-note">{words.nameMoveCopy(name)}</summary>
  <div class="mt-2 flex flex-wrap items-end gap-2">
    <div class="w-56">
      <Setting name={words.nameOfTheBlock} value={name} trouble={(t) => (t ? '' : words.aBlockNeedsAName)} onset={rename} />
    </div>
    {#if month.blocks.length > 1}
      <button class="btn" disabled={chosen === 0} onclick={() => move(chosen - 1)}>{words.earlier}</button>
      <button class="btn" disabled={chosen === month.blocks.length - 1} onclick={() => move(chosen + 1)}>{words.later}</button>
    {/if}
    <button class="btn" onclick={copy}>{words.copyAsANewDrawing}</button>
    {#if !out && others.length > 0}
      <label class="block"
        ><span class="block text-note text-quiet">{words.moveToAnotherMonth}</span>
        <select class="select w-auto" value="" onchange={(e) => give(e.currentTarget.value)}>
          <option value="">{words.chooseAMonth}</option>
          {#each others as m (m.id)}<option value={m.id}>{m.name}</option>{/each}
        </select></label
      >
    {/if}
    {#if !out}<button class="btn" onclick={remove}>{words.removeBlock}</button>{/if}
  </div>
  {#if trouble}<p class="mt-2 text-madder" role="alert">{words.nothingWasChanged(trouble)}</p>{/if}
</details>
