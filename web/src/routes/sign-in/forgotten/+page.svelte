<script lang="ts">
  import { words } from '$lib/team/words';
  import Field from '$lib/look/Field.svelte';
  import { enhance } from '$app/forms';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';

  let { form } = $props();
</script>

<DoorFrame title={words.forgottenPassword} about={words.wellEmailYouALink}>
  {#if form?.sent}
    <p class="mt-6 max-w-prose text-lead" role="status">
      {words.ifThatAddressHasAn}
    </p>
    <p class="mt-4"><a class="btn" href="/sign-in">{words.backToSignIn}</a></p>
  {:else}
    <form class="mt-6 grid gap-4" method="post" use:enhance>
      <Field label={words.yourEmail} name="email" type="email" autocomplete="username" />
      <p><button class="btn btn-primary">{words.emailMeALink}</button></p>
    </form>
  {/if}
</DoorFrame>
