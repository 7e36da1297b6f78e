<!-- The backup of everything that a shop or guild owns, and restoring one. -->
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
    trouble = said?.message ?? 'We can’t reach the server. Nothing was restored; try again in a moment.';
  }
</script>

<DoorFrame title="Backup" about={data.who?.house ?? ''}>
  <section class="mt-6" aria-label="Back up">
    <h2 class="text-head">Back up everything</h2>
    <p class="mt-2 max-w-prose">
      One ZIP file with all programmes and every version of them, participants, kits, sheets, emails, pictures, test blocks, the
      history and the team, as lines of JSON that any program can read. It has people’s addresses in it, but no passwords: keep
      it where no one else can open it.
    </p>
    <p class="mt-3"><a class="act first" href="/archive/archive.zip" download>Download the backup</a></p>
  </section>
  <section class="mt-10" aria-label="Restore">
    <h2 class="text-head">Restore a backup</h2>
    {#if data.programmes > 0}
      <p class="mt-2 max-w-prose">
        You can only restore into an empty shop or guild. <a class="plain" href="/begin">Set up a new one</a>, and restore
        there.
      </p>
    {:else}
      <p class="mt-2 max-w-prose">
        Switch the old server off first: queued emails and scheduled releases will now go out from here. Private links change
        and must be sent again. Team members are listed under <a class="plain" href="/house">Team</a> and must be invited again. If
        anything in the file can’t be read, nothing is restored.
      </p>
      <form class="mt-3 flex flex-wrap items-center gap-3" onsubmit={(e) => void takeIn(e)}>
        <input
          class="field w-auto"
          type="file"
          accept=".zip,application/zip"
          aria-label="The backup file"
          bind:files
          required
        />
        <button class="act first" disabled={working}>{working ? 'Restoring…' : 'Restore'}</button>
      </form>
    {/if}
    {#if trouble}<p class="mt-3 text-madder" role="alert">{trouble}</p>{/if}
  </section>
</DoorFrame>
