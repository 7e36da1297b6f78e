<!-- A month in the list that can be changed. It is dragged by its handle, or moved by its arrows. -->
<script lang="ts">
  import { words } from './words';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { MonthFile } from '@aggrega/core/programme';
  import { combine } from '@atlaskit/pragmatic-drag-and-drop/combine';
  import { draggable, dropTargetForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter';
  import ArrowDown from '@lucide/svelte/icons/arrow-down';
  import ArrowUp from '@lucide/svelte/icons/arrow-up';
  import Copy from '@lucide/svelte/icons/copy';
  import GripVertical from '@lucide/svelte/icons/grip-vertical';
  import ListPlus from '@lucide/svelte/icons/list-plus';
  import Trash from '@lucide/svelte/icons/trash-2';

  interface Props {
    month: MonthFile;
    number: number;
    /** Proofed or out: it stays where it is. */
    fixed: boolean;
    up: (() => void) | undefined;
    down: (() => void) | undefined;
    /** Another month was dropped here. */
    onplace: (month: string, to: number) => void;
    onafter: () => void;
    oncopy: () => void;
    onremove: (() => void) | undefined;
  }
  let { month, number, fixed, up, down, onplace, onafter, oncopy, onremove }: Props = $props();
  const bench = useWorkbench();
  const name = $derived(month.name ?? month.id);
  let over = $state(false);
  const tool =
    'flex h-9 w-9 cursor-pointer items-center justify-center hover:bg-edge disabled:cursor-default disabled:opacity-35';

  function save(key: 'name' | 'release', to: string) {
    const from = month[key];
    if ((from ?? '') === to || (key === 'name' && !to)) return;
    bench.saver.do(key === 'name' ? words.renamed(name, to) : words.dayOf(name), [
      { path: `/months/${month.id}/${key}`, from, to: to || undefined },
    ]);
  }
  /** The line is what is dropped on, its handle what it is dragged by. */
  function dragged(line: HTMLElement) {
    return combine(
      draggable({
        element: line,
        dragHandle: line.querySelector<HTMLElement>('[data-handle]') ?? undefined,
        canDrag: () => !fixed,
        getInitialData: () => ({ month: month.id }),
      }),
      dropTargetForElements({
        element: line,
        canDrop: ({ source }) => typeof source.data.month === 'string' && source.data.month !== month.id,
        onDragEnter: () => (over = true),
        onDragLeave: () => (over = false),
        onDrop: ({ source }) => {
          over = false;
          onplace(source.data.month as string, number - 1);
        },
      }),
    );
  }
</script>

<li
  {@attach dragged}
  class="flex flex-wrap items-center gap-x-2 border-b border-rule py-1.5 {over ? 'bg-edge' : ''}"
  data-month-line={month.id}
>
  <span class="flex w-14 items-center" class:invisible={fixed}
    ><span data-handle class="cursor-grab text-quiet" title={words.dragToMove} aria-hidden="true"
      ><GripVertical size={18} /></span
    ></span
  >
  <span class="numeral w-7 text-right text-lead">{number}</span>
  <input
    class="input w-44 flex-1"
    aria-label={words.nameOf(number)}
    value={name}
    maxlength="200"
    onchange={(e) => save('name', e.currentTarget.value.trim())}
  />
  <input
    class="input w-40"
    type="date"
    aria-label={words.dayOf(name)}
    value={month.release ?? ''}
    disabled={fixed}
    onchange={(e) => save('release', e.currentTarget.value)}
  />
  <span class="flex">
    <button class={tool} disabled={!up} onclick={up} aria-label={words.moveUp(name)} title={words.moveUp(name)}
      ><ArrowUp size={18} /></button
    >
    <button class={tool} disabled={!down} onclick={down} aria-label={words.moveDown(name)} title={words.moveDown(name)}
      ><ArrowDown size={18} /></button
    >
    <button class={tool} onclick={onafter} aria-label={words.insertAfter(name)} title={words.insertAfter(name)}
      ><ListPlus size={18} /></button
    >
    <button class={tool} onclick={oncopy} aria-label={words.copy(name)} title={words.copy(name)}><Copy size={18} /></button>
    <button class={tool} disabled={!onremove} onclick={onremove} aria-label={words.delete(name)} title={words.delete(name)}
      ><Trash size={18} /></button
    >
  </span>
</li>
