<script lang="ts">
  import { words } from '$lib/team/words';
  import { enhance } from '$app/forms';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';
  import NewPassword from '$lib/team/NewPassword.svelte';

  let { data, form } = $props();
</script>

<DoorFrame title={words.aNewPassword} about={words.forYourAccount}>
  {#if data.holds}
    <form class="mt-6 grid gap-4" method="post" use:enhance>
      <NewPassword label={words.newPassword} />
      {#if form?.message}<p class="text-madder" role="alert">{form.message}</p>{/if}
      <p><button class="btn btn-primary">{words.saveAndSignOutOn}</button></p>
    </form>
  {:else}
    <p class="mt-6 max-w-prose text-lead">{words.thisLinkHasBeenUsed}</p>
    <p class="mt-4"><a class="btn btn-primary" href="/sign-in/forgotten">{words.askForANewOne}</a></p>
  {/if}
</DoorFrame>
