<script lang="ts">
  import { words } from '$lib/team/words';
  import Field from '$lib/look/Field.svelte';
  import { enhance } from '$app/forms';
  import { page } from '$app/state';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';
  import NewPassword from '$lib/team/NewPassword.svelte';

  let { data, form } = $props();
</script>

<DoorFrame title={words.anInvitation} about={data.invitation?.house ?? ''}>
  {#if !data.invitation}
    <p class="mt-6 max-w-prose text-lead">
      {words.thisInvitationHasBeenUsed}
    </p>
  {:else}
    {@const { house, role, email, known } = data.invitation}
    <p class="mt-6 max-w-prose text-lead">{words.hasInvitedToJoinAs(house, email, role)}</p>
    {#if data.own && data.own !== email}
      <p class="mt-4 max-w-prose">
        {words.youAreSignedInAsSign(data.own)}
      </p>
      <form class="mt-4" method="post" action="/sign-in?/out"><button class="btn">{words.signOut}</button></form>
    {:else if known && !data.own}
      <p class="mt-4">
        <a class="btn btn-primary" href="/sign-in?to={encodeURIComponent(page.url.pathname)}">{words.signInToAccept}</a>
      </p>
    {:else}
      <form class="mt-6 grid gap-4" method="post" use:enhance>
        {#if !data.own}
          <Field label={words.yourName} name="name" autocomplete="name" value={form?.name ?? ''} />
          <NewPassword />
        {/if}
        {#if form?.message}<p class="text-madder" role="alert">{form.message}</p>{/if}
        <p><button class="btn btn-primary">{words.accept}</button></p>
      </form>
    {/if}
  {/if}
</DoorFrame>
