<!-- A way to catch up, week by week, for as many hours as she has. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import type { ParticipantView } from '$lib/server/participant-page/participant-page';
  import { progressNames, progressSteps } from '@aggrega/core/running';

  let { view }: { view: ParticipantView } = $props();
  let hours = $state(3);
  const toDo = $derived(view.months.filter((m) => m.done.length < progressSteps.length));
  const weeks = $derived(view.catchingUp.find((way) => way.hours === hours)?.weeks ?? []);
  const minutes = (n: number) => (n < 60 ? words.min(Math.max(5, Math.round(n / 5) * 5)) : words.h(Math.round(n / 6) / 10));
</script>

{#if view.catchingUp.length > 0}
  <section aria-label={words.catchingUp} class="mt-8">
    <h2 class="border-b-2 border-ink pb-1 text-head">{words.catchingUp}</h2>
    <p class="mt-3">
      {words.youHaveMonthsToFinish(toDo.length)}
      <select class="select w-auto" bind:value={hours} aria-label={words.hoursAWeek}>
        {#each view.catchingUp as { hours: h } (h)}<option value={h}>{h} {words.hours(h)}</option>{/each}
      </select>
      {words.aWeek(weeks.length === 1 ? words.youCanFinishThisWeek : words.thatIsAboutWeeks(weeks.length))}
    </p>
    <ol class="mt-2">
      {#each weeks as week, i (week.from)}
        <li class="flex gap-4 border-b border-rule py-1.5">
          <span class="w-28 shrink-0 text-quiet"
            >{i === 0 ? words.thisWeek : words.from(dayText(week.from, page.data.locale, 'plain'))}</span
          >
          <span
            >{#each week.parts as part, j (j)}{j ? ', ' : ''}{part.month}: {progressNames[part.step]} ({minutes(
                part.minutes,
              )}){/each}</span
          >
        </li>
      {/each}
    </ol>
    <p class="mt-1 text-note text-quiet">{words.timesAreEstimates}</p>
  </section>
{/if}
