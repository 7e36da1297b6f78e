<!-- The block on the drafting table: its grid, the tool in hand, and a cursor that the arrow keys move. -->
<script lang="ts">
  import { words } from './words';
  import type { Drafter } from './drafter.svelte';
  import { images, type Block, type Point } from '@aggrega/core/block';

  interface Props {
    block: Block;
    drafter: Drafter;
    colours: ReadonlyMap<string, string>;
    /** A photo that lies under the drawing, and how much of it shows through, from 0 to 1. */
    underlay?: { address: string; share: number };
    label: string;
    lit: (patch: number) => boolean;
    onpatch: (patch: number | undefined) => void;
    /** Patches of the unit under a point. */
    unitAt: (at: Point) => ReadonlySet<number>;
    onchange: (block: Block, said: string) => void;
  }
  let { block, drafter, colours, underlay, label, lit, onpatch, unitAt, onchange }: Props = $props();

  const PER = 12;
  const [w, h] = $derived([block.grid[0] * PER, block.grid[1] * PER]);
  const line = $derived(Math.max(w, h) / 300);
  let svg: SVGSVGElement;
  /** Where pointer or cursor is, in twelfths of a cell. */
  let here: Point | undefined = $state.raw();
  let keyed = $state(false);

  const points = (list: readonly Point[]) => list.map((p) => p.join(',')).join(' ');
  function place(e: PointerEvent | MouseEvent): Point {
    const at = new DOMPoint(e.clientX, e.clientY).matrixTransform(svg.getScreenCTM()!.inverse());
    return [Math.max(0, Math.min(w, at.x)), Math.max(0, Math.min(h, at.y))];
  }
  function use(at: Point, shift: boolean) {
    const done = drafter.use(block, at, shift, unitAt);
    if (done) onchange(done.block, done.said);
  }
  /** A cursor stands on a point; a patch or cell is meant by its lower right. */
  const meant = (at: Point): Point =>
    drafter.tool === 'seam' ? at : [Math.min(at[0] + 1.1, w - 0.7), Math.min(at[1] + 0.7, h - 1.1)];

  const ARROWS: Record<string, Point> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
  function onkeydown(e: KeyboardEvent) {
    const arrow = ARROWS[e.key];
    if (arrow) {
      const [x, y] = keyed && here ? here : [0, 0];
      keyed = true;
      here = [Math.max(0, Math.min(w, x + arrow[0] * drafter.step)), Math.max(0, Math.min(h, y + arrow[1] * drafter.step))];
    } else if ((e.key === 'Enter' || e.key === ' ') && here) use(meant(here), e.shiftKey);
    else return;
    e.preventDefault();
    e.stopPropagation();
  }

  const moves = $derived(images(block, drafter.symmetry));
  const seams = $derived(
    drafter.tool === 'seam' && drafter.begun && here
      ? moves.map((m) => [m(drafter.begun!), m(drafter.snap(here!))] as const)
      : [],
  );
  const ghost = $derived(drafter.tool === 'unit' && here ? drafter.laid(keyed ? meant(here) : here) : []);
  const chosen = $derived(drafter.tool === 'turn' && here ? unitAt(keyed ? meant(here) : here) : new Set<number>());
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
<svg
  bind:this={svg}
  class="board w-full"
  class:working={drafter.tool !== 'look'}
  viewBox="{-line * 4} {-line * 4} {w + line * 8} {h + line * 8}"
  role="application"
  aria-label={words.arrowKeysMoveTheCursor(label)}
  tabindex="0"
  {onkeydown}
  onblur={() => ((keyed = false), (here = undefined))}
  onpointermove={(e) => ((keyed = false), (here = place(e)))}
  onpointerleave={() => ((here = undefined), onpatch(undefined))}
  onpointerup={(e) => use(place(e), e.shiftKey)}
>
  {#if underlay}<image href={underlay.address} width={w} height={h} preserveAspectRatio="none" pointer-events="none" />{/if}
  {#each block.patches as patch, i (i)}
    <polygon
      points={points(patch.points)}
      fill={colours.get(patch.role) ?? 'var(--color-edge)'}
      fill-opacity={underlay ? 1 - underlay.share : undefined}
      stroke="color-mix(in srgb, var(--color-ink) 45%, transparent)"
      stroke-width={line}
      stroke-linejoin="round"
      role="presentation"
      data-patch={i}
      onpointerenter={() => drafter.tool === 'look' && onpatch(i)}
    />
  {/each}
  {#if drafter.tool !== 'look'}
    {#each { length: (block.grid[0] * PER) / drafter.step + 1 }, i (i)}
      {#each { length: (block.grid[1] * PER) / drafter.step + 1 }, j (j)}
        <circle
          cx={i * drafter.step}
          cy={j * drafter.step}
          r={line * 1.7}
          fill="#1c2a4a"
          stroke="#fff"
          stroke-width={line * 0.5}
          pointer-events="none"
        />
      {/each}
    {/each}
  {/if}
  {#each block.patches as patch, i (i)}
    {#if (drafter.tool === 'look' && lit(i)) || chosen.has(i)}
      <polygon
        points={points(patch.points)}
        fill="none"
        stroke="#f2d21b"
        stroke-width={line * 4}
        stroke-linejoin="round"
        pointer-events="none"
      />
    {/if}
  {/each}
  {#each ghost as patch, i (i)}
    {#each moves as move, k (k)}
      <polygon
        points={points(patch.points.map(move))}
        fill={colours.get(patch.role) ?? 'var(--color-edge)'}
        fill-opacity={k === 0 ? 0.85 : 0.5}
        stroke="#f2d21b"
        stroke-width={line * 1.5}
        pointer-events="none"
      />
    {/each}
  {/each}
  {#each seams as [from, to], i (i)}
    <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} stroke="#1c2a4a" stroke-width={line * 4} pointer-events="none" />
    <line x1={from[0]} y1={from[1]} x2={to[0]} y2={to[1]} stroke="#f2d21b" stroke-width={line * 2} pointer-events="none" />
  {/each}
  {#if drafter.begun}
    <circle
      cx={drafter.begun[0]}
      cy={drafter.begun[1]}
      r={line * 3}
      fill="#f2d21b"
      stroke="#1c2a4a"
      stroke-width={line}
      pointer-events="none"
    />
  {/if}
  {#if keyed && here}
    <g pointer-events="none" transform="translate({here[0]} {here[1]})">
      <path d="M{-line * 5},0 H{line * 5} M0,{-line * 5} V{line * 5}" stroke="#fff" stroke-width={line * 3.4} />
      <path d="M{-line * 5},0 H{line * 5} M0,{-line * 5} V{line * 5}" stroke="#1c2a4a" stroke-width={line * 1.6} />
    </g>
  {/if}
</svg>

<style>
  .board {
    touch-action: manipulation;
    display: block;
  }
  .working {
    cursor: crosshair;
  }
</style>
