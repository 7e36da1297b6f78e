<!-- Everything that a shop or guild owns, to be kept or taken elsewhere; and such an archive taken in. -->
<script lang="ts">
  import { goto } from '$app/navigation';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';

  let { data } = $props();
  let files: FileList | undefined = $state();
  let working = $state(false);
  let trouble = $state('');

  async function takeIn(e: SubmitEvent) {
    e.preventDefault();
    const file = files?.[0];
    if (!file) return;
    [working, trouble] = [true, ''];
    const answer = await fetch('/api/archive', {
      method: 'POST',
      body: file,
      headers: { 'content-type': 'application/zip' },
    }).catch(() => undefined);
    working = false;
    if (answer?.ok) return void (await goto('/', { invalidateAll: true }));
    const said = (await answer?.json().catch(() => undefined)) as { message?: string } | undefined;
    trouble = said?.message ?? 'The server does not answer. Nothing was taken in; try again in a moment.';
  }
</script>

<DoorFrame title="Archive" about={data.who?.house ?? ''}>
  <section class="mt-6" aria-label="To keep">
    <h2 class="text-head">Everything, to keep</h2>
    <p class="mt-2 max-w-prose">
      One ZIP file with all programmes and every save of them, the rosters, kits, sheets, letters, pictures, samples, the record
      and who works here, as lines of JSON that any program reads. Passwords are not in it; people’s addresses are, so keep it
      where nobody else looks.
    </p>
    <p class="mt-3"><a class="act first" href="/archive/archive.zip" download>Download the archive</a></p>
  </section>
  <section class="mt-10" aria-label="To take in">
    <h2 class="text-head">An archive, taken in</h2>
    {#if data.programmes > 0}
      <p class="mt-2 max-w-prose">
        That needs a shop or guild with no programme in it yet. <a class="plain" href="/begin">Begin an empty one</a>, and take
        it in there.
      </p>
    {:else}
      <p class="mt-2 max-w-prose">
        All of it comes in, or nothing. Private links are made anew and have to be sent again; who worked there waits under <a
          class="plain"
          href="/house">Who works here</a
        > for your invitation. What waits to be sent or released goes out from here from now on, so switch the other server off first.
      </p>
      <form class="mt-3 flex flex-wrap items-center gap-3" onsubmit={(e) => void takeIn(e)}>
        <input class="field w-auto" type="file" accept=".zip,application/zip" aria-label="The archive" bind:files required />
        <button class="act first" disabled={working}>{working ? 'Taking it in…' : 'Take it in'}</button>
      </form>
    {/if}
    {#if trouble}<p class="mt-3 text-madder" role="alert">{trouble}</p>{/if}
  </section>
</DoorFrame>
