<!-- Signing in: mail address and password, then a one-time code where one is asked for. -->
<script lang="ts">
  import Field from '$lib/look/Field.svelte';
  import { enhance } from '$app/forms';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';

  let { data, form } = $props();
  let email = $state('');
  let password = $state('');
  const asked = $derived(Boolean(form?.code));
</script>

<DoorFrame title="Sign in" about="the bench for a year of blocks">
  {#if data.who?.demo}
    <p class="mt-6 border-l-4 border-weld pl-4">
      You’re in the demo as {data.who.name} of {data.who.house}. No one needs to sign in for that on this computer.
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
    <Field label="Email" name="email" type="email" autocomplete="username" bind:value={email} />
    <Field label="Password" name="password" type="password" autocomplete="current-password" bind:value={password} />
    {#if asked}
      <Field
        label="Code from your phone"
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
      <button class="act first">Sign in</button>
      <a class="plain" href="/sign-in/forgotten">Forgotten your password?</a>
    </p>
  </form>
  <p class="mt-10 max-w-prose text-note text-quiet">
    Taking part in a programme? You don’t need to sign in: use the link in your email. Staff are invited by an owner.
    {#if data.mayBegin}<a class="plain" href="/begin">Set up a new shop or guild</a>.{/if}
  </p>
</DoorFrame>
