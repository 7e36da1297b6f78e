<!-- A photo with a handle on each corner of what lies in it; a corner in hand is seen under a magnifier. -->
<script lang="ts">
  import type { Corner } from '@aggrega/core/eye';
  import type { Photo } from './photo.svelte';
  import { words } from './words';

  interface Props {
    photo: Photo;
    /** A corner was let go of. */
    onset: () => void;
  }
  let { photo, onset }: Props = $props();
  let svg: SVGSVGElement | undefined = $state.raw();
  /** The corner in hand. */
  let held: number | undefined = $state();
  /** By keys, until they rest on another. */
  let keyed: number | undefined = $state();
  function pick(block: number) {
    photo.pick(block);
    onset();
  }
  const inHand = $derived(held ?? keyed);
  const side = $derived(Math.max(photo.width, photo.height));
  const names = $derived([words.topLeft, words.topRight, words.bottomRight, words.bottomLeft]);
  /** Where the handle was taken hold of, beside its corner, so that it does not jump. */
  let off: Corner = [0, 0];

  function at(e: PointerEvent): Corner {
    const { x, y } = new DOMPoint(e.clientX, e.clientY).matrixTransform(svg!.getScreenCTM()!.inverse());
    return [x, y];
  }
  function take(e: PointerEvent, corner: number) {
    const [x, y] = at(e);
    const [cx, cy] = photo.corners![corner]!;
    off = [cx - x, cy - y];
    held = corner;
    (e.currentTarget as Element).setPointerCapture(e.pointerId);
    e.preventDefault();
    (e.currentTarget as SVGElement).focus();
  }
  function drag(e: PointerEvent) {
    if (held === undefined) return;
    const [x, y] = at(e);
    photo.move(held, [x + off[0], y + off[1]]);
  }
  function drop() {
    if (held === undefined) return;
    held = undefined;
    onset();
  }
  const ARROWS: Record<string, Corner> = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
  function onkeydown(e: KeyboardEvent, corner: number) {
    const arrow = ARROWS[e.key];
    if (!arrow) return;
    const step = (side / 800) * (e.shiftKey ? 10 : 1);
    const [x, y] = photo.corners![corner]!;
    photo.move(corner, [x + arrow[0] * step, y + arrow[1] * step]);
    keyed = corner;
    e.preventDefault();
    e.stopPropagation();
  }
  const outline = $derived(photo.corners?.map((c) => c.join(',')).join(' '));
  /** The glass lies in the corner of the photo that is farthest from what it shows. */
  const glass = $derived.by(() => {
    if (inHand === undefined || !photo.corners) return undefined;
    const [x, y] = photo.corners[inHand]!;
    const r = side * 0.15;
    const place: Corner = [x < photo.width / 2 ? photo.width - r : r, y < photo.height / 2 ? photo.height - r : r];
    return { x, y, r, place };
  });
  const uid = $props.id();
  const MAGNIFIED = 4;
</script>

{#snippet sides(wide: number)}
  <polygon points={outline} fill="none" stroke="#ffffff" stroke-width={wide * 2} stroke-linejoin="round" />
  <polygon points={outline} fill="none" stroke="#1c2a4a" stroke-width={wide} stroke-linejoin="round" />
{/snippet}

<svg
  bind:this={svg}
  class="block w-full touch-none select-none"
  viewBox="0 0 {photo.width} {photo.height}"
  role="group"
  aria-label={words.thePhotoWithItsCorners}
>
  <image href={photo.address} width={photo.width} height={photo.height} />
  {#if photo.corners}
    {@render sides(side / 400)}
    {#each photo.blocks as block, i (i)}
      <polygon
        class="block"
        points={block.map((p) => p.join(',')).join(' ')}
        role="button"
        tabindex="0"
        aria-label={words.blockNumber(i + 1)}
        data-block={i + 1}
        fill="transparent"
        stroke="#f2d21b"
        stroke-width={side / 300}
        onclick={() => pick(i)}
        onkeydown={(e) => {
          if (e.key !== 'Enter' && e.key !== ' ') return;
          e.preventDefault();
          pick(i);
        }}
      />
    {/each}
    {#each photo.corners as [x, y], i (i)}
      <g
        class="handle"
        role="slider"
        tabindex="0"
        aria-label={words.movedByKeys(names[i]!)}
        aria-valuenow={Math.round(x)}
        aria-valuetext="{Math.round(x)}, {Math.round(y)}"
        data-corner={i}
        transform="translate({x} {y})"
        onkeydown={(e) => onkeydown(e, i)}
        onkeyup={() => keyed === i && onset()}
        onblur={() => (keyed = undefined)}
        onpointerdown={(e) => take(e, i)}
        onpointermove={drag}
        onpointerup={drop}
        onpointercancel={drop}
      >
        <circle class="reach" r={side / 22} fill="transparent" />
        <circle class="ring" r={side / 60} fill="#ffffff" fill-opacity="0.25" stroke="#ffffff" stroke-width={side / 160} />
        <circle r={side / 60} fill="none" stroke="#1c2a4a" stroke-width={side / 320} />
      </g>
    {/each}
  {/if}
  {#if glass}
    <g pointer-events="none" aria-hidden="true">
      <clipPath id="{uid}-glass"><circle cx={glass.place[0]} cy={glass.place[1]} r={glass.r * 0.95} /></clipPath>
      <g clip-path="url(#{uid}-glass)">
        <rect
          x={glass.place[0] - glass.r}
          y={glass.place[1] - glass.r}
          width={glass.r * 2}
          height={glass.r * 2}
          fill="#1c2a4a"
        />
        <g transform="translate({glass.place[0]} {glass.place[1]}) scale({MAGNIFIED}) translate({-glass.x} {-glass.y})">
          <image href={photo.address} width={photo.width} height={photo.height} />
          {@render sides(side / 1600)}
        </g>
      </g>
      <circle
        cx={glass.place[0]}
        cy={glass.place[1]}
        r={glass.r * 0.95}
        fill="none"
        stroke="#1c2a4a"
        stroke-width={side / 250}
      />
    </g>
  {/if}
</svg>

<style>
  .block {
    cursor: pointer;
    outline: none;
  }
  .block:hover,
  .block:focus-visible {
    fill: #f2d21b;
    fill-opacity: 0.35;
  }
  .handle {
    cursor: grab;
    outline: none;
  }
  .handle:active {
    cursor: grabbing;
  }
  .handle:focus-visible .ring {
    fill: #f2d21b;
    fill-opacity: 0.9;
  }
</style>
