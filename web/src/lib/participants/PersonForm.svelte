<!-- One person of the roster: every field saves itself; her link, her data, and the way out. -->
<script lang="ts">
  import { trySendOnce } from '$lib/ask/send-once';
  import { words } from './words';
  import { page } from '$app/state';
  import Setting from '$lib/look/Setting.svelte';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import { kitKinds } from '@aggrega/core/programme';
  import { handings, isDay, rosterStates, stateNames, type Person } from '@aggrega/core/running';
  import { handingNames, kitName, personChange, stateChange } from './field-words';
  import type { Roster } from './roster.svelte';

  interface Props {
    person: Person;
    roster: Roster;
    onclose: () => void;
  }
  let { person, roster, onclose }: Props = $props();
  const bench = useWorkbench();
  const { programme } = $derived(bench);
  let link = $state('');
  let told = $state('');
  let pin = $state(false);
  let code = $state('');
  let codeNote = $state('');
  let erasing = $state(false);

  const save = (name: string, to: Partial<Omit<Person, 'id'>>) =>
    void roster.do(`${person.name}, ${name}`, [personChange(person, to)]);
  const faults = $derived(roster.faults.filter((f) => f.id === person.id));
  const day = (text: string) => (text === '' || isDay(text) ? '' : words.aDateLike202704);

  async function showLink(renew: boolean) {
    const answer = await fetch(`${roster.address}/${person.id}/link`, { method: renew ? 'POST' : 'GET' }).catch(
      () => undefined,
    );
    if (!answer?.ok) {
      told = words.theLinkCouldNotBe;
      return;
    }
    ({ link, pin } = (await answer.json()) as { link: string; pin: boolean });
    told = renew ? words.theOldLinkOpensNothing : '';
  }
  async function makeCode() {
    const answer = await trySendOnce(`${roster.address}/${person.id}/code`);
    if (!answer?.ok) return void (told = words.theCodeCouldNotBe);
    const made = (await answer.json()) as { code: string; minutes: number };
    [code, codeNote, told] = [made.code, words.readThisOut(`${location.origin}/p`, made.minutes), ''];
  }
  async function removePin() {
    const answer = await trySendOnce(`${roster.address}/${person.id}/pin`, { method: 'DELETE' });
    pin = !answer?.ok;
    told = pin ? words.thePinCouldNotBe : words.thePinIsGone;
  }
  async function copy() {
    await navigator.clipboard.writeText(link);
    told = words.copied;
  }
  async function erase() {
    const answer = await trySendOnce(`${roster.address}/${person.id}/erasure`);
    erasing = false;
    if (!answer?.ok) {
      told = words.nothingWasErasedTheServer;
      return;
    }
    // What undo kept of her is forgotten too.
    const forget = (deeds: typeof roster.undoable) => deeds.filter((d) => !d.changes.some((c) => c.id === person.id));
    roster.undoable = forget(roster.undoable);
    roster.redoable = forget(roster.redoable);
    await roster.ask(page.url.searchParams.toString());
    await bench.saver.refresh();
    onclose();
  }
</script>

<section aria-label={person.name} class="mt-4" data-form={person.id}>
  <div class="flex items-baseline justify-between border-b border-ink pb-1">
    <h2 class="text-lead">{person.name}</h2>
    <button class="link text-note" onclick={onclose}>{words.close}</button>
  </div>
  {#each faults as f (f.message)}<p class="mt-2 text-madder" role="alert">{f.message}.</p>{/each}
  <div class="mt-3 flex flex-col gap-3">
    <Setting
      name={words.name}
      value={person.name}
      trouble={(t) => (t ? '' : words.typeAName)}
      onset={(name) => save('name', { name })}
    />
    <Setting name={words.email} value={person.email} onset={(email) => save('email', { email })} />
    <Setting name={words.phone} value={person.phone} onset={(phone) => save('phone', { phone })} />
    <label class="block">
      <span class="text-note text-quiet">{words.colourway}</span>
      <select class="select" value={person.colourway} onchange={(e) => save('colourway', { colourway: e.currentTarget.value })}>
        {#each programme.colourways as c (c.id)}<option value={c.id}>{c.name}</option>{/each}
      </select>
    </label>
    {#if programme.sizes.length > 0}
      <label class="block">
        <span class="text-note text-quiet">{words.quilt2}</span>
        <select class="select" value={person.size} onchange={(e) => save('size', { size: e.currentTarget.value })}>
          <option value="">{words.standardSize}</option>
          {#each programme.sizes as s (s.id)}<option value={s.id}>{s.name}</option>{/each}
        </select>
      </label>
    {/if}
    <label class="block">
      <span class="text-note text-quiet">{words.kit}</span>
      <select class="select" value={person.kit} onchange={(e) => save('kit', { kit: e.currentTarget.value as Person['kit'] })}>
        {#each ['', ...kitKinds] as const as id (id)}<option value={id}>{kitName(id)}</option>{/each}
      </select>
    </label>
    <div class="flex gap-3">
      <label class="block flex-1">
        <span class="text-note text-quiet">{words.state2}</span>
        <select
          class="select"
          value={person.state}
          onchange={(e) => {
            const state = e.currentTarget.value as Person['state'];
            save(stateNames[state], stateChange(person, state, page.data.today));
          }}
        >
          {#each rosterStates as s (s)}<option value={s}>{stateNames[s]}</option>{/each}
        </select>
      </label>
      <label class="block flex-1">
        <span class="text-note text-quiet">{words.getsKitBy3}</span>
        <select
          class="select"
          value={person.handing}
          onchange={(e) => save(words.getsKitBy, { handing: e.currentTarget.value as Person['handing'] })}
        >
          {#each handings as h (h)}<option value={h}>{handingNames[h]}</option>{/each}
        </select>
      </label>
    </div>
    <label class="block">
      <span class="text-note text-quiet">{words.address}</span>
      <textarea
        class="textarea"
        rows="2"
        maxlength="500"
        value={person.address}
        onchange={(e) => save('address', { address: e.currentTarget.value.trim() })}></textarea>
    </label>
    <div class="flex gap-3">
      <div class="flex-1">
        <Setting
          name={words.joined}
          type="date"
          value={person.joined}
          trouble={day}
          onset={(joined) => save('joined', { joined })}
        />
      </div>
      {#if person.state === 'left'}
        <div class="flex-1">
          <Setting name={words.left} type="date" value={person.left} trouble={day} onset={(left) => save('left', { left })} />
        </div>
      {/if}
    </div>
    <label class="block">
      <span class="text-note text-quiet">{words.paidUpTo3}</span>
      <select class="select" value={person.paidTo} onchange={(e) => save(words.paidUpTo, { paidTo: e.currentTarget.value })}>
        <option value="">{words.nothingYet}</option>
        {#each programme.months as m (m.id)}<option value={m.id}>{m.name}</option>{/each}
      </select>
    </label>
    <label class="block">
      <span class="text-note text-quiet">{words.notesStaffOnly}</span>
      <textarea
        class="textarea"
        rows="3"
        maxlength="2000"
        value={person.notes}
        onchange={(e) => save('notes', { notes: e.currentTarget.value.trim() })}></textarea>
    </label>
  </div>

  <h3 class="mt-5 border-b border-rule pb-1">{words.participantPage}</h3>
  {#if link}
    <p class="mt-2"><a class="link text-note break-all" href={link} target="_blank" rel="noopener">{link}</a></p>
    <p class="mt-2 flex gap-2">
      <button class="btn shrink-0" onclick={() => void copy()}>{words.copy}</button>
      <button class="btn" onclick={() => void showLink(true)}>{words.replaceLinkTheOldOne}</button>
    </p>
  {:else}
    <p class="mt-2"><button class="btn" onclick={() => void showLink(false)}>{words.showPrivateLink}</button></p>
  {/if}
  <p class="mt-2 flex flex-wrap items-center gap-2">
    <button class="btn" onclick={() => void makeCode()}>{words.codeForALostLink}</button>
    {#if code}<output class="numeral text-head" data-code>{code}</output>{/if}
    {#if pin}<button class="btn" onclick={() => void removePin()}>{words.removeThePin}</button>{/if}
  </p>
  {#if code}<p class="mt-2 text-note" role="status">{codeNote}</p>{/if}
  <p class="mt-3"><a class="link" href="/programmes/{bench.slug}/progress?person={person.id}">{words.howFarThisPersonIs}</a></p>
  <h3 class="mt-5 border-b border-rule pb-1">{words.storedData}</h3>
  <p class="mt-2 flex flex-wrap gap-2">
    <a class="btn" href="/programmes/{bench.slug}/roster/{person.id}" download>{words.downloadData}</a>
    {#if erasing}
      <button class="btn border-madder text-madder" onclick={() => void erase()}>{words.eraseForGood}</button>
      <button class="btn" onclick={() => (erasing = false)}>{words.cancel}</button>
    {:else}
      <button class="btn" onclick={() => (erasing = true)}>{words.eraseAllData}</button>
    {/if}
  </p>
  {#if erasing}
    <p class="mt-2 text-note">
      {words.nameContactDetailsNotesQuestions}
    </p>
  {/if}
  {#if told}<p class="mt-2" role="status">{told}</p>{/if}
</section>
