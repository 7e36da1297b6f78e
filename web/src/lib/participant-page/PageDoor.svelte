<!-- Who can open a participant's page: devices, a new link, and a PIN of her own. -->
<script lang="ts">
  import { DOOR } from './words';
  import { trySendOnce } from '$lib/ask/send-once';
  import { dayText } from '$lib/look/day-text';
  import { deviceName } from '$lib/look/device-name';
  import Field from '$lib/look/Field.svelte';
  import { page } from '$app/state';
  import { onMount } from 'svelte';
  import type { PageDevice } from '$lib/server/db/page-locks';
  import type { Own } from './own.svelte';

  interface Props {
    door: { devices: PageDevice[]; pin: boolean };
    /** Whether this device was not noted yet. */
    isNew: boolean;
    key: string;
    own: Own;
  }
  let { door, isNew, key, own }: Props = $props();
  // It shows that it keeps its cookie: from then on it is in the list.
  onMount(() => void (isNew && trySendOnce(`/p/${key}/own`, { body: { deed: 'here' } })));
  let setting = $state(false);
  let pin = $state('');
  let said = $state('');
  let sure = $state(false);
  const day = (at: Date) => dayText(at.toISOString().slice(0, 10), page.data.locale, 'plain');

  async function choose(chosen: string) {
    if (!(await own.do({ deed: 'pin', pin: chosen }))) return;
    said = chosen ? DOOR.pinSet : DOOR.pinRemoved;
    [setting, pin] = [false, ''];
  }
  async function renew() {
    const answer = await trySendOnce(`/p/${key}/link`);
    if (!answer?.ok) return void (own.trouble = DOOR.noNewLink);
    const { address } = (await answer.json()) as { address: string };
    location.replace(address);
  }
</script>

<section aria-label={DOOR.whoCanOpen} class="mt-8">
  <h2 class="border-b-2 border-ink pb-1 text-head">{DOOR.whoCanOpen}</h2>
  <p class="mt-2">{door.pin ? DOOR.linkAndPin : DOOR.anyoneWithTheLink}</p>
  {#if door.devices.length > 0}
    <h3 class="mt-4">{DOOR.openedOn}</h3>
    <ul>
      {#each door.devices as device, i (i)}
        <li class="flex gap-3 border-b border-rule py-1.5">
          <span class="mr-auto">{deviceName(device.device)}</span>
          <span class="text-note text-quiet">{device.here ? DOOR.thisOne : DOOR.lastOn(day(device.seen))}</span>
        </li>
      {/each}
    </ul>
    <p class="mt-2 text-note text-quiet">{DOOR.notYours}</p>
  {/if}
  {#if setting}
    <form
      class="mt-3 grid gap-3"
      onsubmit={(event) => {
        event.preventDefault();
        void choose(pin);
      }}
    >
      <Field
        label={DOOR.aPin}
        class="w-40"
        numeral
        inputmode="numeric"
        autocomplete="new-password"
        pattern="[0-9]{'{4,8}'}"
        maxlength={8}
        required
        bind:value={pin}
      />
      <p class="flex gap-2">
        <button class="btn btn-primary" disabled={own.working}>{DOOR.setThePin}</button>
        <button class="btn" type="button" onclick={() => ((setting = false), (pin = ''))}>{DOOR.notNow}</button>
      </p>
    </form>
  {:else}
    <p class="mt-3 flex flex-wrap gap-2">
      <button class="btn" onclick={() => ((setting = true), (said = ''))}
        >{door.pin ? DOOR.changeThePin : DOOR.askForAPin}</button
      >
      {#if door.pin}<button class="btn" onclick={() => void choose('')}>{DOOR.removeThePin}</button>{/if}
      {#if sure}
        <button class="btn border-madder text-madder" onclick={() => void renew()}>{DOOR.sureOfTheLink}</button>
        <button class="btn" onclick={() => (sure = false)}>{DOOR.notNow}</button>
      {:else}<button class="btn" onclick={() => (sure = true)}>{DOOR.makeANewLink}</button>{/if}
    </p>
  {/if}
  {#if said}<p class="mt-2" role="status">{said}</p>{/if}
</section>
