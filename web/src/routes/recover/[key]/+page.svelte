<script lang="ts">
  import { enhance } from '$app/forms';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';
  import NewPassword from '$lib/team/NewPassword.svelte';

  let { data, form } = $props();
</script>

<DoorFrame title="A new password" about="for your account">
  {#if data.holds}
    <form class="mt-6 grid gap-4" method="post" use:enhance>
      <NewPassword label="New password" />
      {#if form?.message}<p class="text-madder" role="alert">{form.message}</p>{/if}
      <p><button class="act first">Save and sign out on all devices</button></p>
    </form>
  {:else}
    <p class="mt-6 max-w-prose text-lead">This link has been used already, or it has expired.</p>
    <p class="mt-4"><a class="act first" href="/sign-in/forgotten">Ask for a new one</a></p>
  {/if}
</DoorFrame>
