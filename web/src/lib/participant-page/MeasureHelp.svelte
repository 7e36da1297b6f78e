<!-- Measuring help on her own page: what her sizes say of her seam. Nothing of it is sent unless she sends it. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import MeasureForm from '$lib/look/MeasureForm.svelte';
  import Say from '$lib/look/Say.svelte';
  import { readSizes, type WrittenSize } from '@aggrega/core/running';
  import type { ParticipantView } from '$lib/server/participant-page/participant-page';
  import type { Own } from './own.svelte';

  let { view, own }: { view: ParticipantView; own: Own } = $props();
  const blank = (): WrittenSize[] => [{ what: '', seams: 1, expected: '', measured: '', before: '' }];
  let sizes: WrittenSize[] = $state(blank());
  let month: string | undefined = $state();
  const chosen = $derived(month ?? view.months.at(-1)?.id ?? '');
  const nameOf = (id: string) => view.months.find((m) => m.id === id)?.name ?? words.noMonth;
  const written = $derived(sizes.filter((s) => readSizes([s], view.unit).length > 0));

  async function send() {
    const whole = written.map((s) => ({ ...$state.snapshot(s), seams: Math.round(s.seams) || 0 }));
    if (await own.do({ deed: 'measured', month: chosen, sizes: whole })) sizes = blank();
  }
</script>

<section aria-label={words.isMySeamRight} class="mt-8">
  <h2 class="border-b-2 border-ink pb-1 text-head">{words.isMySeamRight}</h2>
  <p class="mt-2 mb-2 text-quiet">
    {words.sewAndPressARow}
  </p>
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
  {#if view.measurements.length > 0}
    <h3 class="mt-4 font-semibold">{words.youHaveSent}</h3>
    <ul>
      {#each view.measurements as sent (sent.id)}
        <li class="flex flex-wrap gap-x-3 border-b border-rule py-1.5">
          <span class="mr-auto"
            >{nameOf(sent.month)}, {dayText(new Date(sent.sent).toISOString().slice(0, 10), page.data.locale)}: <Say
              text={sent.sizes.map((s) => `${s.what ? `${s.what} ` : ''}${s.measured} ${view.unit}`).join('; ')}
            /></span
          >
          <button class="link text-note" onclick={() => void own.do({ deed: 'measured back', measurement: sent.id })}
            >{words.takeBack}</button
          >
        </li>
      {/each}
    </ul>
  {/if}
</section>
