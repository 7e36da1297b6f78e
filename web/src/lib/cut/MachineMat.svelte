<!-- The simulated cutting machine: a mat as the machine read it, and its blade on the way along the paths. -->
<script lang="ts">
  import { words } from './words';
  import { inkOn } from '@aggrega/core/fabric';
  import type { MachineRun } from '@aggrega/core/cutting';

  let { run, colour }: { run: MachineRun; colour: string } = $props();
  const { file } = $derived(run);
  /** Every stroke in order: carried over the cloth to a path, then along its sides. */
  const strokes = $derived.by(() => {
    let at: readonly [number, number] = [0, 0];
    return file.paths.flatMap(({ points }, path) => {
      const carried = { from: at, to: points[0]!, cut: false, path };
      at = points[0]!;
      return [carried, ...points.map((from, i) => ({ from, to: points[(i + 1) % points.length]!, cut: true, path }))];
    });
  });
  let chosen: number | undefined = $state();
  const shown = $derived(Math.min(chosen ?? strokes.length, strokes.length));
  const now = $derived(strokes[shown - 1]);
  const cut = $derived(new Set(strokes.slice(0, shown).map((s) => s.path)));
  const d = (points: MachineRun['file']['paths'][number]['points']) => `M${points.map((p) => p.join(' ')).join('L')}Z`;
  const line = $derived(file.width / 260);

  function play() {
    if (matchMedia('(prefers-reduced-motion: reduce)').matches) return void (chosen = strokes.length);
    let step = 0;
    const each = Math.max(1, Math.round(strokes.length / 240));
    const next = () => {
      step += each;
      chosen = Math.min(step, strokes.length);
      if (step < strokes.length) requestAnimationFrame(next);
    };
    requestAnimationFrame(next);
  }
</script>

<svg
  viewBox="{-line} {-line} {file.width + 2 * line} {file.height + 2 * line}"
  class="block max-h-[70vh] w-full"
  role="img"
  aria-label={words.theMatWithPieces(file.paths.length)}
>
  <rect width={file.width} height={file.height} fill="var(--color-edge)" stroke="currentColor" stroke-width={line} />
  {#each file.paths as path, i (i)}
    <path d={d(path.points)} fill={colour} fill-opacity={cut.has(i) ? 0.9 : 0.25} stroke="none"><title>{path.name}</title></path
    >
  {/each}
  {#each strokes.slice(0, shown) as s, i (i)}
    <line
      x1={s.from[0]}
      y1={s.from[1]}
      x2={s.to[0]}
      y2={s.to[1]}
      stroke={s.cut ? inkOn(colour) : 'var(--color-quiet)'}
      stroke-width={s.cut ? line : line / 2}
      stroke-dasharray={s.cut ? '' : `${line * 2} ${line * 2}`}
    />
  {/each}
  {#if now}<circle
      cx={now.to[0]}
      cy={now.to[1]}
      r={line * 2.6}
      fill="var(--color-weld)"
      stroke="var(--color-ink)"
      stroke-width={line / 2}
    />{/if}
</svg>
<div class="no-print mt-2 flex items-center gap-4">
  <button class="btn" onclick={play}>{words.play}</button>
  <label class="flex flex-1 items-center gap-3"
    ><span class="text-note whitespace-nowrap text-quiet">{words.cutOf(shown, strokes.length)}</span>
    <input
      type="range"
      class="w-full accent-[var(--color-ink)]"
      min="0"
      max={strokes.length}
      value={shown}
      oninput={(e) => (chosen = Number(e.currentTarget.value))}
    /></label
  >
</div>
