<!-- How her sheets are set, on her page, in print and by mail. -->
<script lang="ts">
  import { words } from './words';
  import type { ParticipantView } from '$lib/server/participant-page/participant-page';
  import type { Own } from './own.svelte';

  let { view, own }: { view: ParticipantView; own: Own } = $props();
  const asked = $derived(new URLSearchParams(view.sheet));
  const FLAGS = [
    ['large', words.largePrint],
    ['left', words.drawingsForLeftHands],
    ['rulers', words.everySizeDrawnOnA],
    ['uncoloured', words.picturesToColourIn],
  ] as const;

  function set(name: string, value: string) {
    const next = new URLSearchParams(view.sheet);
    if (value) next.set(name, value);
    else next.delete(name);
    return own.do({ deed: 'sheet', sheet: next.toString() });
  }
  // The whole page speaks it from then on.
  async function setEnglish(english: string) {
    if (await set('english', english)) location.reload();
  }
</script>

<section aria-label={words.sheetSettings} class="mt-8">
  <h2 class="border-b-2 border-ink pb-1 text-head">{words.sheetSettings}</h2>
  <div class="mt-2 flex flex-wrap gap-x-5">
    {#each FLAGS as [name, says] (name)}
      <label class="flex min-h-11 cursor-pointer items-center gap-2">
        <input
          type="checkbox"
          class="h-6 w-6 accent-ink"
          checked={asked.get(name) === '1'}
          onchange={(e) => void set(name, e.currentTarget.checked ? '1' : '')}
        />{says}
      </label>
    {/each}
  </div>
  <label class="mt-2 block w-72"
    ><span class="text-note text-quiet">{words.fabricThatALaterMonth}</span>
    <select class="select" value={asked.get('keep') ?? ''} onchange={(e) => set('keep', e.currentTarget.value)}
      ><option value="">{words.asMyKitSays}</option><option value="cut">{words.iCutItNowAnd}</option><option value="whole"
        >{words.iKeepItWholeAnd}</option
      ></select
    ></label
  >
  <label class="mt-2 block w-56"
    ><span class="text-note text-quiet">{words.english}</span>
    <select class="select" value={asked.get('english') ?? ''} onchange={(e) => void setEnglish(e.currentTarget.value)}
      ><option value="">{words.asEveryoneElse}</option><option value="british"
        >{words.british('13 March, grey, wadding')}</option
      ><option value="american">{words.american('March 13, gray, batting')}</option></select
    ></label
  >
  <label class="mt-2 block w-56"
    ><span class="text-note text-quiet">{words.detail}</span>
    <select class="select" value={asked.get('level') ?? ''} onchange={(e) => set('level', e.currentTarget.value)}
      ><option value="">{words.standard}</option><option value="new">{words.beginnerEveryStepExplained}</option><option
        value="versed">{words.experiencedNumbersAndDiagrams}</option
      ></select
    ></label
  >
</section>
