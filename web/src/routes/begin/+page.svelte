<script lang="ts">
  import { words } from '$lib/team/words';
  import Field from '$lib/look/Field.svelte';
  import { enhance } from '$app/forms';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';
  import NewPassword from '$lib/team/NewPassword.svelte';

  let { data, form } = $props();
</script>

<DoorFrame title={words.aNewShopOrGuild} about={words.withYouAsItsOwner}>
  <form
    class="mt-6 grid gap-4"
    method="post"
    use:enhance={() =>
      ({ update }) =>
        update({ reset: false })}
  >
    <Field label={words.nameOfTheShopOr} name="house" autocomplete="organization" value={form?.house ?? ''} />
    {#if data.own}
      <p class="text-quiet">{words.youAreSignedInAs(data.own)}</p>
    {:else}
      <Field label={words.yourName} name="name" autocomplete="name" value={form?.name ?? ''} />
      <Field label={words.yourEmail} name="email" type="email" autocomplete="username" value={form?.email ?? ''} />
      <NewPassword />
    {/if}
    {#if form?.message}<p class="text-madder" role="alert">{form.message}</p>{/if}
    <p><button class="btn btn-primary">{words.create}</button></p>
  </form>
</DoorFrame>
