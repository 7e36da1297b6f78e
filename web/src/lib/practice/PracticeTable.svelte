<!-- The places of a layout, each a button, with what lies in them; arrows go from one to the next. -->
<script lang="ts">
  import FacePicture from './FacePicture.svelte';
  import { words } from './words';
  import type { Practising } from './practising.svelte';
  import { faceOf, faceOfPiece } from '@aggrega/core/practice';
  import { combine } from '@atlaskit/pragmatic-drag-and-drop/combine';
  import { draggable, dropTargetForElements } from '@atlaskit/pragmatic-drag-and-drop/element/adapter';

  let { practising, colours }: { practising: Practising; colours: ReadonlyMap<string, string> } = $props();
  const layout = $derived(practising.board.layout);
  const open = $derived(new Set(practising.board.open));
  let over: number | undefined = $state();
  let table: HTMLElement | undefined = $state();
  /** The place that Tab goes to. */
  const reached = $derived(practising.place ?? practising.board.open[0]);

  const places = $derived(
    layout.units.map((unit, number) => {
      const { loose, w, h, slant = 0 } = unit;
      const [wide, high] = layout.loose;
      const lain = practising.board.lain.get(number);
      const face = !open.has(number) ? faceOf(unit) : lain && faceOfPiece(practising.board, lain);
      const kind = practising.lies.get(number)?.kind;
      const shown = practising.solved ? practising.solved.places.includes(number) : practising.shown && kind !== 'right';
      return {
        ...{ number, face, slant, amiss: shown && !!face, open: open.has(number) },
        style: `left:${((loose[0] - w / 2) / wide) * 100}%;top:${((loose[1] - h / 2) / high) * 100}%;width:${(w / wide) * 100}%;height:${(h / high) * 100}%`,
      };
    }),
  );

  /** The place that is next in a direction: near, and not far aside. */
  function beside(from: number, dx: number, dy: number): number | undefined {
    const [x, y] = layout.units[from]!.loose;
    const ahead = practising.board.open.flatMap((number) => {
      const [ox, oy] = layout.units[number]!.loose;
      const [on, aside] = [(ox - x) * dx + (oy - y) * dy, Math.abs((ox - x) * dy) + Math.abs((oy - y) * dx)];
      return on > 1e-6 && aside <= on * 1.5 ? [{ number, far: on + 2 * aside }] : [];
    });
    return ahead.sort((a, b) => a.far - b.far)[0]?.number;
  }
  const ARROWS: Record<string, [number, number]> = {
    ...{ ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] },
  };
  function onkeydown(e: KeyboardEvent, number: number) {
    const arrow = ARROWS[e.key];
    if (arrow) {
      const to = beside(number, ...arrow);
      if (to !== undefined) {
        practising.place = to;
        table!.querySelector<HTMLElement>(`[data-place="${to + 1}"]`)!.focus();
      }
    } else if ((e.key === 'Delete' || e.key === 'Backspace') && practising.way === 'lay') practising.takeUp(number);
    else return;
    e.preventDefault();
  }

  const moves = (number: number) => (element: HTMLElement) =>
    combine(
      draggable({
        element,
        canDrag: () => practising.way === 'lay' && practising.board.lain.has(number),
        getInitialData: () => ({ piece: practising.board.lain.get(number)?.piece }),
      }),
      dropTargetForElements({
        element,
        canDrop: ({ source }) => practising.way === 'lay' && typeof source.data.piece === 'number',
        onDragEnter: () => (over = number),
        onDragLeave: () => (over = undefined),
        onDrop: ({ source }) => {
          over = undefined;
          practising.lay(number, source.data.piece as number);
        },
      }),
    );
  const saidOf = (number: number) => {
    const lain = practising.board.lain.get(number);
    return words.place(number + 1, lain ? practising.describe(faceOfPiece(practising.board, lain)) : words.empty);
  };
</script>

<div
  bind:this={table}
  class="relative w-full"
  style:aspect-ratio="{layout.loose[0]} / {layout.loose[1]}"
  role="group"
  aria-label={words.table}
>
  {#each places as { number, face, slant, amiss, open: isOpen, style } (number)}
    {#if isOpen}
      <button
        class="place absolute cursor-pointer"
        class:empty={!face}
        class:amiss
        class:over={over === number}
        class:current={practising.place === number && practising.way === 'lay'}
        style="{style};rotate:{slant}deg"
        tabindex={number === reached ? 0 : -1}
        aria-label={saidOf(number)}
        data-place={number + 1}
        data-lies={practising.lies.get(number)?.kind}
        onclick={() => practising.tap(number)}
        onkeydown={(e) => onkeydown(e, number)}
        onfocus={() => (practising.place = number)}
        {@attach moves(number)}
      >
        {#if face}<FacePicture {face} {colours} />{/if}
        {#if !face || amiss}<span class="number" class:on={amiss}>{number + 1}</span>{/if}
      </button>
    {:else}
      <span class="absolute opacity-40" style="{style};rotate:{slant}deg"><FacePicture face={face!} {colours} /></span>
    {/if}
  {/each}
</div>

<style>
  .place {
    display: block;
    touch-action: manipulation;
  }
  .place.empty {
    border: 1.5px dashed var(--color-quiet);
    background: var(--color-edge);
  }
  .place.over,
  .place.current {
    box-shadow:
      0 0 0 2px var(--color-ground),
      0 0 0 4px var(--color-ink);
    z-index: 1;
  }
  .place.amiss {
    outline: 4px solid #f2d21b;
    box-shadow: 0 0 0 6px #1c2a4a;
    z-index: 2;
  }
  .place:focus-visible {
    outline: 3px solid var(--color-ink);
    outline-offset: 2px;
    z-index: 3;
  }
  .number {
    position: absolute;
    inset: 0;
    margin: auto;
    width: fit-content;
    height: fit-content;
    padding: 0 0.4em;
    color: var(--color-quiet);
    font-weight: 600;
  }
  .number.on {
    background: #f2d21b;
    color: #1c2a4a;
  }
</style>
