<!-- The steps as marks on a tape, to walk along: drag the slider, press the arrow keys, or touch a mark. -->
<script lang="ts">
  import { words } from './words';
  interface Props {
    names: string[];
    here: number;
    ongo: (step: number) => void;
  }
  let { names, here, ongo }: Props = $props();
</script>

<div class="no-print flex items-center gap-3">
  <button class="btn" aria-label={words.theStepBefore} disabled={here === 0} onclick={() => ongo(here - 1)}>←</button>
  <div class="min-w-0 flex-1">
    <input
      type="range"
      class="track w-full"
      min="0"
      max={names.length - 1}
      value={here}
      aria-label={words.step}
      aria-valuetext={words.stepOf(names[here], here + 1, names.length)}
      oninput={(e) => ongo(Number(e.currentTarget.value))}
    />
    <div class="flex justify-between text-note text-quiet">
      <span>{names[0]}</span>
      <span class="text-ink"><b>{names[here]}</b>{words.stepOf2(here + 1, names.length)}</span>
      <span>{names.at(-1)}</span>
    </div>
  </div>
  <button class="btn" aria-label={words.theNextStep} disabled={here === names.length - 1} onclick={() => ongo(here + 1)}
    >→</button
  >
</div>

<style>
  .track {
    appearance: none;
    height: 1.4rem;
    background: repeating-linear-gradient(to right, var(--color-ink) 0 1px, transparent 1px 2.5%) bottom / 100% 0.5rem no-repeat;
    border-bottom: 2px solid var(--color-ink);
  }
  .track::-webkit-slider-thumb {
    appearance: none;
    width: 0.9rem;
    height: 1.4rem;
    background: var(--color-weld);
    border: 1px solid var(--color-ink);
  }
  .track::-moz-range-thumb {
    width: 0.9rem;
    height: 1.4rem;
    border-radius: 0;
    background: var(--color-weld);
    border: 1px solid var(--color-ink);
  }
</style>
