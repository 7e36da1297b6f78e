<!-- When things are done: the zone and the hour, the cadence, days away, hours a week, and days before a release. -->
<script lang="ts">
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
    if (!file) return bench.saver.do(`calendar, ${name}`, [{ path: '/calendar', to: { [key]: to } }]);
    if (JSON.stringify(file[key]) !== JSON.stringify(to))
      bench.saver.do(`calendar, ${name}`, [{ path: `/calendar/${key}`, from: file[key], to }]);
  }
  const zones = Intl.supportedValuesOf('timeZone');
  const zoneTrouble = (text: string) => {
    try {
      new Intl.DateTimeFormat('en', { timeZone: text });
      return text ? '' : 'A zone is needed.';
    } catch {
      return 'There is no such zone; write it like Europe/London.';
    }
  };
  const DAYS = [
    ['house', 'fabric in the house'],
    ['sample', 'sample sewn'],
    ['proof', 'sheet proofed'],
    ['cut', 'kits cut'],
    ['pack', 'kits packed'],
  ] as const;
  const number = (most: number) => (text: string) =>
    /^\d+([.]\d+)?$/.test(text) && Number(text) <= most ? '' : `A number from 0 to ${most}.`;
  const whole = (text: string) => (/^\d{1,3}$/.test(text) && Number(text) <= 365 ? '' : 'A whole number of days, to 365.');

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
    bench.saver.do('the release days, by the cadence', changes);
  }

  let [from, to, name] = $state(['', '', '']);
  let trouble = $state('');
  function addAway(e: SubmitEvent) {
    e.preventDefault();
    const end = to || from;
    trouble = !isDay(from) || !isDay(end) ? 'Both days are needed.' : end < from ? 'The last day is before the first.' : '';
    if (trouble) return;
    const taken = new Set(calendar.away.map((a) => a.id));
    let n = 1;
    while (taken.has(`away-${n}`)) n += 1;
    save('days away', 'away', [
      ...(file?.away ?? []),
      { id: `away-${n}`, from, to: end, ...(name.trim() && { name: name.trim() }) },
    ]);
    [from, to, name] = ['', '', ''];
  }
  const short = (iso: string) => dayText(iso, locale).replace(/ \d{4}$/, '');
</script>

<section class="mt-4" aria-label="The cadence">
  <h2 class="border-b border-ink pb-1 text-lead">The cadence</h2>
  <div class="mt-3 flex flex-col gap-3">
    <label class="block"
      ><span class="text-note text-quiet">A release</span>
      <select
        class="field"
        value={cadence?.kind ?? ''}
        onchange={(e) => setCadence({ kind: e.currentTarget.value as 'weekly' })}
      >
        {#if !cadence}<option value="">as each month says</option>{/if}
        <option value="weekly">every week</option><option value="fortnightly">every second week</option><option value="monthly"
          >every month, on its weekday</option
        >
      </select></label
    >
    <Setting
      name="The first one"
      type="date"
      value={start}
      trouble={(t) => (isDay(t) ? '' : 'A day is needed.')}
      onset={(t) => setCadence({ start: t })}
    />
    {#if cadence?.kind === 'monthly'}
      <label class="flex cursor-pointer items-center gap-2"
        ><input
          type="checkbox"
          class="h-5 w-5 accent-ink"
          checked={cadence.last}
          onchange={(e) => setCadence({ last: e.currentTarget.checked })}
        />on the last one of the month</label
      >
    {/if}
    {#if cadence && differ > 0}
      <p>
        {differ} of {programme.months.length} months have another day.
        <button class="act mt-1" onclick={setDays}>Set all days by the cadence</button>
      </p>
    {/if}
    <div class="flex gap-3">
      <div class="w-24">
        <Setting
          name="At"
          value={calendar.time}
          trouble={(t) => (/^([01]\d|2[0-3]):[0-5]\d$/.test(t) ? '' : 'A time, like 09:00.')}
          onset={(t) => save('time of release', 'time', t)}
        />
      </div>
      <label class="block min-w-0 flex-1"
        ><span class="text-note text-quiet">Where the clock is</span>
        <input
          class="field"
          list="zones"
          value={calendar.timeZone}
          onchange={(e) => {
            const text = e.currentTarget.value.trim();
            if (zoneTrouble(text)) e.currentTarget.value = calendar.timeZone;
            else save('time zone', 'timeZone', text);
          }}
        />
        <datalist id="zones"
          >{#each zones as zone (zone)}<option value={zone}></option>{/each}</datalist
        ></label
      >
    </div>
  </div>
</section>
<section class="mt-6" aria-label="Days away">
  <h2 class="border-b border-ink pb-1 text-lead">Days away</h2>
  {#if calendar.away.length === 0}<p class="mt-2 text-quiet">None. On days away nothing is released and nobody cuts.</p>{/if}
  <ul>
    {#each calendar.away as a (a.id)}
      <li class="flex items-baseline gap-2 border-b border-rule py-1.5">
        <span class="mr-auto">{short(a.from)}{a.to === a.from ? '' : ` to ${short(a.to)}`}{a.name ? `, ${a.name}` : ''}</span>
        <button
          class="plain text-note"
          aria-label="Take out {a.name || a.from}"
          onclick={() =>
            save(
              'days away',
              'away',
              (file?.away ?? []).filter((x) => x.id !== a.id),
            )}>out</button
        >
      </li>
    {/each}
  </ul>
  <form class="mt-2 flex flex-col gap-2" onsubmit={addAway}>
    <div class="flex flex-col gap-2">
      <label class="block"
        ><span class="text-note text-quiet">From</span><input class="field" type="date" bind:value={from} required /></label
      >
      <label class="block"
        ><span class="text-note text-quiet">To</span><input class="field" type="date" bind:value={to} /></label
      >
    </div>
    <label class="block"
      ><span class="text-note text-quiet">What is on</span><input class="field" maxlength="120" bind:value={name} /></label
    >
    {#if trouble}<p class="text-note text-madder" role="alert">{trouble}</p>{/if}
    <p><button class="act">Add days away</button></p>
  </form>
</section>
<section class="mt-6" aria-label="The work before a release">
  <h2 class="border-b border-ink pb-1 text-lead">Before a release</h2>
  <div class="mt-3 flex flex-col gap-3">
    <Setting
      name="Hours a week for cutting and packing, all hands together"
      value={String(calendar.hours)}
      trouble={number(1000)}
      onset={(t) => save('hours a week', 'hours', Number(t))}
    />
    {#each DAYS as [key, says] (key)}
      <Setting
        name="Days before: {says}"
        value={String(calendar.days[key])}
        trouble={whole}
        onset={(t) => save(says, 'days', { ...file?.days, [key]: Number(t) })}
      />
    {/each}
    <Setting
      name="Minutes to pack a kit"
      value={String(programme.money.packMinutes)}
      trouble={number(1000)}
      onset={(t) => {
        const { money } = bench.saver.document;
        const change = money
          ? { path: '/money/packMinutes', from: money.packMinutes, to: Number(t) }
          : { path: '/money', to: { packMinutes: Number(t) } };
        bench.saver.do('minutes to pack a kit', [change]);
      }}
    />
  </div>
</section>
