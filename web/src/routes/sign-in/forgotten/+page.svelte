<script lang="ts">
  import Field from '$lib/look/Field.svelte';
  import { enhance } from '$app/forms';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';

  let { form } = $props();
</script>

<DoorFrame title="A new password" about="by a letter to you">
  {#if form?.sent}
    <p class="mt-6 max-w-prose text-lead" role="status">
      If there is an account with that address, a letter is on its way. It opens a new password for two hours.
    </p>
    <p class="mt-4"><a class="act" href="/sign-in">Back to signing in</a></p>
  {:else}
    <form class="mt-6 grid gap-4" method="post" use:enhance>
      <Field label="Your mail address" name="email" type="email" autocomplete="username" />
      <p><button class="act first">Send me a letter</button></p>
    </form>
  {/if}
</DoorFrame>
