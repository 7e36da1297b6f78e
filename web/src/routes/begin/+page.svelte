<script lang="ts">
  import Field from '$lib/look/Field.svelte';
  import { enhance } from '$app/forms';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';
  import NewPassword from '$lib/team/NewPassword.svelte';

  let { data, form } = $props();
</script>

<DoorFrame title="A new shop or guild" about="with you as its owner">
  <form
    class="mt-6 grid gap-4"
    method="post"
    use:enhance={() =>
      ({ update }) =>
        update({ reset: false })}
  >
    <Field label="Name of the shop or guild" name="house" autocomplete="organization" value={form?.house ?? ''} />
    {#if data.own}
      <p class="text-quiet">You are signed in as {data.own} and will be its owner.</p>
    {:else}
      <Field label="Your name" name="name" autocomplete="name" value={form?.name ?? ''} />
      <Field label="Your email" name="email" type="email" autocomplete="username" value={form?.email ?? ''} />
      <NewPassword />
    {/if}
    {#if form?.message}<p class="text-madder" role="alert">{form.message}</p>{/if}
    <p><button class="act first">Create</button></p>
  </form>
</DoorFrame>
