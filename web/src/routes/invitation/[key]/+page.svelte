<script lang="ts">
  import Field from '$lib/look/Field.svelte';
  import { enhance } from '$app/forms';
  import { page } from '$app/state';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';
  import NewPassword from '$lib/team/NewPassword.svelte';

  let { data, form } = $props();
</script>

<DoorFrame title="An invitation" about={data.invitation?.house ?? ''}>
  {#if !data.invitation}
    <p class="mt-6 max-w-prose text-lead">
      This invitation has been used or cancelled, or it has expired. Ask whoever sent it for a new one.
    </p>
  {:else}
    {@const { house, role, email, known } = data.invitation}
    <p class="mt-6 max-w-prose text-lead">{house} has invited {email} to join as {role}.</p>
    {#if data.own && data.own !== email}
      <p class="mt-4 max-w-prose">
        You are signed in as {data.own}. Sign out first, or pass the invitation on to the person it is for.
      </p>
      <form class="mt-4" method="post" action="/sign-in?/out"><button class="act">Sign out</button></form>
    {:else if known && !data.own}
      <p class="mt-4">
        <a class="act first" href="/sign-in?to={encodeURIComponent(page.url.pathname)}">Sign in to accept</a>
      </p>
    {:else}
      <form class="mt-6 grid gap-4" method="post" use:enhance>
        {#if !data.own}
          <Field label="Your name" name="name" autocomplete="name" value={form?.name ?? ''} />
          <NewPassword />
        {/if}
        {#if form?.message}<p class="text-madder" role="alert">{form.message}</p>{/if}
        <p><button class="act first">Accept</button></p>
      </form>
    {/if}
  {/if}
</DoorFrame>
