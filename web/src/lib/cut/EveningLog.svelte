<!-- What a list took: the shop's own log, from which its minutes are told. -->
<script lang="ts">
  interface Props {
    /** By the rates and the shop's pace. */
    expected: number;
    /** As logged; null when nothing is. */
    minutes: number | null;
    pace: number;
    onlog: (minutes: number | null) => Promise<boolean>;
  }
  let { expected, minutes, pace, onlog }: Props = $props();
  let text = $state('');
  let trouble = $state('');
  const written = $derived(minutes === null ? '' : String(Math.round(minutes)));

  async function log(e: SubmitEvent) {
    e.preventDefault();
    const taken = text.trim() === '' ? null : Number(text);
    if (taken !== null && !(taken > 0 && taken <= 100_000)) return void (trouble = 'Minutes are a number above zero.');
    trouble = (await onlog(taken)) ? '' : 'The server does not answer; nothing was noted. Try again in a moment.';
    if (!trouble) text = '';
  }
</script>

<form class="mt-5" onsubmit={log} aria-label="What it took">
  <h2 class="border-b border-ink pb-1 text-lead">What it took</h2>
  <p class="mt-2 text-note text-quiet">
    About {Math.round(expected)} min, all hands together{pace === 1
      ? ', by rule of thumb'
      : `, at this shop’s own pace (${pace.toFixed(2)} × the rule of thumb)`}.{minutes === null
      ? ''
      : ` Noted: ${written} min.`}
  </p>
  <div class="mt-2 flex items-end gap-2">
    <label class="block"
      ><span class="text-note text-quiet">Minutes, all hands together</span>
      <input class="field w-28" inputmode="numeric" bind:value={text} placeholder={written} /></label
    >
    <button class="act shrink-0 whitespace-nowrap">Note it</button>
  </div>
  {#if trouble}<p class="mt-1 text-note text-madder" role="alert">{trouble}</p>{/if}
</form>
