<!-- The pieces that are not laid yet: like ones on one stack. -->
<script lang="ts">
  import FacePicture from './FacePicture.svelte';
  import { words } from './words';
  import type { Practising } from './practising.svelte';
  import { faceOfPiece, inTray } from '@aggrega/core/practice';
  import { draggable, dropTargetForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter';

  let { practising, colours }: { practising: Practising; colours: ReadonlyMap<string, string> } = $props();
  /** Rem to a length: the smallest piece large enough for a finger, the longest no longer than the tray is wide. */
  const scale = $derived.by(() => {
    const sides = practising.board.open.flatMap((place) => {
      const { w, h } = practising.board.layout.units[place]!;
      return [w, h];
    });
    return Math.min(9 / Math.max(...sides), 2.75 / Math.min(...sides));
  });
  const stacks = $derived(
    practising.board.stacks.flatMap((_, stack) => {
      const pieces = inTray(practising.board, stack);
      const [top] = pieces;
      if (top === undefined) return [];
      return [
        {
          stack,
          top,
          many: pieces.length,
          face: faceOfPiece(practising.board, { piece: top, quarters: practising.board.dealt[top]! }),
        },
      ];
    }),
  );
  const side = (length: number) => `${Math.max(0.9, length * scale).toFixed(3)}rem`;

  const lifts = (piece: number) => (element: HTMLElement) => draggable({ element, getInitialData: () => ({ piece }) });
  const takesBack = (element: HTMLElement) =>
    dropTargetForElements({
      element,
      onDrop: ({ source }) => {
        const from = [...practising.board.lain].find(([, { piece }]) => piece === source.data.piece)?.[0];
        if (from !== undefined) practising.takeUp(from);
      },
    });
  function onkeydown(e: KeyboardEvent & { currentTarget: HTMLElement }) {
    const by = { ArrowLeft: -1, ArrowUp: -1, ArrowRight: 1, ArrowDown: 1 }[e.key];
    if (!by) return;
    const all = [...e.currentTarget.parentElement!.querySelectorAll('button')];
    all[(all.indexOf(e.currentTarget as HTMLButtonElement) + by + all.length) % all.length]!.focus();
    e.preventDefault();
  }
</script>

<div class="tray" role="group" aria-label={words.tray} {@attach takesBack}>
  {#each stacks as { stack, top, many, face } (stack)}
    <button
      class="stack cursor-pointer"
      aria-pressed={practising.stack === stack}
      aria-label={words.stack(practising.describe(face), many)}
      data-stack={stack}
      onclick={() => practising.take(stack)}
      {onkeydown}
      {@attach lifts(top)}
    >
      <span class="block" style:width={side(face.w)} style:height={side(face.h)}><FacePicture {face} {colours} /></span>
      {#if many > 1}<span class="many">{many}</span>{/if}
    </button>
  {:else}
    <p class="text-quiet">{words.emptyTray}</p>
  {/each}
</div>

<style>
  .tray {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 0.5rem;
    min-height: 6rem;
    padding: 0.75rem;
    background: var(--color-edge);
    border: 1px solid var(--color-rule);
  }
  .stack {
    position: relative;
    padding: 0.5rem;
    min-width: 3rem;
    min-height: 3rem;
    display: grid;
    place-items: center;
    touch-action: manipulation;
  }
  .stack[aria-pressed='true'] {
    outline: 3px solid var(--color-ink);
    background: var(--color-weld);
  }
  .many {
    position: absolute;
    right: 0;
    bottom: 0;
    padding: 0 0.35em;
    background: var(--color-ink);
    color: var(--color-ground);
    font-size: var(--text-note);
  }
</style>
