<!-- The months that are out, each with how far she is; then what is still to come. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import type { ParticipantView, ShownMonth } from '$lib/server/participant-page/participant-page';
  import { progressNames, progressSteps } from '@aggrega/core/running';
  import { READER } from './words';
  import type { Own } from './own.svelte';

  let { view, key, own }: { view: ParticipantView; key: string; own: Own } = $props();
  const locale = $derived(page.data.locale as string);
  const day = (at: Date) => dayText(at.toISOString().slice(0, 10), locale);
  const KIT = { 'to come': '', ready: words.kitReadyForYou, handed: words.youHaveYourKit, none: '' };
  const all = (month: ShownMonth) => month.done.length === progressSteps.length;
</script>

<section aria-label={words.theMonths} class="mt-6">
  <h2 class="border-b-2 border-ink pb-1 text-head">{words.theMonths}</h2>
  {#if view.months.length === 0}
    <p class="mt-3 text-lead">
      {words.nothingHasBeenReleasedYet(view.ahead[0] ? words.theFirstMonthComesOut(dayText(view.ahead[0].day, locale)) : '')}
    </p>
  {/if}
  <ol>
    {#each [...view.months].reverse() as month (month.id)}
      <li class="border-b border-rule py-3" data-month={month.id}>
        <div class="flex flex-wrap items-baseline gap-x-3">
          <h3 class="mr-auto text-lead">{month.name}</h3>
          {#if KIT[month.kit]}<span class="text-note">{KIT[month.kit]}</span>{/if}
          <span class="text-note text-quiet">{words.released(day(month.released))}</span>
        </div>
        {#if month.held > 0 && month.held < month.version}
          <p class="mt-1 border-l-4 border-weld pl-2">
            {words.thisSheetHasBeenCorrected(month.version, month.held)}
          </p>
        {/if}
        {#if month.homework && !all(month)}<p class="mt-1 text-quiet">{words.beforeTheNextMonth(month.homework)}</p>{/if}
        <div class="mt-2 flex flex-wrap items-center gap-2">
          <a class="btn {all(month) ? '' : 'btn-primary'}" href="/p/{key}/months/{month.id}">{words.openTheSheet}</a>
          <a class="btn" href="/p/{key}/months/{month.id}/steps">{READER.open}</a>
          <a class="btn" href="/p/{key}/months/{month.id}/files/sheet.pdf" download>{words.pdf}</a>
          <fieldset class="flex flex-wrap gap-x-4" aria-label={words.howFarWith(month.name)}>
            {#each progressSteps as step (step)}
              <label class="flex min-h-11 cursor-pointer items-center gap-2">
                <input
                  type="checkbox"
                  class="h-6 w-6 accent-ink"
                  checked={month.done.includes(step)}
                  onchange={(e) => void own.do({ deed: 'tick', month: month.id, step, done: e.currentTarget.checked })}
                />{progressNames[step]}
              </label>
            {/each}
          </fieldset>
        </div>
      </li>
    {/each}
  </ol>
  {#if view.ahead.length > 0}
    <p class="mt-3 text-quiet">
      {words.stillToCome}
      {#each view.ahead as { number, day: on }, i (number)}{words.monthOn(i ? '; ' : '', number, dayText(on, locale))}{/each}.
    </p>
  {/if}
</section>
