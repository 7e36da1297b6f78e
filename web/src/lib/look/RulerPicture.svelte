<!-- A stretch of the ruler around a size, with the mark to look for. -->
<script lang="ts">
  interface Props {
    /** The size, and the unit's ticks to one whole: 8 for inches in eighths, 16, or 10 for millimetres. */
    size: number;
    ticks: number;
    label: string;
  }
  let { size, ticks, label }: Props = $props();

  const from = $derived(Math.max(0, Math.floor(size) - 1));
  const to = $derived(Math.ceil(size + 0.001) + 1);
  const px = $derived(360 / (to - from));
  const marks = $derived(Array.from({ length: (to - from) * ticks + 1 }, (_, i) => i));
  function height(i: number): number {
    if (i % ticks === 0) return 34;
    if (i % (ticks / 2) === 0) return 24;
    return ticks % 4 === 0 && i % (ticks / 4) === 0 ? 17 : 10;
  }
</script>

<svg viewBox="-14 -22 388 84" role="img" aria-label={label} class="w-full max-w-96">
  <line x1="0" y1="0" x2="360" y2="0" stroke="currentColor" stroke-width="2" />
  {#each marks as i (i)}
    <line
      x1={(i / ticks) * px}
      x2={(i / ticks) * px}
      y1="0"
      y2={height(i)}
      stroke="currentColor"
      stroke-width={i % ticks ? 1 : 2}
    />
    {#if i % ticks === 0}
      <text x={(i / ticks) * px} y="52" text-anchor="middle" font-size="15" fill="currentColor" class="numeral"
        >{from + i / ticks}</text
      >
    {/if}
  {/each}
  <g transform="translate({(size - from) * px} 0)">
    <line y1="-4" y2="38" stroke="var(--color-weld)" stroke-width="5" />
    <line y1="-4" y2="38" stroke="currentColor" stroke-width="1.5" />
    <path d="M-8 -18h16L0 -4z" fill="var(--color-weld)" stroke="currentColor" />
  </g>
</svg>
