<!-- The backup of everything that a shop or guild owns, and restoring one. -->
<script lang="ts">
  import { trySendOnce } from '$lib/ask/send-once';
  import { words } from './words';
  import { goto } from '$app/navigation';
  import DoorFrame from '$lib/frame/DoorFrame.svelte';

  let { data }: { data: App.PageData & { programmes: number } } = $props();
  let files: FileList | undefined = $state();
  let working = $state(false);
  let trouble = $state('');

  async function takeIn(e: SubmitEvent) {
    e.preventDefault();
    const file = files?.[0];
    if (!file) return;
    [working, trouble] = [true, ''];
    const answer = await trySendOnce('/api/archive', { body: file });
    working = false;
    if (answer?.ok) return void (await goto('/', { invalidateAll: true }));
    const said = (await answer?.json().catch(() => undefined)) as { message?: string } | undefined;
    trouble = said?.message ?? words.weCantReachTheServer;
  }
</script>

<DoorFrame title={words.backup} about={data.who?.house ?? ''}>
  <section class="mt-6" aria-label={words.backUp}>
    <h2 class="text-head">{words.backUpEverything}</h2>
    <p class="mt-2 max-w-prose">
      {words.oneZipFileWithAll}
    </p>
    <p class="mt-3"><a class="btn btn-primary" href="/archive/archive.zip" download>{words.downloadTheBackup}</a></p>
  </section>
  <section class="mt-10" aria-label={words.restore}>
    <h2 class="text-head">{words.restoreABackup}</h2>
    {#if data.programmes > 0}
      <p class="mt-2 max-w-prose">
        {words.youCanOnlyRestoreInto} <a class="link" href="/begin">{words.setUpANewOne}</a>{words.andRestoreThere}
      </p>
    {:else}
      <p class="mt-2 max-w-prose">
        {words.switchTheOldServerOff} <a class="link" href="/house">{words.team}</a>
        {words.andMustBeInvitedAgain}
      </p>
      <form class="mt-3 flex flex-wrap items-center gap-3" onsubmit={(e) => void takeIn(e)}>
        <input
          class="file-input w-auto"
          type="file"
          accept=".zip,application/zip"
          aria-label={words.theBackupFile}
          bind:files
          required
        />
        <button class="btn btn-primary" disabled={working}>{working ? words.restoring : words.restore}</button>
      </form>
    {/if}
    {#if trouble}<p class="mt-3 text-madder" role="alert">{trouble}</p>{/if}
  </section>
</DoorFrame>
