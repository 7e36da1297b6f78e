<!-- Where a participant writes down what she measured, and sends it if she likes. -->
<script lang="ts">
  import { words } from './words';
  import MeasureForm from '$lib/look/MeasureForm.svelte';
  import { readSizes, type WrittenSize } from '@aggrega/core/running';
  import type { ParticipantView } from '$lib/server/participant-page/participant-page';
  import type { Own } from './own.svelte';

  let { view, own }: { view: ParticipantView; own: Own } = $props();
  const blank = (): WrittenSize[] => [{ what: '', seams: 1, expected: '', measured: '', before: '' }];
  let sizes: WrittenSize[] = $state(blank());
  let month: string | undefined = $state();
  const chosen = $derived(month ?? view.months.at(-1)?.id ?? '');
  const written = $derived(sizes.filter((s) => readSizes([s], view.unit).length > 0));

  async function send() {
    const whole = written.map((s) => ({ ...$state.snapshot(s), seams: Math.round(s.seams) || 0 }));
    if (await own.do({ deed: 'measured', month: chosen, sizes: whole })) sizes = blank();
  }
</script>

<MeasureForm bind:sizes seam={view.seam} unit={view.unit} />
{#if written.length > 0}
  <div class="mt-3 flex flex-wrap items-end gap-3">
    <label class="block"
      ><span class="block text-note text-quiet">{words.measuredIn}</span>
      <select class="select w-auto" value={chosen} onchange={(e) => (month = e.currentTarget.value)}
        >{#each view.months as m (m.id)}<option value={m.id}>{m.name}</option>{/each}<option value="">{words.noMonth}</option
        ></select
      ></label
    >
    <button class="btn" disabled={own.working} onclick={() => void send()}>{words.sendToTheOrganiser}</button>
  </div>
{/if}
