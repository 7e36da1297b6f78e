<!-- How often, how many times and from when a programme is released, and in which colourways. -->
<script lang="ts">
  import { words } from './words';
  import Field from '$lib/look/Field.svelte';
  import type { YearDraft } from './year-draft.svelte';

  let { year, most = 60 }: { year: YearDraft; most?: number } = $props();
</script>

<label class="block"
  ><span class="block text-note text-quiet">{words.release}</span>
  <select class="select" bind:value={year.kind}
    ><option value="monthly">{words.monthly}</option><option value="fortnightly">{words.fortnightly}</option><option
      value="weekly">{words.weekly}</option
    ></select
  ></label
>
<Field label={words.numberOfReleases} type="number" min="1" max={most} bind:value={year.months} />
<Field label={words.firstRelease} type="date" bind:value={year.start} />
<label class="block"
  ><span class="block text-note text-quiet">{words.measuredIn}</span>
  <select class="select" bind:value={year.unit}
    ><option value="in">{words.inches}</option><option value="cm">{words.centimetres}</option></select
  ></label
>
<Field
  label={words.colourwaysSeparateWithCommas}
  bind:value={year.colourways}
  placeholder={words.frostHarvestDusk}
  required={false}
  maxlength={300}
/>
<Field
  label={words.fabricsInEachColourwayA(year.letters, String.fromCharCode(64 + year.letters))}
  type="number"
  min="2"
  max="8"
  bind:value={year.letters}
/>
