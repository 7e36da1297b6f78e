<!-- The team: members and their roles, invitations. -->
<script lang="ts">
  import { words } from './words';
  import Field from '$lib/look/Field.svelte';
  import { enhance } from '$app/forms';
  import { dayText } from '$lib/look/day-text';
  import { ROLES, roleName } from '$lib/look/role-name';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';
  import type { RecordEntry } from '$lib/server/history/record';
  import type { Member } from '$lib/server/db/accounts';
  import type { Invitation } from '$lib/server/db/invitations';

  let {
    data,
    form,
  }: {
    data: App.PageData & {
      own: string;
      languages: { tag: string; name: string }[];
      record: RecordEntry[];
      members: Member[];
      invitations: (Pick<Invitation, 'id' | 'email' | 'role' | 'ends'> & { over: boolean })[];
    };
    form: { message: string; email?: string; link?: string; sent?: boolean; to?: string } | null;
  } = $props();
  let leaving = $state('');
  let language: HTMLFormElement | undefined = $state();

  const standing = (ends: Date | null, over: boolean) =>
    ends
      ? `${over ? words.invitationExpiredOn : words.invitedTheInvitationIsGood} ${dayText(ends.toISOString().slice(0, 10), data.locale)}`
      : words.wasOnTheTeamIn;
</script>

<DoorFrame title={words.team} about={data.who?.house ?? ''}>
  {#if form?.message}<p class="mt-4 text-madder" role="alert">{form.message}</p>{/if}
  <ul class="mt-4" aria-label={words.members}>
    {#each data.members as m (m.id)}
      <li class="flex flex-wrap items-center gap-3 border-b border-rule py-3" data-member={m.name}>
        <span class="mr-auto"
          >{m.name}{m.id === data.own ? words.you : ''}<span class="block text-note text-quiet">{m.email}</span></span
        >
        <form
          method="post"
          action="?/role"
          use:enhance={() =>
            ({ update }) =>
              update({ reset: false })}
        >
          <input type="hidden" name="id" value={m.id} />
          <select
            class="select w-auto"
            name="role"
            aria-label={words.whatMayDo(m.name)}
            value={m.role}
            onchange={(e) => e.currentTarget.form!.requestSubmit()}
            >{#each ROLES as r (r.role)}<option value={r.role}>{r.name}</option>{/each}</select
          >
        </form>
        {#if leaving === m.id}
          <form method="post" action="?/role" use:enhance>
            <input type="hidden" name="id" value={m.id} /><input type="hidden" name="role" value="" />
            <button class="btn">{words.remove(m.name)}</button>
            <button type="button" class="link text-note" onclick={() => (leaving = '')}>{words.cancel}</button>
          </form>
        {:else}
          <button class="no-print link text-note text-quiet" onclick={() => (leaving = m.id)}>{words.remove2}</button>
        {/if}
      </li>
    {/each}
  </ul>
  <form
    class="no-print mt-8"
    method="post"
    action="?/invite"
    use:enhance={() =>
      ({ update, result }) =>
        update({ reset: result.type === 'success' })}
  >
    <h2 class="text-head">{words.inviteSomeone}</h2>
    <div class="mt-2 flex flex-wrap items-end gap-3">
      <Field label={words.email} class="min-w-56 flex-1" name="email" type="email" value={form?.email ?? ''} />
      <label class="block"
        ><span class="block text-note text-quiet">{words.as2}</span><select class="select w-auto" name="role" value="organiser"
          >{#each ROLES as r (r.role)}<option value={r.role}>{r.name}</option>{/each}</select
        ></label
      >
      <button class="btn btn-primary">{words.invite}</button>
    </div>
    {#if form?.link}
      <p class="mt-3" role="status">
        {words.youCanAlsoPassOn(form.sent ? words.weveEmailed(form.to) : words.theEmailToCouldNot(form.to))}
      </p>
      <p class="break-all"><code>{form.link}</code></p>
    {/if}
  </form>
  {#if data.invitations.length > 0}
    <section class="mt-8" aria-label={words.invitedNotJoinedYet}>
      <h2 class="text-head">{words.invitedNotJoinedYet}</h2>
      <ul>
        {#each data.invitations as i (i.id)}
          <li class="flex flex-wrap items-center gap-3 border-b border-rule py-2" data-invited={i.email}>
            <span class="mr-auto"
              >{words.as3(i.email, roleName(i.role))}<span class="block text-note text-quiet">{standing(i.ends, i.over)}</span
              ></span
            >
            {#if !i.ends || i.over}
              <form method="post" action="?/invite" use:enhance>
                <input type="hidden" name="email" value={i.email} /><input type="hidden" name="role" value={i.role} />
                <button class="no-print btn">{i.ends ? words.inviteAgain : words.invite}</button>
              </form>
            {/if}
            <form method="post" action="?/uninvite" use:enhance>
              <input type="hidden" name="id" value={i.id} /><button class="no-print link text-note text-quiet"
                >{i.ends ? words.cancelInvitation : words.remove2}</button
              >
            </form>
          </li>
        {/each}
      </ul>
    </section>
  {/if}
  {#if data.record.length > 0}
    <section class="mt-8" aria-label={words.history}>
      <h2 class="text-head">{words.history}</h2>
      <ul class="text-note">
        {#each data.record as entry (entry.id)}
          <li class="flex gap-3 border-b border-rule py-1.5">
            <span class="w-28 shrink-0 text-quiet">{dayText(entry.at.toISOString().slice(0, 10), data.locale, 'short')}</span>
            <span class="w-32 shrink-0">{entry.by}</span><span class="min-w-0 break-words">{entry.says.join('; ')}</span>
          </li>
        {/each}
      </ul>
    </section>
  {/if}
  <form class="no-print mt-8" method="post" action="?/language" bind:this={language}>
    <label class="block w-72"
      ><span class="block text-note text-quiet">{words.language}</span><select
        class="select"
        name="language"
        value={data.language.tag}
        onchange={() => language?.requestSubmit()}
        >{#each data.languages as l (l.tag)}<option value={l.tag} lang={l.tag}>{l.name}</option>{/each}</select
      ></label
    >
    <p class="mt-1 max-w-prose text-note text-quiet">{words.languageIsFor}</p>
  </form>
  <p class="no-print mt-8"><a class="btn" href="/archive">{words.backup}</a></p>
  <dl class="mt-10 text-note text-quiet">
    {#each ROLES as r (r.role)}
      <div class="flex gap-3 py-0.5">
        <dt class="w-28 shrink-0">{r.name}</dt>
        <dd>{r.may}</dd>
      </div>
    {/each}
  </dl>
</DoorFrame>
