<script lang="ts">
  import { sendOnce } from '$lib/ask/send-once';
  import { words } from './words';
  import { page } from '$app/state';
  import { goto } from '$app/navigation';
  import { coloursOf } from '$lib/frame/programme-view';
  import { dayText } from '$lib/look/day-text';
  import Picture from '$lib/look/Picture.svelte';
  import { dropTargetForExternal } from '@atlaskit/pragmatic-drag-and-drop/external/adapter';
  import { containsFiles, getFiles } from '@atlaskit/pragmatic-drag-and-drop/external/file';
  import Problems from '$lib/look/Problems.svelte';
  import Tools from '$lib/frame/Tools.svelte';
  import { blockDrawing } from '@aggrega/core/block';
  import { Exact } from '@aggrega/core/measure';
  import { readProgramme, type ReadResult } from '@aggrega/core/programme';

  const LARGEST = 8 * 1024 * 1024;
  let file: { name: string; document: unknown; reading: ReadResult } | undefined = $state.raw();
  let trouble = $state('');
  let busy = $state(false);
  let over = $state(false);

  /** Reads and checks the file on this device; nothing is sent before the preview was seen. */
  const takesFile = (element: HTMLElement) =>
    dropTargetForExternal({
      element,
      canDrop: containsFiles,
      onDragEnter: () => (over = true),
      onDragLeave: () => (over = false),
      onDrop: ({ source }) => {
        over = false;
        void look(getFiles({ source })[0]);
      },
    });

  async function look(chosen: File | undefined) {
    file = undefined;
    trouble = '';
    if (!chosen) return;
    if (chosen.size > LARGEST) return void (trouble = words.isLargerThan8Mb(chosen.name));
    try {
      const document: unknown = JSON.parse((await chosen.text()).replace(/^\uFEFF/, ''));
      file = { name: chosen.name, document, reading: readProgramme(document) };
    } catch (error) {
      trouble = words.isntAProgrammeFile(chosen.name, (error as Error).message);
    }
  }

  async function write() {
    busy = true;
    trouble = '';
    try {
      const response = await sendOnce('/api/import', { body: file!.document as object });
      const answer = (await response.json()) as {
        kind?: string;
        slug?: string;
        message?: string;
        errors?: { path: string; message: string }[];
      };
      if (answer.kind === 'imported') return void (await goto(`/programmes/${answer.slug}`));
      trouble =
        answer.message ?? answer.errors?.map((e) => `${e.path} ${e.message}`).join('; ') ?? words.theServerRefusedItNothing;
    } catch {
      trouble = words.weCantReachTheServerNothing;
    } finally {
      busy = false;
    }
  }
</script>

<svelte:head><title>{words.importAggrega}</title></svelte:head>

<main id="page" tabindex="-1" class="mx-auto max-w-5xl px-7 pb-16">
  <header class="flex items-end pt-8">
    <div class="mr-auto">
      <p><a class="link text-quiet" href="/">{words.desk}</a></p>
      <h1 class="text-title">{words.importAProgramme}</h1>
    </div>
    <Tools />
  </header>

  <label
    class="mt-6 block cursor-pointer border-2 border-dashed px-6 py-8 {over ? 'border-weld bg-edge' : 'border-quiet'}"
    {@attach takesFile}
  >
    <span class="block text-lead">{words.chooseAFile} <code>{words.nameAggregaJson}</code>{words.orDropItHere}</span>
    <span class="block text-quiet">{words.youllSeeAPreviewFirst}</span>
    <input
      class="mt-3 block file:mr-3 file:cursor-pointer file:border file:border-ink file:px-3 file:py-1.5"
      type="file"
      accept=".json,application/json"
      onchange={(e) => look(e.currentTarget.files?.[0])}
    />
  </label>

  {#if trouble}<p class="mt-5 text-madder" role="alert">{trouble}</p>{/if}

  {#if file && !file.reading.ok}
    <div class="mt-8">
      <Problems
        problems={file.reading.errors}
        document={file.document}
        title={words.cantBeImportedToFix(
          file.name,
          file.reading.errors.length === 1 ? words.oneThing : words.things(file.reading.errors.length),
        )}
      />
      <p class="mt-4 text-quiet">{words.nothingWasImportedFixThese}</p>
    </div>
  {:else if file?.reading.ok}
    {@const { programme, warnings } = file.reading}
    {@const colours = coloursOf(programme.colourways[0]!)}
    <section class="mt-8" aria-label={words.preview}>
      <div class="flex items-end gap-6">
        <div class="mr-auto">
          <h2 class="text-head">{programme.title}</h2>
          <p class="text-quiet">
            {words.monthsBlocksFabrics(
              programme.months.length,
              programme.blocks.length,
              programme.fabrics.length,
              programme.colourways.map((c) => words.peopleIn(programme.participants.get(c.id), c.name)).join(', '),
            )}
          </p>
        </div>
        <button class="btn btn-primary" disabled={busy} onclick={write}
          >{busy ? words.importing : words.importAsANewProgramme}</button
        >
      </div>
      <ul class="mt-4 flex flex-wrap gap-4">
        {#each programme.blocks as block (block.id)}
          <li class="w-24">
            <Picture
              class="w-24"
              drawing={blockDrawing(block, [Exact.of(block.grid[0]), Exact.of(block.grid[1])])}
              {colours}
              label={block.name}
            />
            <span class="text-note">{block.name}</span>
          </li>
        {/each}
      </ul>
      <ol class="mt-4 columns-2 text-note">
        {#each programme.months as month (month.id)}<li class="py-0.5">
            {month.name} <span class="text-quiet">{dayText(month.release, page.data.locale)}</span>
          </li>{/each}
      </ol>
      {#if warnings.length > 0}
        <div class="mt-6">
          <Problems problems={warnings} document={file.document} title={words.worthKnowingBeforeYouImport} />
        </div>
      {/if}
    </section>
  {/if}
</main>
