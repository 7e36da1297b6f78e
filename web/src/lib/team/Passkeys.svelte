<!-- One's own passkeys: what there is, adding one by the password, removing one. -->
<script lang="ts">
  import { words } from './words';
  import Field from '$lib/look/Field.svelte';
  import { enhance } from '$app/forms';
  import { invalidateAll } from '$app/navigation';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import { browserSupportsWebAuthn } from '@simplewebauthn/browser';
  import { onMount } from 'svelte';
  import { deviceName } from '$lib/look/device-name';
  import { addPasskey } from './passkeys';

  interface Props {
    passkeys: readonly { id: string; name: string; made: Date; used: Date | null }[];
    says: string;
  }
  let { passkeys, says }: Props = $props();
  let able = $state(false);
  onMount(() => (able = browserSupportsWebAuthn()));
  let adding = $state(false);
  let busy = $state(false);
  let password = $state('');
  let trouble = $state('');
  let added = $state(false);

  async function add(event: SubmitEvent) {
    event.preventDefault();
    busy = true;
    trouble = (await addPasskey(password, deviceName(navigator.userAgent))) ?? '';
    busy = false;
    if (trouble) return;
    [adding, added, password] = [false, true, ''];
    await invalidateAll();
  }
  const day = (at: Date) => dayText(at.toISOString().slice(0, 10), page.data.locale);
</script>

<section class="mt-8" aria-label={words.passkeys}>
  <h2 class="text-head">{words.passkeys}</h2>
  <p class="mt-2 max-w-prose">{words.whatAPasskeyIs}</p>
  <ul>
    {#each passkeys as key (key.id)}
      <li class="flex items-center gap-3 border-b border-rule py-2">
        <span class="mr-auto"
          >{key.name}<span class="block text-note text-quiet"
            >{key.used ? words.sinceUsed(day(key.made), day(key.used)) : words.sinceNotUsed(day(key.made))}</span
          ></span
        >
        <form method="post" action="?/nopasskey" use:enhance>
          <input type="hidden" name="id" value={key.id} /><button class="btn" aria-label={words.removeNamed(key.name)}
            >{words.removeIt}</button
          >
        </form>
      </li>
    {/each}
  </ul>
  {#if adding}
    <form class="mt-3 grid gap-3" onsubmit={(event) => void add(event)}>
      <Field label={words.yourPassword} name="password" type="password" autocomplete="current-password" bind:value={password} />
      {#if trouble}<p class="text-madder" role="alert">{trouble}</p>{/if}
      <p class="flex gap-3">
        <button class="btn btn-primary" disabled={busy}>{words.goOn}</button>
        <button class="btn" type="button" onclick={() => ((adding = false), (trouble = ''))}>{words.notNow}</button>
      </p>
    </form>
  {:else if able}
    <p class="mt-3"><button class="btn" onclick={() => ((adding = true), (added = false))}>{words.addAPasskey}</button></p>
  {:else}
    <p class="mt-3 text-quiet">{words.noPasskeysHere}</p>
  {/if}
  {#if added}<p class="mt-2" role="status">{words.passkeyAdded}</p>{:else if says}<p class="mt-2" role="status">{says}</p>{/if}
</section>
