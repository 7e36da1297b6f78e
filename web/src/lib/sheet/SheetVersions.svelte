<!-- Versions of a month's sheet: published ones stay as they were; what has changed since is said in words, as an erratum would. -->
<script lang="ts">
  import { trySendOnce } from '$lib/ask/send-once';
  import { words } from './words';
  import { page } from '$app/state';
  import { dayText } from '$lib/look/day-text';
  import { useWorkbench } from '$lib/frame/workbench.svelte';
  import ChangesSince from '$lib/look/ChangesSince.svelte';

  let { month }: { month: string } = $props();
  const bench = useWorkbench();
  interface Versions {
    versions: { version: number; revision: number; published: string }[];
    since: { colourway: string; says: string[] }[];
  }
  let found: Versions | undefined = $state.raw();
  let trouble = $state('');
  let told = $state('');
  let already = $state('');
  const address = $derived(`/api/programmes/${bench.slug}/sheets/${month}`);
  const saved = $derived(bench.saver.state === 'saved');

  async function load(from: string) {
    const answer = await fetch(from).catch(() => undefined);
    if (from !== address) return;
    if (answer?.ok) found = (await answer.json()) as Versions;
    trouble = answer?.ok ? '' : words.weCouldntLoadTheVersions;
  }
  $effect(() => {
    // Whatever is saved may change what the newest version says otherwise.
    void bench.saver.revision;
    void load(address);
  });
  async function publish() {
    told = '';
    const answer = await trySendOnce(address, { body: { already } });
    const result = (await answer?.json().catch(() => undefined)) as
      { kind?: string; version?: number; message?: string } | undefined;
    if (!answer?.ok) trouble = result?.message ?? words.weCantReachTheServer;
    else
      told =
        result?.kind === 'same'
          ? words.nothingHasChangedSinceVersion(result.version)
          : words.versionIsPublished(result?.version);
    if (answer?.ok) already = '';
    await load(address);
  }
  const newest = $derived(found?.versions[0]);
</script>

<section class="mt-6" aria-label={words.versions}>
  <h2 class="border-b border-ink pb-1 text-lead">{words.versions}</h2>
  {#if found && !newest}<p class="mt-2 text-quiet">{words.notPublishedYetOncePublished}</p>{/if}
  <ul>
    {#each found?.versions ?? [] as v (v.version)}
      <li class="flex items-baseline justify-between gap-2 border-b border-rule py-1.5" data-version={v.version}>
        <span><b>{words.version(v.version)}</b>, {dayText(v.published.slice(0, 10), page.data.locale)}</span>
        <a
          class="link text-note"
          download
          href="sheet/files/sheet.pdf?{new URLSearchParams([
            ...[...page.url.searchParams].filter(([k]) => k !== 'version'),
            ['version', String(v.version)],
          ])}">{words.pdf}</a
        >
      </li>
    {/each}
  </ul>
  {#if newest && found && found.since.length > 0}
    <div class="mt-2" data-since={newest.version}>
      <p>{words.sinceVersion(newest.version)}</p>
      <ChangesSince since={found.since} />
      <label class="mt-2 block"
        ><span class="text-note text-quiet">{words.inTheEmailToEveryone(newest.version)}</span>
        <textarea class="textarea" maxlength="1000" placeholder={words.stopThereAndAskUs} bind:value={already}
        ></textarea></label
      >
    </div>
  {/if}
  {#if trouble}<p class="mt-2 text-madder" role="alert">{trouble}</p>{/if}
  {#if told}<p class="mt-2" role="status">{told}</p>{/if}
  <p class="mt-2">
    <button class="btn" disabled={!saved} onclick={() => void publish()}
      >{words.publish(newest ? words.version2(newest.version + 1) : words.thisSheet)}</button
    >
  </p>
</section>
