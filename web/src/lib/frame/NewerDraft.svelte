<!-- A month was proofed and its draft has changed since: what goes out and is cut, and what differs. -->
<script lang="ts">
  import { words } from './words';
  import { page } from '$app/state';
  import ChangesSince from '$lib/look/ChangesSince.svelte';
  import { useWorkbench } from './workbench.svelte';

  let { month }: { month: string } = $props();
  const bench = useWorkbench();
  interface Since {
    versions: { version: number }[];
    since: { colourway: string; says: string[] }[];
  }
  let found: Since | undefined = $state.raw();
  const release = $derived(
    (page.data.releases as { month: string; state: string; version: number }[] | undefined)?.find((r) => r.month === month),
  );
  const address = $derived(`/api/programmes/${bench.slug}/sheets/${month}`);
  $effect(() => {
    // Whatever is saved may change what differs.
    void bench.saver.revision;
    found = undefined;
    if (release) void load(address);
  });
  async function load(from: string) {
    const answer = await fetch(from).catch(() => undefined);
    if (from === address && answer?.ok) found = (await answer.json()) as Since;
  }
</script>

{#if release && found && found.since.length > 0}
  <section class="no-print mt-4 mb-4 border-l-4 border-weld bg-edge px-4 py-2" aria-label={words.aNewerDraft}>
    <p>
      {words.theDraftHasChangedSince(
        release.state === 'released' ? words.released : words.proofed,
        release.version,
        release.state === 'released' ? words.participantsPages : words.theRelease,
      )}
      {#if release.state === 'released'}{words.sendACorrectionPublishThe}{:else}{words.useTheChangesProofIt}{/if}{words.under}
      <a class="link" href="/programmes/{bench.slug}/months/{month}/release">{words.release}</a>.
    </p>
    <details class="mt-1">
      <summary class="cursor-pointer">{words.whatDiffers}</summary>
      <ChangesSince since={found.since} />
    </details>
  </section>
{/if}
