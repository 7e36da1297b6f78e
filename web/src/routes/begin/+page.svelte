<script lang="ts">
  import { enhance } from '$app/forms';
  import DoorFrame from '$lib/ui/DoorFrame.svelte';
  import NewPassword from '$lib/ui/NewPassword.svelte';

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
    <label class="block"
      ><span class="block text-note text-quiet">What it is called</span><input
        class="field"
        name="house"
        required
        maxlength="200"
        autocomplete="organization"
        value={form?.house ?? ''}
      /></label
    >
    {#if data.own}
      <p class="text-quiet">You are signed in as {data.own}, and will own it.</p>
    {:else}
      <label class="block"
        ><span class="block text-note text-quiet">Your name</span><input
          class="field"
          name="name"
          required
          maxlength="200"
          autocomplete="name"
          value={form?.name ?? ''}
        /></label
      >
      <label class="block"
        ><span class="block text-note text-quiet">Your mail address</span><input
          class="field"
          name="email"
          type="email"
          required
          maxlength="200"
          autocomplete="username"
          value={form?.email ?? ''}
        /></label
      >
      <NewPassword />
    {/if}
    {#if form?.message}<p class="text-madder" role="alert">{form.message}</p>{/if}
    <p><button class="act first">Begin</button></p>
  </form>
</DoorFrame>
