<!-- Measuring help on her own page: what her sizes say of her seam. Nothing of it is sent unless she sends it. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import { near } from '$lib/look/near';
  import Say from '$lib/look/Say.svelte';
  import type { ParticipantView } from '$lib/server/participant-page/participant-page';
  import type MeasureOwn from './MeasureOwn.svelte';
  import type { Own } from './own.svelte';

  let { view, own }: { view: ParticipantView; own: Own } = $props();
  const nameOf = (id: string) => view.months.find((m) => m.id === id)?.name ?? words.noMonth;
  /** What reckons with lengths is loaded by whoever scrolls here. */
  let Measures: typeof MeasureOwn | undefined = $state.raw();
  const load = async () => (Measures = (await import('./MeasureOwn.svelte')).default);
</script>

<section aria-label={words.isMySeamRight} class="mt-8">
  <h2 class="border-b-2 border-ink pb-1 text-head">{words.isMySeamRight}</h2>
  <p class="mt-2 mb-2 text-quiet">
    {words.sewAndPressARow}
  </p>
  {#if Measures}<Measures {view} {own} />{:else}<div {@attach near(() => void load())}></div>{/if}
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
