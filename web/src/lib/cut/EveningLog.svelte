<!-- What a list took: the shop's own log, from which its minutes are told. -->
<script lang="ts">
  import { words } from './words';
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
    if (taken !== null && !(taken > 0 && taken <= 100_000)) return void (trouble = words.typeANumberOfMinutes);
    trouble = (await onlog(taken)) ? '' : words.weCantReachTheServer;
    if (!trouble) text = '';
  }
</script>

<form class="mt-5" onsubmit={log} aria-label={words.timeTaken}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.timeTaken}</h2>
  <p class="mt-2 text-note text-quiet">
    {words.estimateMinutesInTotal(
      Math.round(expected),
      pace === 1 ? '' : words.atYourOwnPaceOur(pace.toFixed(2)),
      minutes === null ? '' : words.recordedMin(written),
    )}
  </p>
  <div class="mt-2 flex items-end gap-2">
    <label class="block"
      ><span class="text-note text-quiet">{words.minutesInTotalAllPeople}</span>
      <input class="input w-28" inputmode="numeric" bind:value={text} placeholder={written} /></label
    >
    <button class="btn shrink-0 whitespace-nowrap">{words.save}</button>
  </div>
  {#if trouble}<p class="mt-1 text-note text-madder" role="alert">{trouble}</p>{/if}
</form>
