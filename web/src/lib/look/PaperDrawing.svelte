<!-- A picture of a paper: shapes, lines and letters in its own unit; patches of the cut in hand are outlined. -->
<script lang="ts">
  import type { PaperLine, PaperPicture } from '@aggrega/core/sheet';
  import { CASING, GLASS, INK, LINES, MADDER, arrowHead } from '@aggrega/paper/svg';

  interface Props {
    picture: PaperPicture;
    lit?: (cut: string) => boolean;
    onlight?: (cut: string | undefined) => void;
  }
  let { picture, lit = () => false, onlight }: Props = $props();
  /** A hundredth of an inch of paper, in the picture's unit. */
  const fine = $derived(picture.width / picture.wide / 100);
  const points = (all: readonly (readonly [number, number])[]) => all.map((p) => p.join(',')).join(' ');
  const litShapes = $derived(picture.shapes.filter((s) => s.cut && lit(s.cut)));
</script>

{#snippet stroke(line: PaperLine, colour: string, wide: number, dash?: readonly number[])}
  <g fill="none" stroke={colour} stroke-width={wide * fine} stroke-dasharray={dash?.map((d) => d * fine).join(' ')}>
    <polyline points={points([line.from, line.to])} />
    {#if line.kind === 'arrow'}<polyline points={points(arrowHead(line, 6 * fine))} />{/if}
  </g>
{/snippet}

<svg
  class="block h-auto w-full"
  viewBox="{-fine} {-fine} {picture.width + 2 * fine} {picture.height + 2 * fine}"
  role="img"
  aria-label={picture.label}
  onpointerleave={() => onlight?.(undefined)}
>
  {#each picture.shapes as shape, i (i)}
    <polygon
      points={points(shape.points)}
      fill={shape.fill}
      fill-opacity={shape.glass ? GLASS : undefined}
      stroke={shape.bare ? 'none' : shape.wrong ? MADDER : INK}
      stroke-opacity={shape.wrong ? 1 : 0.6}
      stroke-width={fine * (shape.wrong ? 3 : 0.8)}
      stroke-linejoin="round"
      role="presentation"
      onpointerenter={shape.cut ? () => onlight?.(shape.cut) : undefined}
    />
  {/each}
  {#each picture.lines as line, i (i)}
    {@const { wide, dash, cased } = LINES[line.kind]}
    {#if cased}{@render stroke(line, '#fff', wide + CASING)}{/if}
    {@render stroke(line, INK, wide, dash)}
  {/each}
  {#each picture.texts as { at, text, size, edged }, i (i)}
    <text
      x={at[0]}
      y={at[1]}
      font-size={size}
      text-anchor="middle"
      dominant-baseline="central"
      font-weight="600"
      fill={INK}
      stroke={edged ? '#fff' : 'none'}
      stroke-width={size / 4}
      paint-order="stroke"
      pointer-events="none">{text}</text
    >
  {/each}
  {#each litShapes as shape, i (i)}
    <polygon
      points={points(shape.points)}
      fill="none"
      stroke="var(--color-weld)"
      stroke-width={fine * 5}
      stroke-linejoin="round"
      pointer-events="none"
    />
  {/each}
</svg>

<style>
  svg {
    print-color-adjust: exact;
    -webkit-print-color-adjust: exact;
  }
</style>
