<script lang="ts">
  import Field from '$lib/look/Field.svelte';
  import { enhance } from '$app/forms';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';

  let { form } = $props();
</script>

<DoorFrame title="Forgotten password" about="we’ll email you a link">
  {#if form?.sent}
    <p class="mt-6 max-w-prose text-lead" role="status">
      If that address has an account, we’ve emailed a link. It works for two hours.
    </p>
    <p class="mt-4"><a class="act" href="/sign-in">Back to sign-in</a></p>
  {:else}
    <form class="mt-6 grid gap-4" method="post" use:enhance>
      <Field label="Your email" name="email" type="email" autocomplete="username" />
      <p><button class="act first">Email me a link</button></p>
    </form>
  {/if}
</DoorFrame>
