<!-- For whoever has lost the link to her page: a code by mail, and where to enter it. -->
<script lang="ts">
  import { DOOR } from './words';
  import { enhance } from '$app/forms';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';
  import Field from '$lib/look/Field.svelte';

  let { form }: { form: { part: string; message: string; says: string } | null } = $props();
</script>

{#snippet answer(part: string)}
  {#if form?.part === part && form.message}<p class="text-madder" role="alert">{form.message}</p>{/if}
  {#if form?.part === part && form.says}<p role="status">{form.says}</p>{/if}
{/snippet}

<DoorFrame title={DOOR.openYourPage} about={DOOR.forParticipants}>
  <form class="mt-6 grid gap-3" method="post" action="?/send" use:enhance>
    <h2 class="text-head">{DOOR.lostYourLink}</h2>
    <p class="max-w-prose">{DOOR.weSendACode}</p>
    <Field label={DOOR.yourEmail} name="email" type="email" autocomplete="email" required />
    <p><button class="btn">{DOOR.sendMeACode}</button></p>
    {@render answer('mail')}
  </form>
  <form class="mt-8 grid gap-3" method="post" action="?/open" use:enhance>
    <h2 class="text-head">{DOOR.enterYourCode}</h2>
    <Field
      label={DOOR.code}
      numeral
      name="code"
      autocomplete="one-time-code"
      autocapitalize="characters"
      spellcheck="false"
      maxlength={20}
      required
    />
    {@render answer('code')}
    <p><button class="btn btn-primary">{DOOR.openMyPage}</button></p>
  </form>
</DoorFrame>
