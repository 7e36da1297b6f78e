<!-- One's own account: name, password, one-time codes, devices, and the shops and guilds one has a part in. -->
<script lang="ts">
  import { words } from './words';
  import Field from '$lib/look/Field.svelte';
  import { enhance } from '$app/forms';
  import { dayText } from '$lib/look/day-text';
  import { deviceName } from '$lib/look/device-name';
  import { roleName } from '$lib/look/role-name';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';
  import NewPassword from './NewPassword.svelte';
  import Passkeys from './Passkeys.svelte';
  import type { Passkey } from '$lib/server/db/passkeys';
  import type { Device } from '$lib/server/db/sessions';
  import type { PartIn } from '$lib/server/db/accounts';

  let {
    data,
    form,
  }: {
    data: App.PageData & {
      devices: (Device & { here: boolean })[];
      codes: boolean;
      opens: boolean;
      /** Undefined where browsers allow none at this address. */
      passkeys?: Passkey[];
      parts: PartIn[];
      house: string;
    };
    form: { part: string; message: string; says: string; secret?: string; picture?: string } | null;
  } = $props();
  const who = $derived(data.who!);
</script>

{#snippet answer(part: string)}
  {#if form?.part === part && form.message}<p class="mt-2 text-madder" role="alert">{form.message}</p>{/if}
  {#if form?.part === part && form.says}<p class="mt-2" role="status">{form.says}</p>{/if}
{/snippet}

<DoorFrame title={who.name} about={who.email}>
  {#if who.demo}
    <p class="mt-6 border-l-4 border-weld pl-4">
      {words.thisIsTheDemoOn}
    </p>
    <p class="mt-4 flex gap-3">
      <a class="btn btn-primary" href="/sign-in?to=/account">{words.signInAsYourself}</a><a class="btn" href="/begin"
        >{words.setUpAShopOr}</a
      >
    </p>
  {:else}
    <section class="mt-6" aria-label={words.shopsAndGuilds}>
      <h2 class="text-head">{words.yourShopsAndGuilds}</h2>
      {#if data.parts.length === 0}
        <p class="mt-2">
          {words.noneYetAnOwnerOf}{#if data.opens}{words.orYouCan} <a class="link" href="/begin">{words.setOneUp}</a>{/if}.
        </p>
      {/if}
      <ul>
        {#each data.parts as part (part.organisation)}
          <li class="flex items-center gap-3 border-b border-rule py-2">
            <span class="mr-auto">{words.as(part.name, roleName(part.role))}</span>
            {#if part.organisation === data.house}
              <span class="text-note text-quiet">{words.current}</span>
            {:else}
              <form method="post" action="?/choose" use:enhance>
                <input type="hidden" name="id" value={part.organisation} /><button class="btn">{words.switch}</button>
              </form>
            {/if}
          </li>
        {/each}
      </ul>
    </section>
    <form
      class="mt-8"
      method="post"
      action="?/name"
      use:enhance={() =>
        ({ update }) =>
          update({ reset: false })}
    >
      <h2 class="text-head">{words.yourName}</h2>
      <div class="mt-2 flex gap-3">
        <input
          class="input"
          name="name"
          aria-label={words.yourName}
          value={who.name}
          required
          maxlength="200"
          autocomplete="name"
        />
        <button class="btn shrink-0">{words.save}</button>
      </div>
      {@render answer('name')}
    </form>
    <form class="mt-8 grid gap-3" method="post" action="?/password" use:enhance>
      <h2 class="text-head">{words.yourPassword}</h2>
      <Field label={words.currentPassword} name="old" type="password" autocomplete="current-password" />
      <NewPassword label={words.newPassword} />
      {@render answer('password')}
      <p><button class="btn">{words.save}</button></p>
    </form>
    <section class="mt-8" aria-label={words.twoStepSignIn}>
      <h2 class="text-head">{words.twoStepSignIn}</h2>
      {#if form?.part === 'codes' && form.secret}
        <form
          class="mt-2 grid gap-3"
          method="post"
          action="?/codes"
          use:enhance={() =>
            ({ update }) =>
              update({ reset: false })}
        >
          <p class="max-w-prose">
            {words.scanThisWithTheAuthenticator}
          </p>
          <img src={form.picture} alt={words.theKeyBelowAsA} width="208" height="208" />
          <p class="numeral">{form.secret?.match(/.{1,4}/g)?.join(' ')}</p>
          <input type="hidden" name="secret" value={form.secret} />
          <Field
            label={words.theCode}
            class="w-48"
            numeral
            name="code"
            inputmode="numeric"
            autocomplete="one-time-code"
            maxlength={8}
          />
          {@render answer('codes')}
          <p class="flex gap-3">
            <button class="btn btn-primary">{words.turnOn}</button><a class="btn" href="/account">{words.notNow}</a>
          </p>
        </form>
      {:else if data.codes}
        <p class="mt-2">{words.onYouNeedACode}</p>
        <form class="mt-2 flex items-end gap-3" method="post" action="?/nocodes" use:enhance>
          <Field label={words.yourPassword} name="password" type="password" autocomplete="current-password" /><button
            class="btn">{words.turnOff}</button
          >
        </form>
        {@render answer('codes')}
      {:else}
        <p class="mt-2 max-w-prose">
          {words.withTwoStepSignIn}
        </p>
        <form class="mt-2" method="post" action="?/codes" use:enhance><button class="btn">{words.setItUp}</button></form>
        {@render answer('codes')}
      {/if}
    </section>
    {#if data.passkeys}<Passkeys passkeys={data.passkeys} says={form?.part === 'passkeys' ? form.says : ''} />{/if}
    <section class="mt-8" aria-label={words.devices}>
      <h2 class="text-head">{words.signedInOn}</h2>
      <ul>
        {#each data.devices as d (d.id)}
          <li class="flex items-center gap-3 border-b border-rule py-2">
            <span class="mr-auto"
              >{deviceName(d.device)}<span class="block text-note text-quiet"
                >{words.sinceSeen(
                  dayText(d.made.toISOString().slice(0, 10), data.locale),
                  dayText(d.seen.toISOString().slice(0, 10), data.locale),
                )}</span
              ></span
            >
            {#if d.here}<span class="text-note text-quiet">{words.thisOne}</span>{:else}
              <form method="post" action="?/end" use:enhance>
                <input type="hidden" name="id" value={d.id} /><button class="btn">{words.signOutThere}</button>
              </form>
            {/if}
          </li>
        {/each}
      </ul>
      {@render answer('devices')}
    </section>
    <form class="mt-8" method="post" action="/sign-in?/out"><button class="btn">{words.signOutHere}</button></form>
  {/if}
</DoorFrame>
