<!-- One's own account: name, password, one-time codes, devices, and the shops and guilds one has a part in. -->
<script lang="ts">
  import Field from '$lib/look/Field.svelte';
  import { enhance } from '$app/forms';
  import { dayText } from '$lib/look/day-text';
  import { deviceName } from '$lib/team/device-name';
  import { roleName } from '$lib/look/role-name';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';
  import NewPassword from '$lib/team/NewPassword.svelte';

  let { data, form } = $props();
  const who = $derived(data.who!);
</script>

{#snippet answer(part: string)}
  {#if form?.part === part && form.message}<p class="mt-2 text-madder" role="alert">{form.message}</p>{/if}
  {#if form?.part === part && form.says}<p class="mt-2" role="status">{form.says}</p>{/if}
{/snippet}

<DoorFrame title={who.name} about={who.email}>
  {#if who.demo}
    <p class="mt-6 border-l-4 border-weld pl-4">
      This is the demo. On this computer it opens as its owner, without signing in. It can’t be opened from another computer.
    </p>
    <p class="mt-4 flex gap-3">
      <a class="act first" href="/sign-in?to=/account">Sign in as yourself</a><a class="act" href="/begin"
        >Set up a shop or guild</a
      >
    </p>
  {:else}
    <section class="mt-6" aria-label="Shops and guilds">
      <h2 class="text-head">Your shops and guilds</h2>
      {#if data.parts.length === 0}
        <p class="mt-2">
          None yet. An owner of a shop or guild can invite you by email{#if data.opens}, or you can <a
              class="plain"
              href="/begin">set one up</a
            >{/if}.
        </p>
      {/if}
      <ul>
        {#each data.parts as part (part.organisation)}
          <li class="flex items-center gap-3 border-b border-rule py-2">
            <span class="mr-auto">{part.name}, as {roleName(part.role)}</span>
            {#if part.organisation === data.house}
              <span class="text-note text-quiet">current</span>
            {:else}
              <form method="post" action="?/choose" use:enhance>
                <input type="hidden" name="id" value={part.organisation} /><button class="act">Switch</button>
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
      <h2 class="text-head">Your name</h2>
      <div class="mt-2 flex gap-3">
        <input class="field" name="name" aria-label="Your name" value={who.name} required maxlength="200" autocomplete="name" />
        <button class="act shrink-0">Save</button>
      </div>
      {@render answer('name')}
    </form>
    <form class="mt-8 grid gap-3" method="post" action="?/password" use:enhance>
      <h2 class="text-head">Your password</h2>
      <Field label="Current password" name="old" type="password" autocomplete="current-password" />
      <NewPassword label="New password" />
      {@render answer('password')}
      <p><button class="act">Save</button></p>
    </form>
    <section class="mt-8" aria-label="Two-step sign-in">
      <h2 class="text-head">Two-step sign-in</h2>
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
            Scan this with the authenticator app on your phone, or type in the key below. Then enter the code it shows.
          </p>
          <img src={form.picture} alt="The key below, as a code to scan" width="208" height="208" />
          <p class="numeral">{form.secret?.match(/.{1,4}/g)?.join(' ')}</p>
          <input type="hidden" name="secret" value={form.secret} />
          <Field
            label="The code"
            class="w-48"
            numeral
            name="code"
            inputmode="numeric"
            autocomplete="one-time-code"
            maxlength={8}
          />
          {@render answer('codes')}
          <p class="flex gap-3">
            <button class="act first">Turn on</button><a class="act" href="/account">Not now</a>
          </p>
        </form>
      {:else if data.codes}
        <p class="mt-2">On: you need a code each time you sign in.</p>
        <form class="mt-2 flex items-end gap-3" method="post" action="?/nocodes" use:enhance>
          <Field label="Your password" name="password" type="password" autocomplete="current-password" /><button class="act"
            >Turn off</button
          >
        </form>
        {@render answer('codes')}
      {:else}
        <p class="mt-2 max-w-prose">
          With two-step sign-in a stolen password isn’t enough: you also need a code from your phone.
        </p>
        <form class="mt-2" method="post" action="?/codes" use:enhance><button class="act">Set it up</button></form>
        {@render answer('codes')}
      {/if}
    </section>
    <section class="mt-8" aria-label="Devices">
      <h2 class="text-head">Signed in on</h2>
      <ul>
        {#each data.devices as d (d.id)}
          <li class="flex items-center gap-3 border-b border-rule py-2">
            <span class="mr-auto"
              >{deviceName(d.device)}<span class="block text-note text-quiet"
                >since {dayText(d.made.toISOString().slice(0, 10), data.locale)}, seen {dayText(
                  d.seen.toISOString().slice(0, 10),
                  data.locale,
                )}</span
              ></span
            >
            {#if d.here}<span class="text-note text-quiet">this one</span>{:else}
              <form method="post" action="?/end" use:enhance>
                <input type="hidden" name="id" value={d.id} /><button class="act">Sign out there</button>
              </form>
            {/if}
          </li>
        {/each}
      </ul>
      {@render answer('devices')}
    </section>
    <form class="mt-8" method="post" action="/sign-in?/out"><button class="act">Sign out here</button></form>
  {/if}
</DoorFrame>
