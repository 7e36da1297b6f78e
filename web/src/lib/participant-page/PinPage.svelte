<!-- A participant's page on a device that has not shown her PIN yet. -->
<script lang="ts">
  import { DOOR } from './words';
  import { enhance } from '$app/forms';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';
  import Field from '$lib/look/Field.svelte';

  let { message }: { message: string } = $props();
</script>

<DoorFrame title={DOOR.openYourPage} about={DOOR.forParticipants}>
  <form class="mt-6 grid gap-3" method="post" use:enhance>
    <Field
      label={DOOR.yourPin}
      class="w-40"
      numeral
      name="pin"
      type="password"
      inputmode="numeric"
      autocomplete="current-password"
      maxlength={8}
      required
    />
    {#if message}<p class="text-madder" role="alert">{message}</p>{/if}
    <p class="flex flex-wrap items-center gap-x-5 gap-y-3">
      <button class="btn shrink-0 btn-primary">{DOOR.openMyPage}</button>
      <a class="link" href="/p">{DOOR.forgottenPin}</a>
    </p>
  </form>
</DoorFrame>
