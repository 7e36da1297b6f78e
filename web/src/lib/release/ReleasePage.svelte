<!-- Release: looked at, frozen, scheduled, out; and afterwards who holds what, and corrections. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import Holders from './Holders.svelte';
  import ProofList from './ProofList.svelte';
  import { ReleaseDesk } from './desk.svelte';
  import { dayText, format } from '$lib/look/day-text';
  import MonthFrame from '$lib/frame/MonthFrame.svelte';
  import ChangesSince from '$lib/look/ChangesSince.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { untrack, type Snippet } from 'svelte';
  import type { ReleasePage as Found } from '$lib/server/release/releases';

  let { data, versions }: { data: { found: Found }; versions: Snippet<[month: string]> } = $props();
  const bench = useWorkbench();
  /** A text, so that what is loaded anew for the same month makes no new desk. */
  const id = $derived(page.params.month!);
  const month = $derived(bench.monthOrEmpty(id));
  const desk = $derived.by(() => {
    const own = id;
    return untrack(() => new ReleaseDesk(bench.slug, own, data.found));
  });
  const { release, points, since, minute, holders, mails } = $derived(desk.found);
  const { calendar } = $derived(bench.programme);
  let sure = $state(false);
  $effect(() => {
    // What is saved changes what is to be looked at.
    void bench.saver.revision;
    void untrack(() => desk).look();
  });
  $effect(() => {
    // The clock releases it without anybody here.
    if (release?.state !== 'scheduled' && !mails.waiting && !mails.sending) return;
    const timer = setInterval(() => void desk.look(), 3000);
    return () => clearInterval(timer);
  });
  const at = (when: Date | string) =>
    format(page.data.locale, { dateStyle: 'full', timeStyle: 'short', timeZone: calendar.timeZone }).format(new Date(when));
  const draftState = $derived(release?.state ?? 'draft');
  const STATES = [
    ['draft', words.draft],
    ['proofed', words.proofed],
    ['scheduled', words.scheduled],
    ['released', words.released],
  ] as const;
  const reached = $derived(STATES.findIndex(([id]) => id === draftState));
  const inMail = $derived(Object.values(mails).reduce((a, b) => a + b, 0));
</script>

<MonthFrame>
  <ol class="flex flex-wrap gap-x-1" aria-label={words.stateOfTheRelease}>
    {#each STATES as [id, name], i (id)}
      <li
        class="border-t-4 px-3 py-1.5 {i === reached
          ? 'border-weld font-semibold'
          : i < reached
            ? 'border-walnut text-walnut'
            : 'border-rule text-quiet'}"
        aria-current={i === reached ? 'step' : undefined}
      >
        {name}
      </li>
    {/each}
  </ol>
  {#if desk.trouble}<p class="mt-4 text-madder" role="alert">{desk.trouble}</p>{/if}

  {#if draftState === 'draft'}
    <h2 class="mt-5 mb-2 text-head">{words.checkItBeforeAnyoneCuts}</h2>
    <ProofList {points} working={desk.working} onproofed={(checks) => void desk.step({ step: 'proof', checks })} />
  {:else if draftState !== 'released'}
    <p class="mt-5 max-w-prose text-lead">
      {words.versionWasProofedAndLocked(release!.version, at(release!.proofed))}
      {#if draftState === 'scheduled'}{words.itWillBeReleasedOn} <b>{at(release!.due!)}</b>
        {words.time(calendar.timeZone)}{:else if minute}{words.itsReleaseDateIs} <b>{at(minute)}</b>.{/if}
    </p>
    {#if draftState === 'scheduled' && release!.tries > 0}
      <p class="mt-3 max-w-prose border-l-4 border-madder pl-4" role="alert">{words.itCouldNotGoOutYet}</p>
    {/if}
    {#if release?.due && minute && new Date(minute).getTime() !== release.due.getTime()}
      <p class="mt-3 max-w-prose border-l-4 border-weld pl-4">
        {words.itsReleaseDateHasChanged(at(minute))}
        <button class="link" onclick={() => void desk.step({ step: 'schedule' })}>{words.scheduleForThen}</button>
      </p>
    {/if}
    {#if since.length > 0}
      <div class="mt-4 border-l-4 border-weld pl-4">
        <p>{words.theDraftHasChangedSince}</p>
        <ChangesSince {since} />
      </div>
    {/if}
    <p class="mt-5 flex flex-wrap gap-2">
      {#if draftState === 'proofed'}
        <button class="btn btn-primary" disabled={desk.working} onclick={() => void desk.step({ step: 'schedule' })}
          >{words.schedule}</button
        >
      {:else}
        <button class="btn" disabled={desk.working} onclick={() => void desk.step({ step: 'unschedule' })}
          >{words.cancelSchedule}</button
        >
      {/if}
      {#if sure}
        <button
          class="btn btn-primary"
          disabled={desk.working}
          onclick={() => {
            sure = false;
            void desk.step({ step: 'now' });
          }}>{words.releaseNowThisCantBe}</button
        >
        <button class="btn" onclick={() => (sure = false)}>{words.cancel}</button>
      {:else}
        <button class="btn" disabled={desk.working} onclick={() => (sure = true)}>{words.releaseNow}</button>
      {/if}
      <button class="btn" disabled={desk.working} onclick={() => void desk.step({ step: 'redraft' })}
        >{since.length > 0 ? words.proofItAgain : words.backToDraft}</button
      >
    </p>
  {:else}
    <p class="mt-5 max-w-prose text-lead">
      {words.releasedOnEveryoneSeesVersion(at(release!.released!), release!.version)}
    </p>
    {#if since.length > 0}
      <p class="mt-3 max-w-prose border-l-4 border-weld pl-4">
        {words.theDraftHasChangedSinceRelease}
      </p>
    {/if}
    <Holders
      {holders}
      version={release!.version}
      onhand={(participant) => void desk.step({ step: 'hand', participant })}
      onlate={() => void desk.step({ step: 'late' })}
    />
  {/if}
  {#snippet side()}
    <section aria-label={words.emails}>
      <h2 class="border-b border-ink pb-1 text-lead">{words.emails}</h2>
      {#if inMail === 0}
        <p class="mt-2 text-quiet">
          {draftState === 'released' ? words.noParticipantHadAnEmail : words.onReleaseEveryoneWithAn}
        </p>
      {:else}
        <dl>
          {#each [['sent', 'sent'], ['waiting', 'queued'], ['sending', 'sending'], ['failed', 'failed']] as const as [id, name] (id)}
            {#if mails[id]}
              <div class="flex border-b border-rule py-1.5 {id === 'failed' ? 'text-madder' : ''}">
                <dt class="mr-auto">{name}</dt>
                <dd class="numeral">{mails[id]}</dd>
              </div>
            {/if}
          {/each}
        </dl>
        <p class="mt-2"><a class="link" href="/programmes/{bench.slug}/post?month={month.id}">{words.seeTheEmails}</a></p>
      {/if}
    </section>
    {@render versions(month.id)}
    {#if month.release}
      <p class="mt-4 text-note text-quiet">
        {words.releaseDateChangeItUnder(dayText(month.release, page.data.locale))}
      </p>
    {/if}
  {/snippet}
</MonthFrame>
