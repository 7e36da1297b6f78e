<!-- How her sheets are set, on her page, in print and by mail. -->
<script lang="ts">
  import type { ParticipantView } from '$lib/server/participant-page/participant-page';
  import type { Own } from './own.svelte';

  let { view, own }: { view: ParticipantView; own: Own } = $props();
  const asked = $derived(new URLSearchParams(view.sheet));
  const FLAGS = [
    ['large', 'large print'],
    ['left', 'drawings for left hands'],
    ['rulers', 'every size drawn on a ruler'],
    ['uncoloured', 'pictures to colour in'],
  ] as const;

  function set(name: string, value: string) {
    const next = new URLSearchParams(view.sheet);
    if (value) next.set(name, value);
    else next.delete(name);
    void own.do({ deed: 'sheet', sheet: next.toString() });
  }
</script>

<section aria-label="Sheet settings" class="mt-8">
  <h2 class="border-b-2 border-ink pb-1 text-head">Sheet settings</h2>
  <div class="mt-2 flex flex-wrap gap-x-5">
    {#each FLAGS as [name, says] (name)}
      <label class="flex min-h-11 cursor-pointer items-center gap-2">
        <input
          type="checkbox"
          class="h-6 w-6 accent-ink"
          checked={asked.get(name) === '1'}
          onchange={(e) => set(name, e.currentTarget.checked ? '1' : '')}
        />{says}
      </label>
    {/each}
  </div>
  <label class="mt-2 block w-72"
    ><span class="text-note text-quiet">Fabric that a later month needs</span>
    <select class="field" value={asked.get('keep') ?? ''} onchange={(e) => set('keep', e.currentTarget.value)}
      ><option value="">as my kit says</option><option value="cut">I cut it now and bag it</option><option value="whole"
        >I keep it whole and cut it later</option
      ></select
    ></label
  >
  <label class="mt-2 block w-56"
    ><span class="text-note text-quiet">Detail</span>
    <select class="field" value={asked.get('level') ?? ''} onchange={(e) => set('level', e.currentTarget.value)}
      ><option value="">standard</option><option value="new">beginner: every step explained</option><option value="versed"
        >experienced: numbers and diagrams</option
      ></select
    ></label
  >
</section>
