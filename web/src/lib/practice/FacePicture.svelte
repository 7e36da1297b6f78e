<!-- The right side of a piece. -->
<script lang="ts">
  import type { Face } from '@aggrega/core/practice';

  let { face, colours }: { face: Face; colours: ReadonlyMap<string, string> } = $props();
</script>

<svg class="block h-full w-full" viewBox="0 0 {face.w} {face.h}" preserveAspectRatio="none" aria-hidden="true">
  {#each face.patches as { role, points }, i (i)}
    <polygon
      points={points.map((p) => p.join(',')).join(' ')}
      fill={colours.get(role) ?? 'var(--color-edge)'}
      stroke="#1c2a4a"
      stroke-opacity="0.4"
      stroke-width="1"
      vector-effect="non-scaling-stroke"
      stroke-linejoin="round"
    />
  {/each}
</svg>
