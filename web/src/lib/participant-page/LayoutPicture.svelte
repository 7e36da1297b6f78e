<!-- Units as they should lie, numbered; what lies wrong is marked, what could not be told has a question mark. -->
<script lang="ts">
  import { inkOn } from '@aggrega/core/fabric';
  import type { Layout, LayoutUnit } from '@aggrega/core/eye';

  interface Props {
    layout: Layout;
    /** The units that are shown, by number. */
    units: readonly number[];
    colours: ReadonlyMap<string, string>;
    lie: (unit: number) => LayoutUnit | undefined;
    label: string;
  }
  let { layout, units, colours, lie, label }: Props = $props();
  const shown = $derived(
    units.map((number) => {
      const { loose, w, h, patches, slant = 0 } = layout.units[number]!;
      const [cos, sin] = [Math.abs(Math.cos((slant * Math.PI) / 180)), Math.abs(Math.sin((slant * Math.PI) / 180))];
      const half = [(w * cos + h * sin) / 2, (w * sin + h * cos) / 2] as const;
      return { number, patches, w, h, slant, half, x: loose[0], y: loose[1], lie: lie(number) };
    }),
  );
  const box = $derived.by(() => {
    const ends = (side: 1 | -1) => shown.map(({ x, y, half }) => [x + side * half[0], y + side * half[1]] as const);
    const [x, y] = [Math.min(...ends(-1).map((e) => e[0])), Math.min(...ends(-1).map((e) => e[1]))];
    const [right, bottom] = [Math.max(...ends(1).map((e) => e[0])), Math.max(...ends(1).map((e) => e[1]))];
    return { x, y, w: right - x, h: bottom - y };
  });
  const line = $derived(Math.max(box.w, box.h) / 120);
  const smallest = $derived(Math.min(...shown.map((u) => Math.min(u.w, u.h))));
</script>

<svg
  class="block w-full max-w-md"
  viewBox="{box.x - 2 * line} {box.y - 2 * line} {box.w + 4 * line} {box.h + 4 * line}"
  role="img"
  aria-label={label}
>
  {#each shown as { number, x, y, w, h, slant, patches, lie } (number)}
    {@const amiss = lie !== undefined && lie.kind !== 'right'}
    {@const size = Math.min(smallest * 0.3, box.w * 0.06)}
    <g transform="translate({x} {y})" data-unit={number + 1} data-lies={lie?.kind}>
      <g transform="rotate({slant}) translate({-w / 2} {-h / 2})">
        {#each patches as patch, i (i)}
          <polygon
            points={patch.points.map((p) => p.join(',')).join(' ')}
            fill={colours.get(patch.role) ?? 'var(--color-edge)'}
            stroke="color-mix(in srgb, var(--color-ink) 35%, transparent)"
            stroke-width={line / 3}
            stroke-linejoin="round"
          />
        {/each}
        {#if amiss}
          <rect width={w} height={h} fill="none" stroke="#1c2a4a" stroke-width={line * 2.4} />
          <rect
            width={w}
            height={h}
            fill="none"
            stroke="#f2d21b"
            stroke-width={line * 1.4}
            stroke-dasharray={lie.kind === 'unclear' ? `${line * 3} ${line * 2}` : undefined}
          />
        {/if}
      </g>
      <circle r={size * 0.75} fill={amiss ? '#f2d21b' : '#ffffff'} stroke="#1c2a4a" stroke-width={line / 3} />
      <text y={size * 0.35} text-anchor="middle" font-size={size} font-weight="700" fill={inkOn(amiss ? '#f2d21b' : '#ffffff')}
        >{number + 1}</text
      >
    </g>
  {/each}
</svg>
