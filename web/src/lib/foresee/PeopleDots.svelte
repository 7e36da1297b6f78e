<!-- Forty people as dots on a ruler: what each one's is off by, heaped where they agree. -->
<script lang="ts">
  import { words } from './words';
  import { EASED, SPOILT } from '@aggrega/core/foresee';
  import { formatLength, ratio, type LengthUnit } from '@aggrega/core/measure';

  interface Props {
    /** Beyond what it should be, smallest first. */
    people: readonly number[];
    unit: LengthUnit;
    label: string;
    /** How far apart two things are: never less than nothing. */
    apart?: boolean;
    /** A strip of a table: nearer to the middle, and without numbers. */
    strip?: boolean;
    /** What was measured, as an arrow from below. */
    measured?: readonly number[];
  }
  let { people, unit, label, apart = false, strip = false, measured = [] }: Props = $props();

  const reach = $derived(SPOILT[unit] * 2);
  const step = $derived(EASED[unit] / (strip ? 6 : apart ? 4 : 2));
  const left = $derived(apart ? 0 : -reach / step);
  const right = $derived(reach / step);
  const clipped = (off: number) => Math.max(apart ? 0 : -reach, Math.min(reach, off)) / step;
  /** The middle of the heap that somebody stands in: none reaches over a limit. */
  function heapOf(off: number): number {
    const most = Math.round(reach / step) - 1;
    return (off < 0 && !apart ? -1 : 1) * (Math.min(most, Math.floor(Math.max(0, Math.abs(clipped(off)) - 1e-9))) + 0.5);
  }
  const dots = $derived.by(() => {
    const heaps = new Map<number, number>();
    return people.map((off) => {
      const heap = heapOf(off);
      const at = heaps.get(heap) ?? 0;
      heaps.set(heap, at + 1);
      const far = Math.abs(off) - 1e-9;
      return { heap, at, fill: far <= EASED[unit] ? '--color-ink' : far <= SPOILT[unit] ? '--color-weld' : '--color-madder' };
    });
  });
  const high = $derived(Math.max(strip ? 9 : 0, ...dots.map(({ at }) => at)) + 1);
  /** What is good enough is banded: for seams that may be eased, up to an eighth. */
  const band = $derived((apart ? SPOILT : EASED)[unit] / step);
  const marks = $derived([-2, -1, 0, 1, 2].filter((n) => !apart || n >= 0).map((n) => ({ n, at: (n * SPOILT[unit]) / step })));
  /** '1/8', '3 mm' */
  const offText = (n: number) => (unit === 'in' ? formatLength(ratio(n, 8), 'in') : words.mm(n * 3));
  const markText = (n: number) =>
    n === 0
      ? apart
        ? words.fits
        : words.right
      : (apart ? words.apart : n < 0 ? words.small : words.large)(offText(Math.abs(n)));
  const below = $derived(strip ? (measured.length > 0 ? 2.5 : 0.6) : 3);
</script>

<svg viewBox="{left - 1} {-high - 0.5} {right - left + 2} {high + below}" class="block w-full" role="img" aria-label={label}>
  <rect x={apart ? 0 : -band} y={-high - 0.5} width={apart ? band : 2 * band} height={high + 0.5} fill="var(--color-edge)" />
  {#each dots as { heap, at, fill }, i (i)}
    <circle cx={heap} cy={-at - 0.5} r="0.4" fill="var({fill})" stroke="var(--color-ink)" stroke-width="0.08" />
  {/each}
  <line x1={left - 1} x2={right + 1} y1="0" y2="0" stroke="var(--color-ink)" stroke-width="0.08" />
  {#each measured as off, i (i)}
    <path
      d="M {clipped(off)} 0.2 l 0.8 1.8 h -1.6 z"
      fill="var(--color-walnut)"
      stroke="var(--color-ink)"
      stroke-width="0.08"
    />
  {/each}
  {#each strip ? [] : marks as { n, at } (n)}
    <line x1={at} x2={at} y1="0" y2="0.5" stroke="var(--color-ink)" stroke-width="0.08" />
    <text
      x={at === left ? left - 1 : at === right ? right + 1 : at}
      y="1.7"
      text-anchor={at === left ? 'start' : at === right ? 'end' : 'middle'}
      font-size="0.8"
      fill="var(--color-ink)">{markText(n)}</text
    >
  {/each}
</svg>
