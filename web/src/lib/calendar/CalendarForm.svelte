<!-- When things are done: the zone and the hour, the cadence, days away, hours a week, and days before a release. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import Setting from '$lib/look/Setting.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import type { CalendarFile } from '@aggrega/core/programme';
  import { isDay, releaseDays } from '@aggrega/core/running';

  const bench = useWorkbench();
  const { programme } = $derived(bench);
  const { calendar } = $derived(programme);
  const file = $derived(bench.saver.document.calendar);
  const locale = $derived(page.data.locale as string);

  function save(name: string, key: keyof CalendarFile, to: unknown) {
    if (!file) return bench.saver.do(words.calendar(name), [{ path: '/calendar', to: { [key]: to } }]);
    if (JSON.stringify(file[key]) !== JSON.stringify(to))
      bench.saver.do(words.calendar(name), [{ path: `/calendar/${key}`, from: file[key], to }]);
  }
  const zones = Intl.supportedValuesOf('timeZone');
  const zoneTrouble = (text: string) => {
    try {
      new Intl.DateTimeFormat('en', { timeZone: text });
      return text ? '' : words.chooseATimeZone;
    } catch {
      return words.weDontKnowThatTime;
    }
  };
  const DAYS = [
    ['house', words.fabricReceived],
    ['sample', words.testBlockSewn],
    ['proof', words.sheetProofed],
    ['cut', words.kitsCut],
    ['pack', words.kitsPacked],
  ] as const;
  const number = (most: number) => (text: string) =>
    /^\d+([.]\d+)?$/.test(text) && Number(text) <= most ? '' : words.typeANumberFrom0(most);
  const whole = (text: string) => (/^\d{1,3}$/.test(text) && Number(text) <= 365 ? '' : words.typeAWholeNumberOf);

  const cadence = $derived(calendar.cadence);
  const start = $derived(cadence?.start ?? programme.months.find((m) => m.release)?.release ?? page.data.today);
  const setCadence = (to: Partial<NonNullable<CalendarFile['cadence']>>) =>
    save('cadence', 'cadence', { kind: cadence?.kind ?? 'monthly', start, ...(cadence?.last && { last: true }), ...to });
  const days = $derived(releaseDays(calendar, programme.months.length));
  const differ = $derived(programme.months.filter((m, i) => days[i] && m.release !== days[i].day).length);
  function setDays() {
    const months = bench.saver.document.months ?? [];
    const changes = months.flatMap((m, i) =>
      days[i] && m.release !== days[i].day ? [{ path: `/months/${m.id}/release`, from: m.release, to: days[i].day }] : [],
    );
    bench.saver.do(words.releaseDatesByTheSchedule, changes);
  }

  let [from, to, name] = $state(['', '', '']);
  let trouble = $state('');
  function addAway(e: SubmitEvent) {
    e.preventDefault();
    const end = to || from;
    trouble = !isDay(from) || !isDay(end) ? words.chooseBothDates : end < from ? words.theLastDateIsBefore : '';
    if (trouble) return;
    const taken = new Set(calendar.away.map((a) => a.id));
    let n = 1;
    while (taken.has(`away-${n}`)) n += 1;
    save(words.daysOff2, 'away', [
      ...(file?.away ?? []),
      { id: `away-${n}`, from, to: end, ...(name.trim() && { name: name.trim() }) },
    ]);
    [from, to, name] = ['', '', ''];
  }
  const short = (iso: string) => dayText(iso, locale, 'plain');
</script>

<section class="mt-4" aria-label={words.schedule}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.schedule}</h2>
  <div class="mt-3 flex flex-col gap-3">
    <label class="block"
      ><span class="text-note text-quiet">{words.release}</span>
      <select
        class="select"
        value={cadence?.kind ?? ''}
        onchange={(e) => setCadence({ kind: e.currentTarget.value as 'weekly' })}
      >
        {#if !cadence}<option value="">{words.asSetForEachMonth}</option>{/if}
        <option value="weekly">{words.weekly}</option><option value="fortnightly">{words.fortnightly}</option><option
          value="monthly">{words.monthlyOnTheSameWeekday}</option
        >
      </select></label
    >
    <Setting
      name={words.firstRelease}
      type="date"
      value={start}
      trouble={(t) => (isDay(t) ? '' : words.chooseADate)}
      onset={(t) => setCadence({ start: t })}
    />
    {#if cadence?.kind === 'monthly'}
      <label class="flex cursor-pointer items-center gap-2"
        ><input
          type="checkbox"
          class="h-5 w-5 accent-ink"
          checked={cadence.last}
          onchange={(e) => setCadence({ last: e.currentTarget.checked })}
        />{words.onTheLastOneOf}</label
      >
    {/if}
    {#if cadence && differ > 0}
      <p>
        {words.ofMonthsHaveADifferent(differ, programme.months.length)}
        <button class="btn mt-1" onclick={setDays}>{words.applyScheduleToAllMonths}</button>
      </p>
    {/if}
    <div class="flex gap-3">
      <div class="w-24">
        <Setting
          name={words.time}
          value={calendar.time}
          trouble={(t) => (/^([01]\d|2[0-3]):[0-5]\d$/.test(t) ? '' : words.typeATimeLike09)}
          onset={(t) => save(words.timeOfRelease, 'time', t)}
        />
      </div>
      <label class="block min-w-0 flex-1"
        ><span class="text-note text-quiet">{words.timeZone}</span>
        <input
          class="input"
          list="zones"
          value={calendar.timeZone}
          onchange={(e) => {
            const text = e.currentTarget.value.trim();
            if (zoneTrouble(text)) e.currentTarget.value = calendar.timeZone;
            else save(words.timeZone2, 'timeZone', text);
          }}
        />
        <datalist id="zones"
          >{#each zones as zone (zone)}<option value={zone}></option>{/each}</datalist
        ></label
      >
    </div>
  </div>
</section>
<section class="mt-6" aria-label={words.daysOff}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.daysOff}</h2>
  {#if calendar.away.length === 0}<p class="mt-2 text-quiet">{words.noneNothingIsReleasedOr}</p>{/if}
  <ul>
    {#each calendar.away as a (a.id)}
      <li class="flex items-baseline gap-2 border-b border-rule py-1.5">
        <span class="mr-auto">{short(a.from)}{a.to === a.from ? '' : words.to(short(a.to))}{a.name ? `, ${a.name}` : ''}</span>
        <button
          class="link shrink-0 text-note"
          aria-label={words.remove(a.name || a.from)}
          onclick={() =>
            save(
              words.daysOff2,
              'away',
              (file?.away ?? []).filter((x) => x.id !== a.id),
            )}>{words.remove2}</button
        >
      </li>
    {/each}
  </ul>
  <form class="mt-2 flex flex-col gap-2" onsubmit={addAway}>
    <div class="flex flex-col gap-2">
      <label class="block"
        ><span class="text-note text-quiet">{words.from}</span><input
          class="input"
          type="date"
          bind:value={from}
          required
        /></label
      >
      <label class="block"
        ><span class="text-note text-quiet">{words.to2}</span><input class="input" type="date" bind:value={to} /></label
      >
    </div>
    <label class="block"
      ><span class="text-note text-quiet">{words.reason}</span><input class="input" maxlength="120" bind:value={name} /></label
    >
    {#if trouble}<p class="text-note text-madder" role="alert">{trouble}</p>{/if}
    <p><button class="btn">{words.addDaysOff}</button></p>
  </form>
</section>
<section class="mt-6" aria-label={words.theWorkBeforeARelease}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.beforeARelease}</h2>
  <div class="mt-3 flex flex-col gap-3">
    <Setting
      name={words.hoursAWeekForCutting}
      value={String(calendar.hours)}
      trouble={number(1000)}
      onset={(t) => save(words.hoursAWeek, 'hours', Number(t))}
    />
    {#each DAYS as [key, says] (key)}
      <Setting
        name={words.daysBefore(says)}
        value={String(calendar.days[key])}
        trouble={whole}
        onset={(t) => save(says, 'days', { ...file?.days, [key]: Number(t) })}
      />
    {/each}
    <Setting
      name={words.minutesToPackAKit2}
      value={String(programme.money.packMinutes)}
      trouble={number(1000)}
      onset={(t) => {
        const { money } = bench.saver.document;
        const change = money
          ? { path: '/money/packMinutes', from: money.packMinutes, to: Number(t) }
          : { path: '/money', to: { packMinutes: Number(t) } };
        bench.saver.do(words.minutesToPackAKit, [change]);
      }}
    />
  </div>
</section>
