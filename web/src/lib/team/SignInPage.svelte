<!-- Signing in: mail address and password, then a one-time code where one is asked for. -->
<script lang="ts">
  import { words } from './words';
  import Field from '$lib/look/Field.svelte';
  import { enhance } from '$app/forms';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';
  import { browserSupportsWebAuthn } from '@simplewebauthn/browser';
  import { onMount } from 'svelte';
  import { signInByPasskey } from './passkeys';

  let {
    data,
    form,
  }: {
    data: App.PageData & { to: string; mayBegin: boolean; passkeys: boolean };
    form: { email?: string; code?: boolean; message?: string } | null;
  } = $props();
  let email = $state('');
  let password = $state('');
  const asked = $derived(Boolean(form?.code));
  let able = $state(false);
  onMount(() => (able = data.passkeys && browserSupportsWebAuthn()));
  let trouble = $state('');
  async function byPasskey() {
    trouble = (await signInByPasskey()) ?? '';
    if (!trouble) location.assign(data.to);
  }
</script>

<DoorFrame title={words.signIn} about={words.theBenchForAYear}>
  {#if data.who?.demo}
    <p class="mt-6 border-l-4 border-weld pl-4">
      {words.youreInTheDemoAs(data.who.name, data.who.house)}
    </p>
  {/if}
  <form
    class="mt-6 grid gap-4"
    method="post"
    action="?/in"
    use:enhance={() =>
      ({ update }) =>
        update({ reset: false })}
  >
    <input type="hidden" name="to" value={data.to} />
    <Field label={words.email} name="email" type="email" autocomplete="username" bind:value={email} />
    <Field label={words.password} name="password" type="password" autocomplete="current-password" bind:value={password} />
    {#if asked}
      <Field
        label={words.codeFromYourPhone}
        class="w-48"
        numeral
        name="code"
        inputmode="numeric"
        autocomplete="one-time-code"
        pattern="[0-9 ]*"
        maxlength={8}
        autofocus
      />
    {/if}
    {#if form?.message}<p class="text-madder" role="alert">{form.message}</p>{/if}
    <p class="flex items-center gap-5">
      <button class="btn btn-primary">{words.signIn}</button>
      <a class="link" href="/sign-in/forgotten">{words.forgottenYourPassword}</a>
    </p>
  </form>
  {#if able}
    <p class="mt-6"><button class="btn" onclick={() => void byPasskey()}>{words.signInWithAPasskey}</button></p>
    {#if trouble}<p class="mt-2 text-madder" role="alert">{trouble}</p>{/if}
  {/if}
  <p class="mt-10 max-w-prose text-note text-quiet">
    {words.takingPartInAProgramme} <a class="link" href="/p">{words.lostYourLink}</a>
    {words.staffAreInvited}
    {#if data.mayBegin}<a class="link" href="/begin">{words.setUpANewShop}</a>.{/if}
  </p>
</DoorFrame>
